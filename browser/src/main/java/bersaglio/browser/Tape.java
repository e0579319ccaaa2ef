package bersaglio.browser;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.EventBody;
import bersaglio.core.problem.Refused;
import bersaglio.wire.EventCodec;
import bersaglio.wire.Fields;
import bersaglio.wire.format.ProblemFormat;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;

/** The events of one run in the page. */
final class Tape {

    private final List<ChartEvent> events = new ArrayList<>();

    List<ChartEvent> events() {
        return events;
    }

    /**
     * Adds one event, or a list of them.
     *
     * @param allowed refuses what cannot come next, where it comes by itself
     * @param shown   what the run makes with them
     * @return what is shown; or, with nothing added, the {@code problem}
     */
    String append(String json, Consumer<EventBody> allowed, Function<List<ChartEvent>, JsonObject> shown) {
        int before = events.size();
        try {
            JsonValue parsed = Fields.parse(json);
            if (parsed.isArray()) {
                parsed.asArray().forEach(event -> events.add(EventCodec.decode(event)));
            } else {
                ChartEvent event = EventCodec.decode(parsed);
                allowed.accept(event.what());
                events.add(event);
            }
            return shown.apply(events).toString();
        } catch (Refused refused) {
            events.subList(before, events.size()).clear();
            return Json.object()
                    .add("problem", ProblemFormat.encode(refused.problem()))
                    .toString();
        }
    }
}
