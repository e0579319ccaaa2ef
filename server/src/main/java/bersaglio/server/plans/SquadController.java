package bersaglio.server.plans;

import bersaglio.core.charting.Footing;
import bersaglio.core.charting.Reached;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.drill.Figure;
import bersaglio.core.plan.Briefing;
import bersaglio.core.plan.Stand;
import bersaglio.server.charting.Progressions;
import bersaglio.server.charting.Standings;
import bersaglio.server.players.Players;
import bersaglio.server.players.Players.Player;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The whole squad on all that it works on, and the one thing to know of each player before a session. */
@RestController
class SquadController {

    private static final int IMPORTANCE = 1;

    private final Players players;
    private final Progressions progressions;
    private final Standings standings;
    private final Drills drills;
    private final Clock clock;

    SquadController(Players players, Progressions progressions, Standings standings, Drills drills, Clock clock) {
        this.players = players;
        this.progressions = progressions;
        this.standings = standings;
        this.drills = drills;
        this.clock = clock;
    }

    /**
     * Where a player stands on a drill.
     *
     * @param sets     that count at the level since the player came to it
     * @param hits     of the latest of them, and its {@code trials}
     * @param lastHeld in milliseconds since 1970
     */
    record StandView(
            String drill,
            String track,
            int level,
            Stand.State state,
            int sets,
            int hits,
            int trials,
            @Nullable Long lastHeld) {

        static StandView of(String drill, String track, Stand stand) {
            return new StandView(
                    drill,
                    track,
                    stand.level(),
                    stand.state(),
                    stand.sets(),
                    stand.last().hits(),
                    stand.last().trials(),
                    stand.lastHeld().isPresent() ? stand.lastHeld().getAsLong() : null);
        }
    }

    /** What to know of a player, as a code with its figures. */
    record BriefView(String drill, String track, String code, Map<String, Double> figures) {

        static BriefView of(Briefing briefing) {
            Map<String, Double> figures = new LinkedHashMap<>();
            for (Figure figure : briefing.figures()) {
                figures.put(figure.name(), figure.value());
            }
            return new BriefView(briefing.drill(), briefing.track(), briefing.code(), figures);
        }
    }

    record MemberView(UUID player, String name, List<StandView> stands, @Nullable BriefView brief) {}

    record SquadView(List<MemberView> members) {}

    @GetMapping("/api/squad")
    SquadView squad() {
        List<Drill> newest = drills.newest();
        Map<UUID, Set<String>> worksOn = progressions.all();
        Map<UUID, Footing> stands = standings.all();
        return new SquadView(players.all().stream()
                .map(player -> member(
                        player,
                        newest.stream()
                                .filter(drill -> worksOn.getOrDefault(player.id(), Set.of())
                                        .contains(drill.family()))
                                .toList(),
                        stands.getOrDefault(player.id(), standings.ofNobody())))
                .toList());
    }

    private MemberView member(Player player, List<Drill> practised, Footing footing) {
        long now = clock.millis();
        List<StandView> stands = new ArrayList<>();
        List<Briefing.Line> lines = new ArrayList<>();
        for (Drill drill : practised) {
            for (String track : drill.design().tracks()) {
                Reached reached = footing.on(drill, track);
                stands.add(StandView.of(drill.id(), track, Stand.of(reached, now)));
                lines.add(new Briefing.Line(drill.id(), track, reached, IMPORTANCE));
            }
        }
        return new MemberView(
                player.id(),
                player.name(),
                stands,
                Briefing.of(lines, now).map(BriefView::of).orElse(null));
    }
}
