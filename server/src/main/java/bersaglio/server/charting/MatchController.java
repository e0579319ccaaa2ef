package bersaglio.server.charting;

import bersaglio.core.advice.MatchReview;
import bersaglio.core.advice.PlacementTally;
import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.MatchChart;
import bersaglio.core.charting.MatchEvent.Lineup;
import bersaglio.core.charting.MatchEvent.MatchOpened;
import bersaglio.core.match.Team;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.wire.view.MatchReviewView;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Matches as they are listed; what one is in full, its run tells. */
@RestController
class MatchController {

    private static final int MOST = 60;

    private final MatchStore store;
    private final Generations generations;
    private final KnownPlayers players;
    private final Charting charting;

    MatchController(MatchStore store, Generations generations, KnownPlayers players, Charting charting) {
        this.store = store;
        this.generations = generations;
        this.players = players;
        this.charting = charting;
    }

    /**
     * A match.
     *
     * @param game  whether it was a game within practice
     * @param score of each set or game, the one that is on last
     * @param one   players of the team that was named first
     * @param two   of the other; nobody where that was not of the club
     */
    record MatchLine(
            UUID run,
            long openedAt,
            String sport,
            String format,
            boolean game,
            String score,
            int rallies,
            boolean ended,
            @Nullable String winner,
            List<UUID> one,
            List<UUID> two) {

        static MatchLine of(MatchStore.Line line) {
            return new MatchLine(
                    line.run(),
                    line.openedAt(),
                    line.sport(),
                    line.format(),
                    line.game(),
                    line.score(),
                    line.rallies(),
                    line.ended(),
                    line.winner(),
                    line.one(),
                    line.two());
        }
    }

    /** The latest comes first, at most 60. */
    @GetMapping("/api/matches")
    List<MatchLine> matches() {
        return store.latest(generations.present(), MOST).stream()
                .map(MatchLine::of)
                .toList();
    }

    /** Those of a player, the latest first, at most 60. */
    @GetMapping("/api/players/{player}/matches")
    List<MatchLine> matches(@PathVariable String player) {
        players.require(player);
        return store.of(generations.present(), Ids.parse("player", player), MOST).stream()
                .map(MatchLine::of)
                .toList();
    }

    /**
     * What a player's placements came to against an opponent, all matches together.
     *
     * @param but a match that is left out, as whoever asks has it
     */
    @GetMapping("/api/players/{player}/placements/{against}")
    List<PlacementTally> placements(@PathVariable String player, @PathVariable String against, @RequestParam UUID but) {
        players.require(player);
        players.require(against);
        return store.placements(generations.present(), Ids.parse("player", player), Ids.parse("against", against), but);
    }

    /**
     * What a match says of a team, with what is known of earlier matches against the same opponent.
     *
     * @param player of the team, from 0; -1 for all of it
     */
    @GetMapping("/api/matches/{run}/review/{team}")
    MatchReviewView review(
            @PathVariable UUID run, @PathVariable Team team, @RequestParam(defaultValue = "-1") int player) {
        Check.requireBetween("player", player, -1, 1);
        List<ChartEvent> events = charting.eventsOf(run);
        if (events.isEmpty() || !(events.get(0).what() instanceof MatchOpened opened)) {
            throw new Refused("unknown_id", "run", run.toString(), "a match that was opened");
        }
        Lineup lineup = opened.lineup();
        List<String> own = team == Team.ONE ? lineup.one() : lineup.two();
        List<String> against = team == Team.ONE ? lineup.two() : lineup.one();
        boolean oneEach = own.size() == 1 && against.size() == 1;
        List<PlacementTally> earlier = oneEach
                ? store.placements(
                        generations.present(), UUID.fromString(own.get(0)), UUID.fromString(against.get(0)), run)
                : List.of();
        return MatchReviewView.of(MatchReview.of(MatchChart.replay(events), team, player, earlier));
    }
}
