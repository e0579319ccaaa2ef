package bersaglio.wire;

import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import bersaglio.wire.format.PointFormat;
import bersaglio.wire.format.ShapeViewFormat;
import bersaglio.wire.view.ShapeView;
import com.eclipsesource.json.JsonObject;

/** An area: its kind with what that kind needs, and its bounds and middle for whoever draws it. */
@WrittenAs(ShapeView.class)
public final class AreaFormat {

    private AreaFormat() {}

    public static JsonObject encode(Area area) {
        return ShapeViewFormat.encode(ShapeView.of(area));
    }

    public static Area decode(Fields shape) {
        return shape.at(() -> decode(shape, shape.oneOf("kind", ShapeView.Kind.values())));
    }

    private static Area decode(Fields shape, ShapeView.Kind kind) {
        return switch (kind) {
            case RECTANGLE -> {
                Fields bounds = shape.object("bounds");
                yield new Rectangle(
                        bounds.number("left"), bounds.number("near"), bounds.number("right"), bounds.number("far"));
            }
            case POLYGON -> new Polygon(shape.each("corners", PointFormat::decode));
            case CIRCLE -> new Circle(PointFormat.decode(shape.object("middle")), shape.number("radius"));
        };
    }
}
