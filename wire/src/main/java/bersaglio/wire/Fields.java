package bersaglio.wire;

import bersaglio.core.problem.Refused;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import com.eclipsesource.json.ParseException;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Reads a JSON object; whatever is missing or of the wrong kind is refused by the path of its field. */
public final class Fields {

    private static final int LONGEST_TEXT = 400;
    private static final double LARGEST_WHOLE = 9_007_199_254_740_991.0;

    private final String path;
    private final JsonObject json;

    private Fields(String path, JsonObject json) {
        this.path = path;
        this.json = json;
    }

    public static Fields of(String path, JsonValue value) {
        if (!value.isObject()) {
            throw new Refused("wrong_type", path.isEmpty() ? "body" : path, value.toString(), "an object");
        }
        return new Fields(path, value.asObject());
    }

    /** @throws Refused with the place in the text when it is no JSON */
    public static JsonValue parse(String text) {
        try {
            return Json.parse(text);
        } catch (ParseException broken) {
            throw new Refused(
                    "broken_json",
                    "body",
                    "line " + broken.getLocation().line + ", column " + broken.getLocation().column,
                    "JSON");
        }
    }

    public boolean has(String name) {
        JsonValue value = json.get(name);
        return value != null && !value.isNull();
    }

    public String text(String name) {
        JsonValue value = need(name);
        if (!value.isString() || value.asString().length() > LONGEST_TEXT) {
            throw wrong(name, value, "text of at most " + LONGEST_TEXT + " characters");
        }
        return value.asString();
    }

    public double number(String name) {
        JsonValue value = need(name);
        if (!value.isNumber()) {
            throw wrong(name, value, "a number");
        }
        double number = value.asDouble();
        if (Double.isNaN(number) || Double.isInfinite(number)) {
            throw wrong(name, value, "a finite number");
        }
        return number;
    }

    public long whole(String name) {
        double number = number(name);
        if (number != Math.rint(number) || Math.abs(number) > LARGEST_WHOLE) {
            throw wrong(name, need(name), "a whole number");
        }
        return (long) number;
    }

    public int count(String name) {
        long whole = whole(name);
        if (whole < Integer.MIN_VALUE || whole > Integer.MAX_VALUE) {
            throw wrong(name, need(name), "a whole number of at most nine digits");
        }
        return (int) whole;
    }

    public boolean flag(String name) {
        JsonValue value = need(name);
        if (!value.isBoolean()) {
            throw wrong(name, value, "true or false");
        }
        return value.asBoolean();
    }

    public <E extends Enum<E>> E oneOf(String name, E[] allowed) {
        String text = text(name);
        StringBuilder names = new StringBuilder();
        for (E constant : allowed) {
            if (constant.name().equals(text)) {
                return constant;
            }
            names.append(names.length() == 0 ? "" : ", ").append(constant.name());
        }
        throw new Refused("not_allowed", field(name), text, names.toString());
    }

    public Fields object(String name) {
        return of(field(name), need(name));
    }

    public List<Fields> objects(String name) {
        JsonValue value = need(name);
        if (!value.isArray()) {
            throw wrong(name, value, "a list");
        }
        List<Fields> objects = new ArrayList<>();
        for (JsonValue item : value.asArray()) {
            objects.add(of(field(name) + "." + objects.size(), item));
        }
        return objects;
    }

    public List<String> names() {
        return json.names();
    }

    public String field(String name) {
        return path.isEmpty() ? name : path + "." + name;
    }

    private JsonValue need(String name) {
        @Nullable JsonValue value = json.get(name);
        if (value == null || value.isNull()) {
            throw new Refused("missing", field(name), "nothing", "a value");
        }
        return value;
    }

    private Refused wrong(String name, JsonValue value, String allowed) {
        return new Refused("wrong_type", field(name), value.toString(), allowed);
    }
}
