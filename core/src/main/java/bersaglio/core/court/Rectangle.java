package bersaglio.core.court;

import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;

/** An upright rectangle in metres; its edge belongs to it. */
public record Rectangle(double left, double near, double right, double far) {

    private static final double FARTHEST = 100;

    public Rectangle {
        Check.requireBetween("left", left, -FARTHEST, FARTHEST);
        Check.requireBetween("near", near, -FARTHEST, FARTHEST);
        Check.requireBetween("right", right, -FARTHEST, FARTHEST);
        Check.requireBetween("far", far, -FARTHEST, FARTHEST);
        if (right <= left) {
            throw new Refused("no_area", "right", Double.toString(right), "greater than left, " + left);
        }
        if (far <= near) {
            throw new Refused("no_area", "far", Double.toString(far), "greater than near, " + near);
        }
    }

    public double width() {
        return right - left;
    }

    public double depth() {
        return far - near;
    }

    public double shorterSide() {
        return Math.min(width(), depth());
    }

    public Rectangle mirrored() {
        return new Rectangle(-right, near, -left, far);
    }

    public boolean contains(Point point) {
        return overshoot(point).isNone();
    }

    /** How far a point lies beyond this rectangle, and past which edge most. */
    public Overshoot overshoot(Point point) {
        double across = Math.max(left - point.x(), point.x() - right);
        double along = Math.max(near - point.y(), point.y() - far);
        Side acrossSide = point.x() < (left + right) / 2 ? Side.LEFT : Side.RIGHT;
        Side alongSide = point.y() < (near + far) / 2 ? Side.SHORT : Side.DEEP;
        if (across <= Overshoot.NOTHING && along <= Overshoot.NOTHING) {
            return Overshoot.NONE;
        }
        return across > along + Overshoot.NOTHING ? new Overshoot(acrossSide, across) : new Overshoot(alongSide, along);
    }

    /** Distance in metres from a point, inside or outside, to the nearest edge. */
    public double distanceToEdge(Point point) {
        double outX = Math.max(0, Math.max(left - point.x(), point.x() - right));
        double outY = Math.max(0, Math.max(near - point.y(), point.y() - far));
        if (outX > 0 || outY > 0) {
            return Math.sqrt(outX * outX + outY * outY);
        }
        double acrossIn = Math.min(point.x() - left, right - point.x());
        double alongIn = Math.min(point.y() - near, far - point.y());
        return Math.min(acrossIn, alongIn);
    }

    /** The point carried just past the nearest edge, from inside to outside. */
    public Point pushedOut(Point point, double beyond) {
        double toLeft = point.x() - left;
        double toRight = right - point.x();
        double toNear = point.y() - near;
        double toFar = far - point.y();
        double nearest = Math.min(Math.min(toLeft, toRight), Math.min(toNear, toFar));
        if (nearest == toFar) {
            return new Point(point.x(), far + beyond);
        }
        if (nearest == toNear) {
            return new Point(point.x(), near - beyond);
        }
        return new Point(nearest == toLeft ? left - beyond : right + beyond, point.y());
    }
}
