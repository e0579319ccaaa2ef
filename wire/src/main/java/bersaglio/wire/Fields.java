package bersaglio.wire;

import bersaglio.core.court.Point;
import bersaglio.core.problem.Problem;
import bersaglio.core.problem.Refused;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import com.eclipsesource.json.ParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Reads a JSON object; whatever is missing or of the wrong kind is refused by the path of its field. */
public final class Fields {

    private static final int LONGEST_TEXT = 400;
    private static final int LONGEST_LIST = 4000;
    private static final int MOST_POSITIONS = 100;
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

    /** The fields of a text that is a JSON object. */
    public static Fields read(String text) {
        return of("", parse(text));
    }

    /** A JSON object from its text. */
    public static JsonObject objectOf(String text) {
        return of("", parse(text)).json;
    }

    public boolean has(String name) {
        JsonValue value = json.get(name);
        return value != null && !value.isNull();
    }

    public String text(String name) {
        JsonValue value = need(name);
        if (!isText(value, LONGEST_TEXT)) {
            throw wrong(name, value, "text of at most " + LONGEST_TEXT + " characters");
        }
        return value.asString();
    }

    private static boolean isText(JsonValue value, int longest) {
        return value.isString() && value.asString().length() <= longest && Problem.isWhole(value.asString());
    }

    /** A text of up to {@value #LONGEST_LIST} characters, such as the trials of a long set. */
    public String longText(String name) {
        JsonValue value = need(name);
        if (!isText(value, LONGEST_LIST)) {
            throw wrong(name, value, "text of at most " + LONGEST_LIST + " characters");
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
        return oneOf(name, text(name), allowed);
    }

    private <E extends Enum<E>> E oneOf(String name, String text, E[] allowed) {
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

    /** A list of objects, each read in the same way. */
    public <T> List<T> each(String name, Function<Fields, T> read) {
        List<T> all = new ArrayList<>();
        for (Fields one : objects(name)) {
            all.add(read.apply(one));
        }
        return all;
    }

    /** Short texts. */
    public List<String> texts(String name) {
        JsonValue value = need(name);
        if (!value.isArray()) {
            throw wrong(name, value, "a list of texts");
        }
        List<String> texts = new ArrayList<>();
        for (JsonValue item : value.asArray()) {
            if (!isText(item, LONGEST_TEXT)) {
                throw wrong(name, item, "texts of at most " + LONGEST_TEXT + " characters");
            }
            texts.add(item.asString());
        }
        return texts;
    }

    public <E extends Enum<E>> List<E> eachOneOf(String name, E[] allowed) {
        List<E> constants = new ArrayList<>();
        for (String text : texts(name)) {
            constants.add(oneOf(name, text, allowed));
        }
        return constants;
    }

    /** A copy with one more text. */
    Fields with(String name, String text) {
        return new Fields(path, new JsonObject(json).set(name, text));
    }

    /** A copy with one more number. */
    Fields with(String name, int number) {
        return new Fields(path, new JsonObject(json).set(name, number));
    }

    /** A copy of the object itself. */
    JsonObject json() {
        return new JsonObject(json);
    }

    /** Closed rings of positions, each without its last, which repeats the first. */
    List<List<Point>> rings(String name) {
        JsonValue value = need(name);
        List<List<Point>> rings = new ArrayList<>();
        if (value.isArray()) {
            for (JsonValue ring : value.asArray()) {
                rings.add(ring(name, ring));
            }
        }
        if (rings.isEmpty()) {
            throw wrong(name, value, "a list of rings");
        }
        return rings;
    }

    private List<Point> ring(String name, JsonValue ring) {
        List<Point> places = new ArrayList<>();
        if (ring.isArray() && ring.asArray().size() > MOST_POSITIONS) {
            throw new Refused(
                    "out_of_range", field(name), ring.asArray().size() + " positions", "4 to " + MOST_POSITIONS);
        }
        if (!ring.isArray() || ring.asArray().size() < 4) {
            throw wrong(name, ring, "a ring of at least four positions");
        }
        for (JsonValue position : ring.asArray()) {
            boolean fits = position.isArray()
                    && position.asArray().size() >= 2
                    && position.asArray().get(0).isNumber()
                    && position.asArray().get(1).isNumber();
            if (!fits) {
                throw wrong(name, position, "a position of two numbers");
            }
            places.add(new Point(
                    position.asArray().get(0).asDouble(),
                    position.asArray().get(1).asDouble()));
        }
        if (!places.get(0).equals(places.get(places.size() - 1))) {
            throw wrong(name, ring, "a ring that ends where it begins");
        }
        return places.subList(0, places.size() - 1);
    }

    /** Whole numbers. */
    public List<Integer> counts(String name) {
        JsonValue value = need(name);
        if (!value.isArray()) {
            throw wrong(name, value, "a list of whole numbers");
        }
        List<Integer> counts = new ArrayList<>();
        for (JsonValue item : value.asArray()) {
            if (!item.isNumber() || item.asDouble() != Math.rint(item.asDouble())) {
                throw wrong(name, item, "a list of whole numbers");
            }
            counts.add((int) item.asDouble());
        }
        return counts;
    }

    /** Makes a value of these fields; what the rules refuse of it is named by its whole path. */
    public <T> T at(Supplier<T> work) {
        try {
            return work.get();
        } catch (Refused refused) {
            String at = refused.problem().field();
            boolean whole = path.isEmpty() || at.equals(path) || at.startsWith(path + ".");
            throw whole ? refused : refused.under(path);
        }
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
