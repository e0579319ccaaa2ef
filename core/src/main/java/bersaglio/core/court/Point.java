package bersaglio.core.court;

import bersaglio.core.problem.Check;

/**
 * A place on a surface, in metres. On a court half: {@code x} to the hitter's right from the middle, {@code y} away
 * from the hitter from the net, so whichever end it was hit from. Each surface says where its own origin is.
 */
public record Point(double x, double y) {

    /** Farther than anything is from anything. */
    private static final double FARTHEST = 1e7;

    public Point {
        Check.requireBetween("x", x, -FARTHEST, FARTHEST);
        Check.requireBetween("y", y, -FARTHEST, FARTHEST);
    }

    public Point mirrored() {
        return new Point(0 - x, y);
    }

    /** In the line of the net. */
    public Point reflected() {
        return new Point(x, 0 - y);
    }

    /** The same place as a player at the other end has it. */
    public Point turned() {
        return new Point(0 - x, 0 - y);
    }

    public Point moved(double right, double away) {
        return new Point(x + right, y + away);
    }

    public double distanceTo(Point other) {
        double dx = other.x - x;
        double dy = other.y - y;
        return Math.sqrt(dx * dx + dy * dy);
    }
}
