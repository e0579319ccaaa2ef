package bersaglio.wire;

import bersaglio.core.drill.Drill;
import bersaglio.wire.format.DrillFormat;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;

/** A drill version as JSON; what was written before there were other goals is raised. */
public final class DrillCodec {

    private DrillCodec() {}

    public static JsonObject encode(Drill drill) {
        return DrillFormat.encode(drill).add("court", drill.court().id());
    }

    public static Drill decode(JsonValue json) {
        return DrillFormat.decode(Fields.of("", raised(json)));
    }

    private static JsonValue raised(JsonValue json) {
        if (!json.isObject() || !(json.asObject().get("levels") instanceof JsonArray levels)) {
            return json;
        }
        JsonArray raised = new JsonArray();
        levels.forEach(level -> raised.add(level.isObject() ? withGoal(level.asObject()) : level));
        return new JsonObject(json.asObject()).set("levels", raised);
    }

    /** Before there were other goals, a level had its quota. */
    private static JsonObject withGoal(JsonObject level) {
        JsonValue quota = level.get("quota");
        if (level.get("goal") != null || quota == null || !quota.isObject()) {
            return level;
        }
        JsonObject goal = Json.object().add("kind", "QUOTA");
        quota.asObject().forEach(field -> goal.add(field.getName(), field.getValue()));
        return new JsonObject(level).set("goal", goal);
    }
}
