package bersaglio.core.court;

import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;

/** An upright rectangle in metres; its edge belongs to it. */
public record Rectangle(double left, double near, double right, double far) implements Area {

    static final double FARTHEST = 100;

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

    /** Its words after {@code from}. */
    static Rectangle read(Reader from, AreaWords in) {
        double left = in.across(from);
        from.needs("to");
        double right = in.across(from);
        from.needs("across from");
        double near = from.metres();
        from.needs("to");
        double far = from.metres();
        if (!from.takes("up")) {
            from.needs("away");
        }
        return new Rectangle(left, near, right, far);
    }

    @Override
    public void write(Sentence to, AreaWords in) {
        in.across(to.say("from"), left).say("to");
        in.across(to, right).say("across").comma();
        to.say("from").number(near).say("to").metres(far).say("away");
    }

    public double width() {
        return right - left;
    }

    public double depth() {
        return far - near;
    }

    @Override
    public double narrowest() {
        return Math.min(width(), depth());
    }

    @Override
    public double size() {
        return width() * depth();
    }

    @Override
    public Point middle() {
        return new Point((left + right) / 2, (near + far) / 2);
    }

    @Override
    public Rectangle bounds() {
        return this;
    }

    @Override
    public Rectangle mirrored() {
        return new Rectangle(0 - right, near, 0 - left, far);
    }

    @Override
    public Rectangle reflected() {
        return new Rectangle(left, 0 - far, right, 0 - near);
    }

    @Override
    public Rectangle moved(double toRight, double away) {
        return new Rectangle(left + toRight, near + away, right + toRight, far + away);
    }

    @Override
    public Rectangle scaled(double factor) {
        Check.requirePositive("factor", factor);
        Point middle = middle();
        double halfWidth = factor * width() / 2;
        double halfDepth = factor * depth() / 2;
        return new Rectangle(
                middle.x() - halfWidth, middle.y() - halfDepth, middle.x() + halfWidth, middle.y() + halfDepth);
    }

    @Override
    public boolean contains(Point point) {
        return point.x() >= left - Overshoot.NOTHING
                && point.x() <= right + Overshoot.NOTHING
                && point.y() >= near - Overshoot.NOTHING
                && point.y() <= far + Overshoot.NOTHING;
    }

    @Override
    public Point nearestOnEdge(Point place) {
        Point held = new Point(between(place.x(), left, right), between(place.y(), near, far));
        if (!held.equals(place)) {
            return held;
        }
        return switch (nearestSide(place)) {
            case DEEP -> new Point(place.x(), far);
            case SHORT -> new Point(place.x(), near);
            case LEFT -> new Point(left, place.y());
            case RIGHT, NONE -> new Point(right, place.y());
        };
    }

    @Override
    public Point outwardAt(Point onEdge) {
        return switch (nearestSide(onEdge)) {
            case DEEP -> new Point(0, 1);
            case SHORT -> new Point(0, -1);
            case LEFT -> new Point(-1, 0);
            case RIGHT, NONE -> new Point(1, 0);
        };
    }

    /** By so much to every side. */
    public Rectangle grownBy(double metres) {
        return new Rectangle(left - metres, near - metres, right + metres, far + metres);
    }

    public List<Point> corners() {
        return List.of(new Point(left, near), new Point(right, near), new Point(right, far), new Point(left, far));
    }

    /** The part of it that lies on another, which must be some. */
    public Rectangle on(Rectangle other) {
        return new Rectangle(
                Math.max(left, other.left),
                Math.max(near, other.near),
                Math.min(right, other.right),
                Math.min(far, other.far));
    }

    /** Whether the two have a point in common. */
    public boolean meets(Rectangle other) {
        return left <= other.right && other.left <= right && near <= other.far && other.near <= far;
    }

    /** The side whose line a place is nearest to; ties go to the depth. */
    public Side nearestSide(Point place) {
        double toLeft = Math.abs(place.x() - left);
        double toRight = Math.abs(right - place.x());
        double toNear = Math.abs(place.y() - near);
        double toFar = Math.abs(far - place.y());
        double nearest = Math.min(Math.min(toLeft, toRight), Math.min(toNear, toFar));
        if (nearest == toFar) {
            return Side.DEEP;
        }
        if (nearest == toNear) {
            return Side.SHORT;
        }
        return nearest == toLeft ? Side.LEFT : Side.RIGHT;
    }

    private static double between(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }
}
