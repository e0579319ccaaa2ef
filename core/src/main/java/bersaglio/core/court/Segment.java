package bersaglio.core.court;

/** A straight stretch from one place to another. */
record Segment(Point from, Point to) {

    /** In square metres squared: segments that meet at an end do not cross. */
    private static final double TOUCHING = 1e-18;

    double length() {
        return from.distanceTo(to);
    }

    Point nearestTo(Point place) {
        double dx = to.x() - from.x();
        double dy = to.y() - from.y();
        double square = dx * dx + dy * dy;
        if (square == 0) {
            return from;
        }
        double share = ((place.x() - from.x()) * dx + (place.y() - from.y()) * dy) / square;
        if (share <= 0) {
            return from;
        }
        if (share >= 1) {
            return to;
        }
        return new Point(from.x() + share * dx, from.y() + share * dy);
    }

    Point middle() {
        return new Point((from.x() + to.x()) / 2, (from.y() + to.y()) / 2);
    }

    /** Whether a place lies on it. */
    boolean isAt(Point place) {
        double slack = Overshoot.NOTHING;
        boolean beside = place.x() >= Math.min(from.x(), to.x()) - slack
                && place.x() <= Math.max(from.x(), to.x()) + slack
                && place.y() >= Math.min(from.y(), to.y()) - slack
                && place.y() <= Math.max(from.y(), to.y()) + slack;
        return beside && nearestTo(place).distanceTo(place) <= slack;
    }

    /** Whether each passes from one side of the other to its other side. */
    boolean crosses(Segment other) {
        double one = turnTo(other.from);
        double two = turnTo(other.to);
        double three = other.turnTo(from);
        double four = other.turnTo(to);
        return one * two < -TOUCHING && three * four < -TOUCHING;
    }

    /** Whether the two have a point in common. */
    boolean meets(Segment other) {
        double one = turnTo(other.from);
        double two = turnTo(other.to);
        double three = other.turnTo(from);
        double four = other.turnTo(to);
        if (one > 0 != two > 0 && three > 0 != four > 0 && one != 0 && two != 0 && three != 0 && four != 0) {
            return true;
        }
        return one == 0 && holds(other.from)
                || two == 0 && holds(other.to)
                || three == 0 && other.holds(from)
                || four == 0 && other.holds(to);
    }

    /** Whether the next segment, which starts where this one ends, lies back along it. */
    boolean foldsBackOn(Segment neighbour) {
        Point far = neighbour.from.equals(to) ? neighbour.to : neighbour.from;
        Point shared = neighbour.from.equals(to) ? to : from;
        Point back = shared.equals(to) ? from : to;
        double along =
                (far.x() - shared.x()) * (back.x() - shared.x()) + (far.y() - shared.y()) * (back.y() - shared.y());
        return turnTo(far) == 0 && along > 0;
    }

    /** Greater than 0 when a place lies to the left of the way from one end to the other. */
    private double turnTo(Point place) {
        return (to.x() - from.x()) * (place.y() - from.y()) - (to.y() - from.y()) * (place.x() - from.x());
    }

    private boolean holds(Point onLine) {
        return Math.min(from.x(), to.x()) <= onLine.x()
                && onLine.x() <= Math.max(from.x(), to.x())
                && Math.min(from.y(), to.y()) <= onLine.y()
                && onLine.y() <= Math.max(from.y(), to.y());
    }
}
