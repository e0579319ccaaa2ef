package bersaglio.core.court;

import java.util.ArrayList;
import java.util.List;

/** How two areas lie to each other. What they share of an edge does not count. */
final class Overlap {

    private Overlap() {}

    static boolean between(Area one, Area other) {
        if (one instanceof Circle circle) {
            return circleOverlaps(circle, other);
        }
        if (other instanceof Circle circle) {
            return circleOverlaps(circle, one);
        }
        return crosses(one, other) || hasInside(one, other) || hasInside(other, one);
    }

    static boolean holds(Area outer, Area inner) {
        if (inner instanceof Circle circle) {
            return outer.contains(circle.middle())
                    && outer.distanceToEdge(circle.middle()) >= circle.radius() - Overshoot.NOTHING;
        }
        for (Segment side : sides(inner)) {
            if (!outer.contains(side.from()) || !outer.contains(side.middle())) {
                return false;
            }
        }
        if (outer instanceof Circle) {
            return true;
        }
        for (Segment side : sides(outer)) {
            if (isInside(side.from(), inner)) {
                return false;
            }
        }
        return !crosses(outer, inner);
    }

    private static boolean circleOverlaps(Circle circle, Area other) {
        double reach = circle.radius() - Overshoot.NOTHING;
        if (other instanceof Circle second) {
            return circle.middle().distanceTo(second.middle()) < reach + second.radius();
        }
        return other.contains(circle.middle()) || other.distanceToEdge(circle.middle()) < reach;
    }

    private static boolean crosses(Area one, Area other) {
        List<Segment> sides = sides(other);
        for (Segment side : sides(one)) {
            for (Segment second : sides) {
                if (side.crosses(second)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Whether a corner, a side or the middle of an area lies inside another. */
    private static boolean hasInside(Area one, Area other) {
        for (Segment side : sides(one)) {
            if (isInside(side.from(), other) || isInside(side.middle(), other)) {
                return true;
            }
        }
        Point middle = one.middle();
        return isInside(middle, one) && isInside(middle, other);
    }

    private static boolean isInside(Point place, Area area) {
        return area.contains(place) && area.distanceToEdge(place) > Overshoot.NOTHING;
    }

    private static List<Segment> sides(Area area) {
        List<Point> corners = area instanceof Polygon polygon
                ? polygon.corners()
                : area.bounds().corners();
        List<Segment> sides = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            sides.add(new Segment(corners.get(i), corners.get((i + 1) % corners.size())));
        }
        return sides;
    }
}
