package bersaglio.core.court;

import bersaglio.core.words.Sentence;

/** A flat area on a surface, in metres; its own edge belongs to it. */
public sealed interface Area permits Rectangle, Polygon, Circle {

    /** In words that read back. */
    void write(Sentence to, AreaWords in);

    boolean contains(Point point);

    /** The point of the edge that is nearest to a place, inside or outside. */
    Point nearestOnEdge(Point place);

    /** The way straight out of the area at a point of its edge, one metre long. */
    Point outwardAt(Point onEdge);

    Area mirrored();

    /** In the line of the net. */
    Area reflected();

    /** The same area as a player at the other end has it. */
    default Area turned() {
        return mirrored().reflected();
    }

    Area moved(double right, double away);

    /** Scaled about its middle; the factor is greater than 0. */
    Area scaled(double factor);

    Point middle();

    /** In square metres. */
    double size();

    /** The least distance between two parallel lines that hold it between them. */
    double narrowest();

    Rectangle bounds();

    /** Where it lies, for whoever must be told. */
    default String extent() {
        Rectangle bounds = bounds();
        return bounds.left() + " to " + bounds.right() + " across, " + bounds.near() + " to " + bounds.far() + " away";
    }

    /** Whether the two have more in common than an edge. */
    default boolean overlaps(Area other) {
        return Overlap.between(this, other);
    }

    /** Whether all of another area lies in this one. */
    default boolean holds(Area inner) {
        return Overlap.holds(this, inner);
    }

    /** Distance in metres from a place, inside or outside, to the edge. */
    default double distanceToEdge(Point place) {
        return place.distanceTo(nearestOnEdge(place));
    }

    /** How far a place lies beyond this area, and past which side most. */
    default Overshoot overshoot(Point place) {
        if (contains(place)) {
            return Overshoot.NONE;
        }
        Point edge = nearestOnEdge(place);
        double across = Math.abs(place.x() - edge.x());
        double along = Math.abs(place.y() - edge.y());
        if (across > along + Overshoot.NOTHING) {
            return new Overshoot(place.x() < edge.x() ? Side.LEFT : Side.RIGHT, across);
        }
        return new Overshoot(place.y() < edge.y() ? Side.SHORT : Side.DEEP, along);
    }

    /** The place carried over the nearest edge and so far beyond it: out when it was in, in when it was out. */
    default Point acrossEdge(Point place, double beyond) {
        Point edge = nearestOnEdge(place);
        Point out = outwardAt(edge);
        double way = contains(place) ? beyond : -beyond;
        return edge.moved(way * out.x(), way * out.y());
    }
}
