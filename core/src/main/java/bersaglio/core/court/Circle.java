package bersaglio.core.court;

import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;

/** A disc. */
public record Circle(Point middle, double radius) implements Area {

    private static final double LARGEST = 50;

    public Circle {
        Check.requireBetween("middle.x", middle.x(), -Rectangle.FARTHEST, Rectangle.FARTHEST);
        Check.requireBetween("middle.y", middle.y(), -Rectangle.FARTHEST, Rectangle.FARTHEST);
        Check.requirePositive("radius", radius);
        Check.requireBetween("radius", radius, 0, LARGEST);
    }

    /** Its words after {@code circle of}. */
    static Circle read(Reader from, AreaWords in) {
        double radius = from.metres();
        from.needs("about");
        return new Circle(in.point(from), radius);
    }

    @Override
    public void write(Sentence to, AreaWords in) {
        in.write(to.say("circle of").metres(radius).say("about"), middle);
    }

    @Override
    public boolean contains(Point point) {
        return middle.distanceTo(point) <= radius + Overshoot.NOTHING;
    }

    @Override
    public Point nearestOnEdge(Point place) {
        Point out = outwardAt(place);
        return new Point(middle.x() + radius * out.x(), middle.y() + radius * out.y());
    }

    @Override
    public Point outwardAt(Point onEdge) {
        double distance = middle.distanceTo(onEdge);
        if (distance <= Overshoot.NOTHING) {
            return new Point(0, 1);
        }
        return new Point((onEdge.x() - middle.x()) / distance, (onEdge.y() - middle.y()) / distance);
    }

    @Override
    public Circle mirrored() {
        return new Circle(middle.mirrored(), radius);
    }

    @Override
    public Circle reflected() {
        return new Circle(middle.reflected(), radius);
    }

    @Override
    public Circle moved(double right, double away) {
        return new Circle(middle.moved(right, away), radius);
    }

    @Override
    public Circle scaled(double factor) {
        return new Circle(middle, radius * factor);
    }

    @Override
    public double size() {
        return Math.PI * radius * radius;
    }

    @Override
    public double narrowest() {
        return 2 * radius;
    }

    @Override
    public Rectangle bounds() {
        return new Rectangle(middle.x() - radius, middle.y() - radius, middle.x() + radius, middle.y() + radius);
    }
}
