package bersaglio.server.charting;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.problem.Problem;
import bersaglio.core.problem.Refused;
import bersaglio.wire.EventCodec;
import com.eclipsesource.json.JsonValue;
import java.util.UUID;

/** An event as it came in: one that can be read, or one that is answered with its problem when its turn comes. */
sealed interface Arrival {

    String id();

    String run();

    record Readable(ChartEvent event, UUID session) implements Arrival {
        @Override
        public String id() {
            return event.id();
        }

        @Override
        public String run() {
            return event.run();
        }
    }

    record Unreadable(String id, String run, Problem problem) implements Arrival {}

    static Arrival of(JsonValue json) {
        try {
            ChartEvent event = EventCodec.decode(json);
            return new Readable(event, Ids.parse("session", event.session()));
        } catch (Refused refused) {
            return new Unreadable(text(json, "id"), text(json, "run"), refused.problem());
        }
    }

    private static String text(JsonValue json, String name) {
        JsonValue value = json.isObject() ? json.asObject().get(name) : null;
        return value != null && value.isString() ? value.asString() : "";
    }
}
