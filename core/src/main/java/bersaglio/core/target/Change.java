package bersaglio.core.target;

import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Side;
import bersaglio.core.measure.Rounding;
import bersaglio.core.problem.Check;

/** A way to put a target elsewhere, or to make it larger, by one touch. */
public sealed interface Change {

    Area of(Area area);

    Point of(Point place);

    default Side of(Side side) {
        return side;
    }

    /** A line of the surface, by its name. */
    default String ofLine(String name) {
        return name;
    }

    default double ofLength(double length) {
        return length;
    }

    /** To the other side; done twice, it is undone. */
    record Mirrored() implements Change {
        @Override
        public Area of(Area area) {
            return area.mirrored();
        }

        @Override
        public Point of(Point place) {
            return place.mirrored();
        }

        @Override
        public Side of(Side side) {
            return side.mirrored();
        }

        @Override
        public String ofLine(String name) {
            return otherSide(name);
        }
    }

    /** To the other end: the same place as a player there has it; done twice, it is undone. */
    record OtherEnd() implements Change {
        @Override
        public Area of(Area area) {
            return area.turned();
        }

        @Override
        public Point of(Point place) {
            return place.turned();
        }

        @Override
        public Side of(Side side) {
            return side.mirrored().reflected();
        }

        @Override
        public String ofLine(String name) {
            return otherSide(name);
        }
    }

    /** So many times as large, about a place. */
    record Scaled(double factor, Point about) implements Change {
        public Scaled {
            Check.requireBetween("factor", factor, 1e-4, 1e4);
        }

        @Override
        public Area of(Area area) {
            Point own = area.middle();
            return area.scaled(factor)
                    .moved((factor - 1) * (own.x() - about.x()), (factor - 1) * (own.y() - about.y()));
        }

        @Override
        public Point of(Point place) {
            return new Point(
                    about.x() + factor * (place.x() - about.x()), about.y() + factor * (place.y() - about.y()));
        }

        @Override
        public double ofLength(double length) {
            return length * factor;
        }
    }

    /** Every length to the whole millimetre, so that what was worked out can be laid and written. */
    record ToTheMillimetre() implements Change {
        @Override
        public Area of(Area area) {
            if (area instanceof Rectangle box) {
                return new Rectangle(
                        ofLength(box.left()), ofLength(box.near()), ofLength(box.right()), ofLength(box.far()));
            } else if (area instanceof Circle circle) {
                return new Circle(of(circle.middle()), ofLength(circle.radius()));
            }
            return new Polygon(((Polygon) area).corners().stream().map(this::of).toList());
        }

        @Override
        public Point of(Point place) {
            return new Point(ofLength(place.x()), ofLength(place.y()));
        }

        @Override
        public double ofLength(double length) {
            return Rounding.to(1000, length);
        }
    }

    /** Lines and regions that exist on both sides are named for theirs. */
    static String otherSide(String name) {
        if (name.startsWith("left-")) {
            return "right-" + name.substring(5);
        }
        return name.startsWith("right-") ? "left-" + name.substring(6) : name;
    }
}
