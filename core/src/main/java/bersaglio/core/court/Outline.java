package bersaglio.core.court;

import java.util.ArrayList;
import java.util.List;

/**
 * The edge of an area as curves over {@code x}, none of them upright: whoever goes up through the area at some
 * {@code x} passes them two by two, in and out.
 */
record Outline(List<Edge> edges) {

    private static final double UPRIGHT = 1e-12;

    /** One curve of an edge, from its left end to its right end. */
    sealed interface Edge {
        double left();

        double right();

        double at(double x);
    }

    record Straight(Point from, Point to) implements Edge {
        @Override
        public double left() {
            return Math.min(from.x(), to.x());
        }

        @Override
        public double right() {
            return Math.max(from.x(), to.x());
        }

        double slope() {
            return (to.y() - from.y()) / (to.x() - from.x());
        }

        @Override
        public double at(double x) {
            return from.y() + slope() * (x - from.x());
        }
    }

    /** The nearer or the farther half of a circle. */
    record Bow(Circle circle, double side) implements Edge {
        @Override
        public double left() {
            return circle.middle().x() - circle.radius();
        }

        @Override
        public double right() {
            return circle.middle().x() + circle.radius();
        }

        @Override
        public double at(double x) {
            double across = x - circle.middle().x();
            double square = circle.radius() * circle.radius() - across * across;
            return circle.middle().y() + side * Math.sqrt(Math.max(0, square));
        }
    }

    static Outline of(Area area) {
        if (area instanceof Circle circle) {
            return new Outline(List.of(new Bow(circle, -1), new Bow(circle, 1)));
        }
        List<Point> corners = area instanceof Polygon polygon
                ? polygon.corners()
                : area.bounds().corners();
        List<Edge> sides = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Straight side = new Straight(corners.get(i), corners.get((i + 1) % corners.size()));
            if (side.right() - side.left() > UPRIGHT) {
                sides.add(side);
            }
        }
        return new Outline(sides);
    }

    /** Where a curve ends, in {@code x}. */
    List<Double> ends() {
        List<Double> ends = new ArrayList<>();
        for (Edge edge : edges) {
            ends.add(edge.left());
            ends.add(edge.right());
        }
        return ends;
    }

    /** Where a curve of this outline may pass over one of another, in {@code x}. */
    List<Double> crossings(Outline other) {
        List<Double> crossings = new ArrayList<>();
        for (Edge one : edges) {
            for (Edge two : other.edges) {
                double from = Math.max(one.left(), two.left());
                double to = Math.min(one.right(), two.right());
                for (double x : crossings(one, two)) {
                    if (from < x && x < to) {
                        crossings.add(x);
                    }
                }
            }
        }
        return crossings;
    }

    private static List<Double> crossings(Edge one, Edge two) {
        if (one instanceof Straight side && two instanceof Straight second) {
            double x =
                    side.from().x() + (second.at(side.from().x()) - side.from().y()) / (side.slope() - second.slope());
            return Double.isFinite(x) ? List.of(x) : List.of();
        } else if (one instanceof Straight side) {
            return throughCircle(side.slope(), side.at(0), ((Bow) two).circle());
        } else if (two instanceof Straight side) {
            return throughCircle(side.slope(), side.at(0), ((Bow) one).circle());
        }
        return circles(((Bow) one).circle(), ((Bow) two).circle());
    }

    /** Of the line {@code y = slope · x + start}. */
    private static List<Double> throughCircle(double slope, double start, Circle circle) {
        double across = circle.middle().x();
        double along = start - circle.middle().y();
        double square = 1 + slope * slope;
        double half = slope * along - across;
        double rest = half * half - square * (across * across + along * along - circle.radius() * circle.radius());
        if (rest < 0) {
            return List.of();
        }
        return List.of((-half - Math.sqrt(rest)) / square, (-half + Math.sqrt(rest)) / square);
    }

    /** On the line that two circles have in common, which is the difference of their equations. */
    private static List<Double> circles(Circle one, Circle two) {
        double across = two.middle().x() - one.middle().x();
        double along = two.middle().y() - one.middle().y();
        double rest = (ofOrigin(two) - ofOrigin(one)) / 2;
        if (Math.abs(along) > UPRIGHT) {
            return throughCircle(-across / along, rest / along, one);
        }
        return Math.abs(across) > UPRIGHT ? List.of(rest / across) : List.of();
    }

    private static double ofOrigin(Circle circle) {
        double x = circle.middle().x();
        double y = circle.middle().y();
        return x * x + y * y - circle.radius() * circle.radius();
    }

    /** Two curves with nothing but the area between them. */
    record Band(Edge low, Edge high) {}

    /**
     * What of two areas they have in common over a stretch of {@code x} in which no curve ends or passes over one of the
     * other outline.
     */
    static List<Band> common(Outline one, Outline two, double from, double to) {
        double middle = (from + to) / 2;
        List<Edge> above = new ArrayList<>();
        for (Outline outline : List.of(one, two)) {
            outline.edges.stream()
                    .filter(edge -> edge.left() < middle && middle < edge.right())
                    .forEach(above::add);
        }
        above.sort((low, high) -> Double.compare(low.at(middle), high.at(middle)));
        List<Band> bands = new ArrayList<>();
        boolean inOne = false;
        boolean inTwo = false;
        for (int i = 0; i < above.size() - 1; i++) {
            Edge edge = above.get(i);
            if (one.has(edge)) {
                inOne = !inOne;
            } else {
                inTwo = !inTwo;
            }
            if (inOne && inTwo) {
                bands.add(new Band(edge, above.get(i + 1)));
            }
        }
        return bands;
    }

    private boolean has(Edge edge) {
        return edges.stream().anyMatch(own -> own == edge);
    }
}
