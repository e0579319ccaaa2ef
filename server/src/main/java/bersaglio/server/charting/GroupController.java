package bersaglio.server.charting;

import bersaglio.server.Days;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The groups of a day over HTTP; what one is in full, its run tells. */
@RestController
class GroupController {

    private final GroupStore store;
    private final Generations generations;
    private final Clock clock;

    GroupController(GroupStore store, Generations generations, Clock clock) {
        this.store = store;
        this.generations = generations;
        this.clock = clock;
    }

    /**
     * A group.
     *
     * @param form    its kind
     * @param drill   the version of the drill that was played, where one was named
     * @param players all who were in a turn, in the order in which they first were
     */
    record GroupLine(
            UUID run,
            long openedAt,
            String form,
            @Nullable String drill,
            int turns,
            boolean ended,
            List<UUID> players) {}

    /** @param day an ISO date; the latest group comes first, at most 50 */
    @GetMapping("/api/groups/{day}")
    List<GroupLine> groups(@PathVariable @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate day) {
        return store
                .openedBetween(
                        generations.present(),
                        Days.startOf(Days.asked(day), clock),
                        Days.startOf(day.plusDays(1), clock))
                .stream()
                .map(line -> new GroupLine(
                        line.run(),
                        line.openedAt(),
                        line.form(),
                        line.drill(),
                        line.turns(),
                        line.ended(),
                        line.players()))
                .toList();
    }
}
