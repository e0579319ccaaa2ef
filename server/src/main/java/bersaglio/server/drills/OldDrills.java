package bersaglio.server.drills;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;

/** Drill versions are never rewritten where they are stored: what an earlier form lacks is added as they are read. */
final class OldDrills {

    private OldDrills() {}

    /** Levels had one zone of their own instead of a target set, and the drill what was in use. */
    static JsonValue raised(JsonValue stored) {
        JsonObject drill = stored.asObject();
        if (drill.get("inUse") == null) {
            return stored;
        }
        JsonObject raised = new JsonObject(drill);
        String id = drill.getString("id", "");
        String family = id.substring(0, Math.max(1, id.lastIndexOf('-')));
        JsonArray levels = new JsonArray();
        for (JsonValue level : drill.get("levels").asArray()) {
            levels.add(level(level.asObject(), drill, family));
        }
        return raised.remove("inUse").set("family", family).set("levels", levels);
    }

    private static JsonObject level(JsonObject level, JsonObject drill, String family) {
        JsonObject zone = level.get("zone").asObject();
        JsonObject target = Json.object()
                .add("id", family)
                .add("version", 1)
                .add("name", zone.get("name"))
                .add("court", drill.get("court"))
                .add("inUse", Json.object().add("region", drill.get("inUse")).add("tie", "COURT"))
                .add("bounce", "FIRST")
                .add(
                        "zones",
                        new JsonArray()
                                .add(Json.object()
                                        .add("number", zone.get("number"))
                                        .add("name", zone.get("name"))
                                        .add("plane", zone.get("plane"))
                                        .add("tie", zone.get("tie"))
                                        .add(
                                                "asks",
                                                Json.object()
                                                        .add("kind", "SPOT")
                                                        .add("area", zone.get("area")))))
                .add("precedence", new JsonArray());
        return new JsonObject(level).remove("zone").set("target", target).set("ring", 0);
    }
}
