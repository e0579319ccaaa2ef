package bersaglio.core.scatter;

import bersaglio.core.court.Point;
import bersaglio.core.problem.Check;

/**
 * How places spread about their mean, in square metres.
 *
 * @param xx variance across
 * @param xy covariance
 * @param yy variance along
 */
public record Covariance(double xx, double xy, double yy) {

    public Covariance {
        Check.requirePositive("xx", xx);
        Check.requirePositive("yy", yy);
        double most = Math.sqrt(xx * yy);
        Check.requireBetween("xy", xy, -most, most);
    }

    public static Covariance of(double sdAcross, double sdAlong, double correlation) {
        Check.requirePositive("sdAcross", sdAcross);
        Check.requirePositive("sdAlong", sdAlong);
        Check.requireBetween("correlation", correlation, -1, 1);
        return new Covariance(sdAcross * sdAcross, correlation * sdAcross * sdAlong, sdAlong * sdAlong);
    }

    /** One of the two directions, square to each other, along which places spread on their own. */
    public record Axis(Point direction, double variance) {}

    /** The direction of the greatest spread. */
    public Axis major() {
        double variance = (xx + yy) / 2 + half();
        Point along =
                Math.abs(xy) > 1e-15 ? new Point(variance - yy, xy) : xx >= yy ? new Point(1, 0) : new Point(0, 1);
        double length = along.distanceTo(new Point(0, 0));
        return new Axis(new Point(along.x() / length, along.y() / length), variance);
    }

    /** The direction of the least spread. */
    public Axis minor() {
        Point major = major().direction();
        return new Axis(new Point(-major.y(), major.x()), Math.max(0, (xx + yy) / 2 - half()));
    }

    private double half() {
        double difference = (xx - yy) / 2;
        return Math.sqrt(difference * difference + xy * xy);
    }

    /** The same directions with other variances. */
    Covariance with(double majorVariance, double minorVariance) {
        Point along = major().direction();
        double cc = along.x() * along.x();
        double ss = along.y() * along.y();
        double cs = along.x() * along.y();
        return new Covariance(
                cc * majorVariance + ss * minorVariance,
                cs * (majorVariance - minorVariance),
                ss * majorVariance + cc * minorVariance);
    }
}
