package bersaglio.wire;

import bersaglio.core.court.Point;
import bersaglio.core.target.Change;
import bersaglio.core.target.Conditions;
import bersaglio.wire.format.ConditionsFormat;
import bersaglio.wire.format.PointFormat;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonValue;
import java.util.List;

/** What a page asks of a target: under which conditions, where, and what to change. */
public final class ConditionsCodec {

    private ConditionsCodec() {}

    public static Conditions conditions(JsonValue json) {
        return ConditionsFormat.decode(Fields.of("conditions", json));
    }

    public static List<Point> places(JsonValue json) {
        return Fields.of("", Json.object().add("places", json)).each("places", PointFormat::decode);
    }

    public static Change change(JsonValue json) {
        Fields change = Fields.of("change", json);
        return switch (change.oneOf("kind", Kind.values())) {
            case MIRROR -> new Change.Mirrored();
            case OTHER_END -> new Change.OtherEnd();
            case SCALE -> new Change.Scaled(change.number("factor"), PointFormat.decode(change.object("about")));
        };
    }

    private enum Kind {
        MIRROR,
        OTHER_END,
        SCALE
    }
}
