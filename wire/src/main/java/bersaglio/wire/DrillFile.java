package bersaglio.wire;

import bersaglio.core.drill.Drill;
import bersaglio.core.problem.Refused;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;

/** A drill as a file for another club: its shape is published as a schema. */
public final class DrillFile {

    /** The number of the shape that this writes and reads. */
    public static final int SCHEMA = 1;

    private static final String FORMAT = "bersaglio-drill";

    private DrillFile() {}

    public static JsonObject encode(Drill drill) {
        return Json.object().add("format", FORMAT).add("schema", SCHEMA).add("drill", DrillCodec.encode(drill));
    }

    /** @throws Refused when it is of a newer schema, or what is wrong in it by the path of its field */
    public static Drill decode(JsonValue file) {
        Fields fields = Fields.of("", file);
        String format = fields.text("format");
        if (!format.equals(FORMAT)) {
            throw new Refused("not_allowed", "format", format, FORMAT);
        }
        int schema = fields.count("schema");
        if (schema > SCHEMA) {
            throw new Refused("newer_format", "schema", Integer.toString(schema), "at most " + SCHEMA);
        }
        if (schema < 1) {
            throw new Refused("out_of_range", "schema", Integer.toString(schema), "1 to " + SCHEMA);
        }
        Fields drill = fields.object("drill");
        return drill.at(() -> DrillCodec.decode(drill.json()));
    }
}
