package bersaglio.server.players;

import bersaglio.core.charting.Ledger;
import bersaglio.core.charting.LevelRate;
import bersaglio.core.charting.NotedShots;
import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetReading;
import bersaglio.core.charting.SetResult;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.goal.Tally;
import bersaglio.core.plan.Stand;
import bersaglio.core.problem.Refused;
import bersaglio.server.charting.Landings;
import bersaglio.server.charting.Ledgers;
import bersaglio.server.charting.Notes;
import bersaglio.server.charting.Results;
import bersaglio.server.charting.Standings;
import bersaglio.wire.view.LevelRateView;
import bersaglio.wire.view.ReadingView;
import bersaglio.wire.view.SetLine;
import bersaglio.wire.view.VerdictView;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A player's record on one drill. */
@RestController
class RecordController {

    private static final int SETS_A_PAGE = 24;
    private static final int MOST_MOVES = 60;

    private final Players players;
    private final Results results;
    private final Notes notes;
    private final Landings landings;
    private final Ledgers ledgers;
    private final Standings standings;
    private final Drills drills;
    private final Clock clock;

    RecordController(
            Players players,
            Results results,
            Notes notes,
            Landings landings,
            Ledgers ledgers,
            Standings standings,
            Drills drills,
            Clock clock) {
        this.players = players;
        this.results = results;
        this.notes = notes;
        this.landings = landings;
        this.ledgers = ledgers;
        this.standings = standings;
        this.drills = drills;
        this.clock = clock;
    }

    /**
     * A player's record on a drill version, and on one wing, hand or side of it where the drill keeps them apart.
     *
     * @param setsToMove the fewest further sets after which the rule could move the player up; absent where none would
     * @param sets       at most {@value #SETS_A_PAGE} of them in the order they were held, the latest unless earlier ones
     *                   were asked for
     * @param earlier    how many there are before these
     * @param moved      sets after which the level was another, without what was said of them, at most the latest {@value #MOST_MOVES}
     * @param landings   of these sets
     */
    record RecordView(
            String drill,
            String track,
            int level,
            Stand.State state,
            @Nullable Integer setsToMove,
            @Nullable VerdictView verdict,
            List<ReadingView> sets,
            int earlier,
            List<SetLine> moved,
            List<LevelRateView> rates,
            List<BrokeView> broke,
            List<Landings.Landing> landings) {}

    /** How often attempts at the present level broke at a count. */
    record BrokeView(int at, int times) {}

    /** @param before the run of a set: sets held before it are told; the latest where it is left out */
    @GetMapping("/api/players/{player}/record")
    RecordView record(
            @PathVariable UUID player,
            @RequestParam String drill,
            @RequestParam(defaultValue = "") String track,
            @RequestParam(required = false) @Nullable UUID before) {
        players.known(player);
        Drill version = drills.known(drill);
        List<String> tracks = version.design().tracks();
        if (!tracks.contains(track)) {
            throw new Refused("not_allowed", "track", track, String.join(", ", tracks));
        }
        Ledger ledger = ledgers.of(player, version, track);
        int to = before == null ? ledger.sets().size() : placeOf(before.toString(), ledger.sets());
        int from = Math.max(0, to - SETS_A_PAGE);
        List<SetReading> readings = ledger.readings(from, to);
        List<UUID> runs = readings.stream()
                .map(reading -> UUID.fromString(reading.set().run()))
                .toList();
        Map<UUID, Said> said = results.saidOf(runs);
        OptionalInt toMove = ledger.setsToMove();
        List<Notes.Noted> noted =
                version.design().unit().balls() == 1 ? notes.notedOn(player, drill, track) : List.of();
        List<SetResult> moved = ledger.moved();
        return new RecordView(
                drill,
                track,
                ledger.level(),
                Stand.of(standings.of(player).on(version, track), clock.millis())
                        .state(),
                toMove.isPresent() ? Integer.valueOf(toMove.getAsInt()) : null,
                ledger.verdictNow().map(VerdictView::of).orElse(null),
                readings.stream()
                        .map(reading -> ReadingView.of(reading.saying(Optional.ofNullable(
                                said.get(UUID.fromString(reading.set().run()))))))
                        .toList(),
                from,
                moved.subList(Math.max(0, moved.size() - MOST_MOVES), moved.size()).stream()
                        .map(SetLine::of)
                        .toList(),
                ledger.rates().stream()
                        .map(rate -> LevelRateView.of(rate, netClips(rate, noted)))
                        .toList(),
                ledger.broke(ledger.level()).entrySet().stream()
                        .map(one -> new BrokeView(one.getKey(), one.getValue()))
                        .toList(),
                landings.landingsOf(runs));
    }

    private static int placeOf(String run, List<SetResult> sets) {
        for (int place = 0; place < sets.size(); place++) {
            if (sets.get(place).run().equals(run)) {
                return place;
            }
        }
        throw new Refused("unknown_id", "before", run, "the run of a set of this record");
    }

    /** Net clips at a level; a unit of several balls is not one shot, so that none of its shots can be left out. */
    private static Tally netClips(LevelRate rate, List<Notes.Noted> noted) {
        return NotedShots.netClips(noted.stream()
                .filter(one -> one.level() == rate.level() && one.laid().equals(rate.laid()))
                .map(Notes.Noted::shots)
                .toList());
    }
}
