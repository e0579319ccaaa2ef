package bersaglio.wire.view;

import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An area on a surface, in metres. A rectangle is its bounds, a polygon has its corners in order, a circle its radius;
 * bounds and middle are told of each.
 */
public record ShapeView(
        Kind kind, AreaView bounds, Point middle, @Nullable List<Point> corners, @Nullable Double radius) {

    /** The kinds of area. */
    public enum Kind {
        RECTANGLE,
        POLYGON,
        CIRCLE
    }

    public static ShapeView of(Area area) {
        AreaView bounds = AreaView.of(area.bounds());
        Point middle = area.middle();
        if (area instanceof Polygon polygon) {
            return new ShapeView(Kind.POLYGON, bounds, middle, polygon.corners(), null);
        } else if (area instanceof Circle circle) {
            return new ShapeView(Kind.CIRCLE, bounds, middle, null, circle.radius());
        }
        return new ShapeView(Kind.RECTANGLE, bounds, middle, null, null);
    }
}
