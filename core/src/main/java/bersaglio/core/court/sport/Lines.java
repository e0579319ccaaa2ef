package bersaglio.core.court.sport;

import bersaglio.core.court.Marking;
import bersaglio.core.court.Marking.Use;
import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import java.util.List;

/** Straight lines along the axes of a surface. */
final class Lines {

    private Lines() {}

    /** Across the surface, at a distance from its origin line, as wide as given to each side. */
    static Marking across(String name, double y, double halfWidth) {
        return across(name, y, -halfWidth, halfWidth, Use.BOTH);
    }

    static Marking across(String name, double y, double from, double to, Use use) {
        return new Marking.Line(name, new Point(from, y), new Point(to, y), use);
    }

    static Marking along(String name, double x, double from, double to) {
        return along(name, x, from, to, Use.BOTH);
    }

    static Marking along(String name, double x, double from, double to, Use use) {
        return new Marking.Line(name, new Point(x, from), new Point(x, to), use);
    }

    /** The two side lines and the far line of a half. */
    static List<Marking> sidesAndBack(Rectangle half) {
        return List.of(
                across("back", half.far(), half.left(), half.right(), Use.BOTH),
                along("left-side", half.left(), half.near(), half.far()),
                along("right-side", half.right(), half.near(), half.far()));
    }

    /** A half as wide to each side of the middle, from the net to its back line. */
    static Rectangle half(double width, double depth) {
        return new Rectangle(-width / 2, 0, width / 2, depth);
    }
}
