package bersaglio.wire;

import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Lists as JSON. */
public final class Arrays {

    private Arrays() {}

    public static <T> JsonArray of(List<T> all, Function<T, ? extends JsonValue> written) {
        JsonArray array = new JsonArray();
        for (T one : all) {
            array.add(written.apply(one));
        }
        return array;
    }

    public static JsonArray texts(List<String> all) {
        JsonArray array = new JsonArray();
        all.forEach(array::add);
        return array;
    }

    public static JsonArray counts(List<Integer> all) {
        JsonArray array = new JsonArray();
        all.forEach(array::add);
        return array;
    }

    public static JsonArray numbers(List<Double> all) {
        JsonArray array = new JsonArray();
        all.forEach(array::add);
        return array;
    }

    public static JsonObject numbers(Map<String, Double> all) {
        JsonObject object = new JsonObject();
        all.forEach(object::add);
        return object;
    }

    public static JsonArray names(List<? extends Enum<?>> all) {
        JsonArray array = new JsonArray();
        for (Enum<?> one : all) {
            array.add(one.name());
        }
        return array;
    }

    /** A set has no order of its own; it is written in that of its kind. */
    public static <E extends Enum<E>> JsonArray sorted(Collection<E> all) {
        return names(all.stream().sorted().toList());
    }
}
