package bersaglio.wire;

import bersaglio.core.court.Point;
import bersaglio.wire.format.PointFormat;
import com.eclipsesource.json.JsonObject;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Where a ball came to: the places before the last stand apart, as most shots have none. */
@WrittenAs(PlacesFormat.Written.class)
public final class PlacesFormat {

    record Written(double x, double y, @Nullable List<Point> before) {}

    private PlacesFormat() {}

    public static JsonObject add(JsonObject json, List<Point> places) {
        int last = places.size() - 1;
        PointFormat.add(json, places.get(last));
        return last == 0 ? json : json.add("before", Arrays.of(places.subList(0, last), PointFormat::encode));
    }

    public static List<Point> decode(Fields fields) {
        List<Point> places = new ArrayList<>();
        if (fields.has("before")) {
            places.addAll(fields.each("before", PointFormat::decode));
        }
        places.add(PointFormat.decode(fields));
        return places;
    }
}
