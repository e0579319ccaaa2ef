package bersaglio.server.plans;

import bersaglio.core.charting.SetResult;
import bersaglio.core.charting.Volume;
import bersaglio.core.charting.Workload;
import bersaglio.core.plan.Amends;
import bersaglio.server.Days;
import bersaglio.server.charting.Results;
import bersaglio.server.charting.Volumes;
import bersaglio.wire.view.HitRateView;
import bersaglio.wire.view.SetLine;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What was held on a day, and what of it was put right or never known. */
@RestController
class SessionController {

    private final Results results;
    private final Volumes volumes;
    private final Clock clock;

    SessionController(Results results, Volumes volumes, Clock clock) {
        this.results = results;
        this.volumes = volumes;
        this.clock = clock;
    }

    /** @param hits and {@code trials} of the set as it counts */
    record HeldView(SetLine set, int hits, int trials) {

        static HeldView of(SetResult set) {
            return new HeldView(
                    SetLine.of(set),
                    set.attempt().tally().hits(),
                    set.attempt().tally().trials());
        }
    }

    /** @param balls in sets of the player's own and of partners; {@code rate} of the player's own */
    record WorkView(UUID player, int balls, HitRateView rate) {}

    /**
     * A day on court.
     *
     * @param before the last day before it on which sets were held, as an ISO date; absent when there is none
     * @param after  the first one after it
     * @param sets   in the order in which they were held
     */
    record SessionView(
            String day,
            @Nullable String before,
            @Nullable String after,
            List<HeldView> sets,
            List<WorkView> work,
            Amends amends) {}

    /** @param day an ISO date, of the years 2000 to 2999 */
    @GetMapping("/api/sessions/{day}")
    SessionView session(@PathVariable @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate day) {
        long from = Days.startOf(Days.asked(day), clock);
        long until = Days.startOf(day.plusDays(1), clock);
        List<SetResult> held = results.heldBetween(from, until);
        return new SessionView(
                day.toString(),
                dayOf(results.heldNext(from, false)),
                dayOf(results.heldNext(until, true)),
                held.stream().map(HeldView::of).toList(),
                work(held, volumes.volumesBetween(from, until)),
                Amends.of(held));
    }

    /** Who hit most comes first. */
    private static List<WorkView> work(List<SetResult> held, List<Volume> volumes) {
        Set<String> players = new LinkedHashSet<>();
        volumes.forEach(volume -> players.add(volume.player()));
        return players.stream()
                .map(player -> {
                    Workload load = Workload.of(player, volumes, held);
                    return new WorkView(UUID.fromString(player), load.balls(), HitRateView.of(load.tally()));
                })
                .sorted(Comparator.comparingInt(WorkView::balls).reversed().thenComparing(WorkView::player))
                .toList();
    }

    private @Nullable String dayOf(OptionalLong held) {
        return held.isEmpty()
                ? null
                : LocalDate.ofInstant(Instant.ofEpochMilli(held.getAsLong()), clock.getZone())
                        .toString();
    }
}
