package bersaglio.server.plans;

import bersaglio.core.charting.Footing;
import bersaglio.core.charting.Reached;
import bersaglio.core.charting.SetResult;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.drill.Growth;
import bersaglio.core.plan.Due;
import bersaglio.server.Days;
import bersaglio.server.charting.Progressions;
import bersaglio.server.charting.Results;
import bersaglio.server.charting.Standings;
import bersaglio.server.players.Players;
import bersaglio.server.players.Players.Player;
import bersaglio.wire.view.AdviceView;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The club's day: who is due on what. */
@RestController
class TodayController {

    private static final int IMPORTANCE = 1;

    private final Players players;
    private final Progressions progressions;
    private final Standings standings;
    private final Results results;
    private final Drills drills;
    private final Clock clock;

    TodayController(
            Players players,
            Progressions progressions,
            Standings standings,
            Results results,
            Drills drills,
            Clock clock) {
        this.players = players;
        this.progressions = progressions;
        this.standings = standings;
        this.results = results;
        this.drills = drills;
        this.clock = clock;
    }

    /** The day as an ISO date, and the players due, the neediest first. */
    record TodayView(String day, List<DueView> due) {}

    /**
     * A player due on a drill.
     *
     * @param track     wing, hand or side where the drill keeps them apart, empty where it does not
     * @param need      how much it is needed, for ordering
     * @param lastHeld  when it was last held, in milliseconds since 1970
     * @param setsToday sets held today
     * @param openRun   a set of today that was not closed
     * @param says      what the rules say now at the present level, where there are sets of it
     */
    record DueView(
            UUID player,
            String name,
            String drill,
            String track,
            int level,
            double need,
            @Nullable Long lastHeld,
            int setsToday,
            @Nullable String openRun,
            @Nullable SaysView says) {}

    /** What the rules say, and whether the level still fits: a verdict without the figures that nobody reads before the set. */
    record SaysView(@Nullable Growth growth, int tries, double targetRate, AdviceView advice) {

        static SaysView of(Reached reached, Reached.Says says) {
            return new SaysView(
                    says.growth().orElse(null), reached.sets(), reached.targetRate(), AdviceView.of(says.advice()));
        }
    }

    @GetMapping("/api/today")
    TodayView today() {
        LocalDate day = LocalDate.now(clock);
        List<Player> all = players.all();
        Map<UUID, Set<String>> worksOn = progressions.all();
        Map<UUID, Footing> stands = standings.all();
        Map<String, List<SetResult>> held = heldOn(day);
        List<DueView> due = new ArrayList<>();
        for (Drill drill : drills.newest()) {
            for (Player player : all) {
                if (worksOn.getOrDefault(player.id(), Set.of()).contains(drill.family())) {
                    Footing footing = stands.getOrDefault(player.id(), standings.ofNobody());
                    drill.design()
                            .tracks()
                            .forEach(track -> due.add(dueOn(
                                    drill,
                                    track,
                                    player,
                                    footing.on(drill, track),
                                    held.getOrDefault(key(player.id().toString(), drill.id(), track), List.of()))));
                }
            }
        }
        due.sort(Comparator.comparing((DueView one) -> one.setsToday() > 0)
                .thenComparing(Comparator.comparingDouble(DueView::need).reversed()));
        return new TodayView(day.toString(), due);
    }

    /** The sets of a day that were not struck, by whose they are and what they are of. */
    private Map<String, List<SetResult>> heldOn(LocalDate day) {
        long from = Days.startOf(day, clock);
        long until = Days.startOf(day.plusDays(1), clock);
        return results.heldBetween(from, until).stream()
                .filter(set -> !set.struck())
                .collect(Collectors.groupingBy(
                        set -> key(set.player(), set.rung().drill(), set.rung().track())));
    }

    private static String key(String player, String drill, String track) {
        return player + " " + drill + " " + track;
    }

    private DueView dueOn(Drill drill, String track, Player player, Reached reached, List<SetResult> heldToday) {
        Due due = Due.of(reached, IMPORTANCE, clock.millis());
        OptionalLong lastHeld = due.lastHeld();
        Optional<String> open = heldToday.stream()
                .filter(set -> !set.closing().closed())
                .map(SetResult::run)
                .findFirst();
        return new DueView(
                player.id(),
                player.name(),
                drill.id(),
                track,
                due.level(),
                due.need(),
                lastHeld.isPresent() ? lastHeld.getAsLong() : null,
                (int) heldToday.stream().filter(set -> set.closing().closed()).count(),
                open.orElse(null),
                reached.says().map(says -> SaysView.of(reached, says)).orElse(null));
    }
}
