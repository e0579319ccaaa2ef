package bersaglio.wire;

import bersaglio.core.court.Point;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;
import bersaglio.core.target.Change;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.Conditions.Laid;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a page asks of a target: under which conditions, where, and what to change. */
public final class ConditionsCodec {

    private ConditionsCodec() {}

    public static Conditions conditions(JsonValue json) {
        Fields given = Fields.of("conditions", json);
        return new Conditions(
                given.oneOf("hand", Hand.values()),
                given.oneOf("from", From.values()),
                given.oneOf("opponent", Hand.values()),
                given.has("stance") ? Optional.of(TargetCodec.stance(given.object("stance"))) : Optional.empty(),
                laid(given));
    }

    static List<Laid> laid(Fields holder) {
        List<Laid> laid = new ArrayList<>();
        for (Fields one : holder.objectsIfAny("laid")) {
            laid.add(new Laid(one.count("zone"), AreaCodec.decode(one.object("area"))));
        }
        return laid;
    }

    static JsonArray encode(List<Laid> laid) {
        JsonArray json = new JsonArray();
        laid.forEach(one -> json.add(Json.object().add("zone", one.zone()).add("area", AreaCodec.encode(one.area()))));
        return json;
    }

    public static List<Point> places(JsonValue json) {
        List<Point> places = new ArrayList<>();
        for (Fields place : Fields.of("", Json.object().add("places", json)).objects("places")) {
            places.add(AreaCodec.point(place));
        }
        return places;
    }

    public static Change change(JsonValue json) {
        Fields change = Fields.of("change", json);
        return switch (change.oneOf("kind", Kind.values())) {
            case MIRROR -> new Change.Mirrored();
            case OTHER_END -> new Change.OtherEnd();
            case SCALE -> new Change.Scaled(change.number("factor"), AreaCodec.point(change.object("about")));
        };
    }

    private enum Kind {
        MIRROR,
        OTHER_END,
        SCALE
    }
}
