package bersaglio.server.plans;

import bersaglio.core.charting.Ledger;
import bersaglio.core.charting.SetResult;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.drill.Growth;
import bersaglio.core.drill.Verdict;
import bersaglio.core.plan.Due;
import bersaglio.server.charting.Ledgers;
import bersaglio.server.players.PlayerStore;
import bersaglio.server.players.PlayerStore.Player;
import bersaglio.wire.view.AdviceView;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The club's day: who is due on what. */
@RestController
class TodayController {

    private static final int IMPORTANCE = 1;

    private final PlayerStore players;
    private final Ledgers ledgers;
    private final Drills drills;
    private final Clock clock;

    TodayController(PlayerStore players, Ledgers ledgers, Drills drills, Clock clock) {
        this.players = players;
        this.ledgers = ledgers;
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

        static SaysView of(Verdict verdict) {
            return new SaysView(
                    verdict.growth().orElse(null),
                    verdict.tries(),
                    verdict.targetRate(),
                    AdviceView.of(verdict.advice()));
        }
    }

    @GetMapping("/api/today")
    TodayView today() {
        LocalDate day = LocalDate.now(clock);
        List<DueView> due = new ArrayList<>();
        for (Drill drill : drills.newest()) {
            for (Player player : players.workingOn(drill.family())) {
                drill.design().tracks().forEach(track -> due.add(dueOn(drill, track, player, day)));
            }
        }
        due.sort(Comparator.comparing((DueView one) -> one.setsToday() > 0)
                .thenComparing(Comparator.comparingDouble(DueView::need).reversed()));
        return new TodayView(day.toString(), due);
    }

    private DueView dueOn(Drill drill, String track, Player player, LocalDate day) {
        Ledger ledger = ledgers.of(player.id(), drill, track);
        Due due = Due.of(ledger, drill.level(ledger.level()).targetRate(), IMPORTANCE, clock.millis());
        OptionalLong lastHeld = due.lastHeld();
        List<SetResult> heldToday = ledger.sets().stream()
                .filter(set -> !set.struck() && dayOf(set.heldAt()).equals(day))
                .toList();
        Optional<String> open = heldToday.stream()
                .filter(set -> !set.closed())
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
                (int) heldToday.stream().filter(SetResult::closed).count(),
                open.orElse(null),
                ledger.verdictNow().map(SaysView::of).orElse(null));
    }

    private LocalDate dayOf(long millis) {
        return LocalDate.ofInstant(Instant.ofEpochMilli(millis), clock.getZone());
    }
}
