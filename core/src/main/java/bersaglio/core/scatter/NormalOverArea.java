package bersaglio.core.scatter;

import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * The share of a bivariate normal spread that lies over an area: the area is cut into slices along {@code y}; over
 * each slice the inner integral is a difference of two normal probabilities given {@code x}, and the outer one is
 * Simpson's, from corner to corner, in steps of an eighth of what the spread changes over.
 */
final class NormalOverArea {

    private static final NormalDistribution STANDARD = NormalDistribution.of(0, 1);
    private static final double FARTHEST = 8;
    private static final double STEPS_A_SD = 8;
    private static final double MOST_STEPS = 4000;
    private static final double LEAST_SLICE = 1e-12;

    private final Point mean;
    private final Rectangle court;
    private final double sdAcross;
    private final double slope;
    private final double sdGivenX;

    /** Over how much of {@code x} anything changes: with a strong correlation, over less than the spread. */
    private final double grain;

    /** @param court only what lies on it counts */
    NormalOverArea(Point mean, Covariance covariance, Rectangle court) {
        this.mean = mean;
        this.court = court;
        this.sdAcross = Math.sqrt(covariance.xx());
        this.slope = covariance.xy() / covariance.xx();
        double rest = covariance.yy() - covariance.xy() * slope;
        this.sdGivenX = Math.sqrt(Math.max(rest, 1e-9 * covariance.yy()));
        this.grain = Math.min(sdAcross, sdGivenX / Math.max(Math.abs(slope), 1e-9));
    }

    /** @return 0 to 1, to 1e−4 */
    double mass(Area area) {
        double mass = area instanceof Circle circle ? overCircle(circle) : overStraightSides(area);
        return Math.max(0, Math.min(1, mass));
    }

    private double overStraightSides(Area area) {
        List<Point> corners = area instanceof Polygon polygon
                ? polygon.corners()
                : area.bounds().corners();
        List<Double> cuts = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Point corner = corners.get(i);
            Point next = corners.get((i + 1) % corners.size());
            cuts.add(within(corner.x()));
            addCrossing(cuts, corner, next, court.near());
            addCrossing(cuts, corner, next, court.far());
        }
        Collections.sort(cuts);
        double mass = 0;
        for (int i = 1; i < cuts.size(); i++) {
            double from = cuts.get(i - 1);
            double to = cuts.get(i);
            if (to - from > LEAST_SLICE) {
                List<Side> sides = sidesOver(corners, from, to);
                mass += simpson(from, to, (to - from) / grain, x -> density(x) * between(sides, x));
            }
        }
        return mass;
    }

    private double overCircle(Circle circle) {
        double radius = circle.radius();
        Point middle = circle.middle();
        double from = Math.asin(Math.max(-1, Math.min(1, (court.left() - middle.x()) / radius)));
        double to = Math.asin(Math.max(-1, Math.min(1, (court.right() - middle.x()) / radius)));
        return simpson(from, to, Math.PI + 2 * radius / Math.min(grain, sdGivenX), angle -> {
            double x = middle.x() + radius * Math.sin(angle);
            double half = radius * Math.cos(angle);
            return density(x) * half * onCourt(x, middle.y() - half, middle.y() + half);
        });
    }

    private double density(double x) {
        return STANDARD.density((x - mean.x()) / sdAcross) / sdAcross;
    }

    /** The chance of a smaller {@code y} at this {@code x}. */
    private double below(double x, double y) {
        return STANDARD.cumulativeProbability((y - mean.y() - slope * (x - mean.x())) / sdGivenX);
    }

    private double within(double x) {
        double from = Math.max(court.left(), mean.x() - FARTHEST * sdAcross);
        double to = Math.min(court.right(), mean.x() + FARTHEST * sdAcross);
        return Math.max(from, Math.min(to, x));
    }

    /** Where a side leaves the court, the slices change their form. */
    private void addCrossing(List<Double> cuts, Point from, Point to, double y) {
        if (from.y() > y != to.y() > y) {
            cuts.add(within(from.x() + (y - from.y()) / (to.y() - from.y()) * (to.x() - from.x())));
        }
    }

    private double onCourt(double x, double from, double to) {
        double low = Math.max(from, court.near());
        double high = Math.min(to, court.far());
        return high > low ? below(x, high) - below(x, low) : 0;
    }

    private record Side(Point from, Point to) {
        double at(double x) {
            return from.y() + (x - from.x()) / (to.x() - from.x()) * (to.y() - from.y());
        }
    }

    /** The sides that pass over a slice between two neighbouring corners, from the nearest up; none cross in it. */
    private static List<Side> sidesOver(List<Point> corners, double from, double to) {
        double middle = (from + to) / 2;
        List<Side> sides = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Point one = corners.get(i);
            Point other = corners.get((i + 1) % corners.size());
            if (one.x() > middle != other.x() > middle) {
                sides.add(new Side(one, other));
            }
        }
        sides.sort((one, other) -> Double.compare(one.at(middle), other.at(middle)));
        return sides;
    }

    private double between(List<Side> sides, double x) {
        double share = 0;
        for (int i = 1; i < sides.size(); i += 2) {
            share += onCourt(x, sides.get(i - 1).at(x), sides.get(i).at(x));
        }
        return share;
    }

    private interface Curve {
        double at(double place);
    }

    private static double simpson(double from, double to, double spreads, Curve curve) {
        int steps = 2 * (int) Math.ceil(Math.max(2, Math.min(MOST_STEPS, STEPS_A_SD * spreads) / 2));
        double width = (to - from) / steps;
        double sum = curve.at(from) + curve.at(to);
        for (int i = 1; i < steps; i++) {
            sum += (i % 2 == 1 ? 4 : 2) * curve.at(from + i * width);
        }
        return sum * width / 3;
    }
}
