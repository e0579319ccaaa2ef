package bersaglio.wire;

import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import bersaglio.wire.view.AreaView;
import bersaglio.wire.view.PlaceView;
import bersaglio.wire.view.ShapeView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import java.util.ArrayList;
import java.util.List;

/** An area as JSON: its kind with what that kind needs, and its bounds and middle for whoever draws it. */
final class AreaCodec {

    private AreaCodec() {}

    static JsonObject encode(Area area) {
        return encode(ShapeView.of(area));
    }

    static JsonObject encode(ShapeView shape) {
        JsonObject json = Json.object()
                .add("kind", shape.kind().name())
                .add("bounds", encode(shape.bounds()))
                .add("middle", encode(shape.middle()));
        if (shape.corners() != null) {
            JsonArray corners = new JsonArray();
            shape.corners().forEach(corner -> corners.add(encode(corner)));
            json.add("corners", corners);
        }
        if (shape.radius() != null) {
            json.add("radius", shape.radius());
        }
        return json;
    }

    static Area decode(Fields shape) {
        return switch (shape.oneOf("kind", ShapeView.Kind.values())) {
            case RECTANGLE -> {
                Fields bounds = shape.object("bounds");
                yield new Rectangle(
                        bounds.number("left"), bounds.number("near"), bounds.number("right"), bounds.number("far"));
            }
            case POLYGON -> {
                List<Point> corners = new ArrayList<>();
                shape.objects("corners").forEach(corner -> corners.add(point(corner)));
                yield new Polygon(corners);
            }
            case CIRCLE -> new Circle(point(shape.object("middle")), shape.number("radius"));
        };
    }

    static Point point(Fields place) {
        return new Point(place.number("x"), place.number("y"));
    }

    private static JsonObject encode(AreaView bounds) {
        return Json.object()
                .add("left", bounds.left())
                .add("near", bounds.near())
                .add("right", bounds.right())
                .add("far", bounds.far());
    }

    static JsonObject encode(PlaceView place) {
        return Json.object().add("x", place.x()).add("y", place.y());
    }
}
