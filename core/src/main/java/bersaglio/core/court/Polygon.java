package bersaglio.core.court;

import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * An area with straight sides, given by its corners in order; the last side leads back to the first corner. Corners
 * are kept counter-clockwise.
 */
public record Polygon(List<Point> corners) implements Area {

    private static final int MOST_CORNERS = 60;
    private static final double LEAST_SIZE = 1e-6;

    public Polygon {
        Check.requireBetween("corners", corners.size(), 3, MOST_CORNERS);
        for (int i = 0; i < corners.size(); i++) {
            Point corner = corners.get(i);
            Check.requireBetween("corners." + i + ".x", corner.x(), -Rectangle.FARTHEST, Rectangle.FARTHEST);
            Check.requireBetween("corners." + i + ".y", corner.y(), -Rectangle.FARTHEST, Rectangle.FARTHEST);
        }
        requireSimple(corners);
        double signed = signedSize(corners);
        if (Math.abs(signed) < LEAST_SIZE) {
            throw new Refused(
                    "no_area", "corners", Math.abs(signed) + " m²", "an area of at least a square millimetre");
        }
        List<Point> ordered = new ArrayList<>(corners);
        if (signed < 0) {
            Collections.reverse(ordered);
        }
        corners = List.copyOf(ordered);
    }

    /** Its words after {@code corners}. */
    static Polygon read(Reader from, AreaWords in) {
        List<Point> corners = new ArrayList<>();
        do {
            corners.add(in.point(from));
        } while (from.numberIsNext());
        return new Polygon(corners);
    }

    @Override
    public void write(Sentence to, AreaWords in) {
        to.say("corners");
        for (int i = 0; i < corners.size(); i++) {
            in.write(i == 0 ? to : to.comma(), corners.get(i));
        }
    }

    public static Polygon of(Point... corners) {
        return new Polygon(List.of(corners));
    }

    @Override
    public boolean contains(Point point) {
        boolean inside = false;
        for (int i = 0; i < corners.size(); i++) {
            Segment side = new Segment(corners.get(i), next(i));
            if (side.isAt(point)) {
                return true;
            }
            Point from = side.from();
            Point to = side.to();
            boolean straddles = from.y() > point.y() != to.y() > point.y();
            if (straddles
                    && point.x() < from.x() + (point.y() - from.y()) / (to.y() - from.y()) * (to.x() - from.x())) {
                inside = !inside;
            }
        }
        return inside;
    }

    @Override
    public Point nearestOnEdge(Point place) {
        Point nearest = corners.get(0);
        for (int i = 0; i < corners.size(); i++) {
            Point candidate = new Segment(corners.get(i), next(i)).nearestTo(place);
            if (place.distanceTo(candidate) < place.distanceTo(nearest)) {
                nearest = candidate;
            }
        }
        return nearest;
    }

    /** At a corner, halfway between the ways out of its two sides. */
    @Override
    public Point outwardAt(Point onEdge) {
        int nearest = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < corners.size(); i++) {
            double distance =
                    new Segment(corners.get(i), next(i)).nearestTo(onEdge).distanceTo(onEdge);
            if (distance < least) {
                least = distance;
                nearest = i;
            }
        }
        Point out = outOfSide(nearest);
        if (onEdge.distanceTo(corners.get(nearest)) <= Overshoot.NOTHING) {
            return between(out, outOfSide((nearest + corners.size() - 1) % corners.size()));
        }
        if (onEdge.distanceTo(next(nearest)) <= Overshoot.NOTHING) {
            return between(out, outOfSide((nearest + 1) % corners.size()));
        }
        return out;
    }

    private Point outOfSide(int side) {
        Point from = corners.get(side);
        Point to = next(side);
        double length = from.distanceTo(to);
        return new Point((to.y() - from.y()) / length, (from.x() - to.x()) / length);
    }

    private static Point between(Point one, Point other) {
        double x = one.x() + other.x();
        double y = one.y() + other.y();
        double length = Math.sqrt(x * x + y * y);
        return new Point(x / length, y / length);
    }

    @Override
    public Polygon mirrored() {
        return new Polygon(corners.stream().map(Point::mirrored).toList());
    }

    @Override
    public Polygon reflected() {
        return new Polygon(corners.stream().map(Point::reflected).toList());
    }

    @Override
    public Polygon moved(double right, double away) {
        return new Polygon(
                corners.stream().map(corner -> corner.moved(right, away)).toList());
    }

    @Override
    public Polygon scaled(double factor) {
        Check.requirePositive("factor", factor);
        Point middle = middle();
        return new Polygon(corners.stream()
                .map(corner -> new Point(
                        middle.x() + factor * (corner.x() - middle.x()),
                        middle.y() + factor * (corner.y() - middle.y())))
                .toList());
    }

    /** The centre of the area. */
    @Override
    public Point middle() {
        double x = 0;
        double y = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point from = corners.get(i);
            Point to = next(i);
            double cross = from.x() * to.y() - to.x() * from.y();
            x += (from.x() + to.x()) * cross;
            y += (from.y() + to.y()) * cross;
        }
        double six = 6 * signedSize(corners);
        return new Point(x / six, y / six);
    }

    @Override
    public double size() {
        return signedSize(corners);
    }

    /** Reached along some side of the hull, which joins two of the corners. */
    @Override
    public double narrowest() {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < corners.size(); i++) {
            for (int j = i + 1; j < corners.size(); j++) {
                least = Math.min(least, extentAcross(corners.get(i), corners.get(j)));
            }
        }
        return least;
    }

    private double extentAcross(Point from, Point to) {
        double length = from.distanceTo(to);
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (Point corner : corners) {
            double across =
                    ((corner.x() - from.x()) * (to.y() - from.y()) - (corner.y() - from.y()) * (to.x() - from.x()))
                            / length;
            low = Math.min(low, across);
            high = Math.max(high, across);
        }
        return high - low;
    }

    @Override
    public Rectangle bounds() {
        double left = Double.POSITIVE_INFINITY;
        double near = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double far = Double.NEGATIVE_INFINITY;
        for (Point corner : corners) {
            left = Math.min(left, corner.x());
            near = Math.min(near, corner.y());
            right = Math.max(right, corner.x());
            far = Math.max(far, corner.y());
        }
        return new Rectangle(left, near, right, far);
    }

    private Point next(int corner) {
        return corners.get((corner + 1) % corners.size());
    }

    private static double signedSize(List<Point> corners) {
        double twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point from = corners.get(i);
            Point to = corners.get((i + 1) % corners.size());
            twice += from.x() * to.y() - to.x() * from.y();
        }
        return twice / 2;
    }

    private static void requireSimple(List<Point> corners) {
        List<Segment> sides = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Segment side = new Segment(corners.get(i), corners.get((i + 1) % corners.size()));
            if (side.length() <= Overshoot.NOTHING) {
                throw new Refused(
                        "repeated_corner",
                        "corners." + i,
                        side.from().x() + ", " + side.from().y(),
                        "apart from the next corner");
            }
            sides.add(side);
        }
        for (int i = 0; i < sides.size(); i++) {
            for (int j = i + 1; j < sides.size(); j++) {
                boolean neighbours = j == i + 1 || i == 0 && j == sides.size() - 1;
                boolean wrong = neighbours
                        ? sides.get(i).foldsBackOn(sides.get(j))
                        : sides.get(i).meets(sides.get(j));
                if (wrong) {
                    throw new Refused("crosses_itself", "corners." + j, "side " + (j + 1), "clear of side " + (i + 1));
                }
            }
        }
    }
}
