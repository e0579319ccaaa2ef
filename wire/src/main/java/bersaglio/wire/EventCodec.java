package bersaglio.wire;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.EventBody;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;
import bersaglio.wire.format.EventBodyFormat;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;

/**
 * Chart events as JSON. Every body has a version; an older one is raised step by step to the present one, a newer one
 * is refused with the code {@value #NEWER}, so that its sender keeps it.
 */
public final class EventCodec {

    public static final String NEWER = "newer_version";

    private static final int VERSION = 9;

    private EventCodec() {}

    public static ChartEvent decode(JsonValue json) {
        Fields event = Fields.of("", json);
        int version = event.count("v");
        if (version > VERSION) {
            throw new Refused(NEWER, "v", Integer.toString(version), "at most " + VERSION);
        }
        if (version < 1) {
            throw new Refused("out_of_range", "v", Integer.toString(version), "1 to " + VERSION);
        }
        return new ChartEvent(
                event.text("id"),
                event.text("session"),
                event.text("run"),
                event.count("pen"),
                event.text("device"),
                event.count("seq"),
                event.whole("at"),
                event.whole("wall"),
                decodeBody(event.text("kind"), version, event.object("body")));
    }

    /** The body of a kind, as its version had it. */
    public static EventBody decodeBody(String kind, int version, Fields body) {
        if (EventBodyFormat.isKind(kind)) {
            return EventBodyFormat.decode(kind, version < 2 ? raisedTo2(kind, body) : body);
        }
        throw new Refused("unknown_kind", "kind", kind, EventBodyFormat.KINDS);
    }

    // Versions 3 to 9 added kinds and what may be left out: a body of version 2 stands as it is.

    /** Zones had no numbers, and nothing was said of sides, opponents, places and what was laid. */
    private static Fields raisedTo2(String kind, Fields body) {
        return switch (kind) {
            case "set.opened" -> body.with("from", From.RIGHT.name()).with("opponent", Hand.RIGHT.name());
            case "shot.keyed", "shot.called" -> body.with("zone", 0);
            default -> body;
        };
    }

    public static JsonObject encode(ChartEvent event) {
        return Json.object()
                .add("id", event.id())
                .add("kind", kind(event.what()))
                .add("v", VERSION)
                .add("session", event.session())
                .add("run", event.run())
                .add("pen", event.pen())
                .add("device", event.device())
                .add("seq", event.seq())
                .add("at", event.at())
                .add("wall", event.wall())
                .add("body", encodeBody(event.what()));
    }

    public static int version() {
        return VERSION;
    }

    public static String kind(EventBody what) {
        return EventBodyFormat.kind(what);
    }

    public static JsonObject encodeBody(EventBody what) {
        return EventBodyFormat.add(Json.object(), what);
    }
}
