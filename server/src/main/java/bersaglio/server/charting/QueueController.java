package bersaglio.server.charting;

import bersaglio.core.drill.Drills;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Queues over HTTP, so that two devices at one drill hear of each other. */
@RestController
class QueueController {

    /** An open set of an earlier session is no queue that anybody stands in. */
    private static final Duration STANDS = Duration.ofHours(3);

    private final EventLog log;
    private final ResultStore results;
    private final Drills drills;
    private final Clock clock;

    QueueController(EventLog log, ResultStore results, Drills drills, Clock clock) {
        this.log = log;
        this.results = results;
        this.drills = drills;
        this.clock = clock;
    }

    /** A queue with sets that are open, and who stands in it, in the order in which they first hit. */
    record OpenQueue(String queue, List<String> players) {}

    @GetMapping("/api/drills/{drill}/queues")
    List<OpenQueue> open(@PathVariable String drill) {
        drills.known(drill);
        Map<String, List<String>> queues = new LinkedHashMap<>();
        results.openSince(drill, clock.millis() - STANDS.toMillis()).forEach((run, player) -> log.opening(run)
                .flatMap(opening -> opening.occasion().queue())
                .ifPresent(queue ->
                        queues.computeIfAbsent(queue, one -> new ArrayList<>()).add(player)));
        return queues.entrySet().stream()
                .map(one -> new OpenQueue(one.getKey(), one.getValue()))
                .toList();
    }
}
