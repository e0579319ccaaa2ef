package bersaglio.server.charting;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.problem.Refused;
import bersaglio.server.problem.ProblemView;
import bersaglio.server.problem.Words;
import bersaglio.wire.EventCodec;
import bersaglio.wire.Fields;
import bersaglio.wire.view.GroupView;
import bersaglio.wire.view.MatchView;
import bersaglio.wire.view.SetView;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonValue;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Charting over HTTP. */
@RestController
class EventController {

    private static final int MOST_EVENTS = 100;

    private final Charting charting;
    private final ChartKinds kinds;
    private final Words words;
    private final Clock clock;

    EventController(Charting charting, ChartKinds kinds, Words words, Clock clock) {
        this.charting = charting;
        this.kinds = kinds;
        this.words = words;
        this.clock = clock;
    }

    /** The fates of a batch, one for each of its events, and the server's time in milliseconds since 1970. */
    record EventAnswers(List<EventAnswer> answers, long serverTime) {}

    /**
     * What became of an event.
     *
     * @param apart   whether it is kept apart, since another device has taken over the run
     * @param problem why it was refused or must be kept
     */
    record EventAnswer(String id, Charting.Fate fate, boolean apart, @Nullable ProblemView problem) {}

    /** A run's events in order, the kind of chart that it is, and what they make, under the name of that kind. */
    record RunView(
            String kind,
            @Schema(ref = "#/components/schemas/SetView") @Nullable SetView set,
            @Schema(ref = "#/components/schemas/GroupView") @Nullable GroupView group,
            @Schema(ref = "#/components/schemas/MatchView") @Nullable MatchView match,
            List<EventDocs.EventView> events) {}

    @PostMapping(path = "/api/events", consumes = MediaType.APPLICATION_JSON_VALUE)
    EventAnswers receive(
            @RequestBody(
                            required = true,
                            content = @Content(schema = @Schema(implementation = EventDocs.EventBatch.class)))
                    @org.springframework.web.bind.annotation.RequestBody
                    byte[] body) {
        JsonValue events = Fields.parse(new String(body, StandardCharsets.UTF_8));
        JsonValue list = events.isObject() ? events.asObject().get("events") : null;
        if (list == null || !list.isArray()) {
            throw new Refused("wrong_type", "events", list == null ? "nothing" : list.toString(), "a list of events");
        }
        if (list.asArray().size() > MOST_EVENTS) {
            throw new Refused("out_of_range", "events", list.asArray().size() + " events", "at most " + MOST_EVENTS);
        }
        List<JsonValue> batch = new ArrayList<>();
        list.asArray().forEach(batch::add);
        return new EventAnswers(
                charting.receive(batch).stream().map(this::answer).toList(), clock.millis());
    }

    /** The events of a run as they were written, with what they make. */
    @GetMapping(path = "/api/runs/{run}", produces = MediaType.APPLICATION_JSON_VALUE)
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = RunView.class)))
    String run(@PathVariable UUID run) {
        List<ChartEvent> events = charting.eventsOf(run);
        if (events.isEmpty()) {
            throw new Refused("unknown_id", "run", run.toString(), "a run that was opened");
        }
        JsonArray written = new JsonArray();
        events.forEach(event -> written.add(EventCodec.encode(event)));
        return kinds.of(events).view().add("events", written).toString();
    }

    private EventAnswer answer(Charting.Answer answer) {
        return new EventAnswer(
                answer.id(),
                answer.fate(),
                answer.apart(),
                answer.problem()
                        .map(problem -> ProblemView.of(
                                problem.code().equals("id_reused") ? HttpStatus.CONFLICT : HttpStatus.BAD_REQUEST,
                                problem,
                                words))
                        .orElse(null));
    }
}
