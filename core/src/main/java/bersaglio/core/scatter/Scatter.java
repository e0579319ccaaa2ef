package bersaglio.core.scatter;

import bersaglio.core.court.Area;
import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import bersaglio.core.measure.Threshold;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.target.Ground;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.statistics.distribution.FDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * Where a player's shots of one kind at one target come down: placements in court and out, and the rate of those that
 * the net kept, which have no place.
 *
 * @param placements how many it rests on, at least {@value #FEWEST}
 * @param mean       of the placements
 * @param covariance of the placements, with n − 1
 * @param netRate    share of the trials seen that ended in the net, 0 to 1
 */
public record Scatter(int placements, Point mean, Covariance covariance, double netRate) {

    /** Below this many placements nothing is said of a player's scatter. */
    public static final int FEWEST = 8;

    /** Below this many a size that is proposed is shown as a range. */
    public static final int ENOUGH_FOR_A_SIZE = 20;

    /** A millimetre squared: charted places are no finer. */
    private static final double LEAST_VARIANCE = 1e-6;

    private static final double KEPT_OF_OBSERVED = 0.1;
    /** To every side of its middle, in metres: more than any court, and less than an area may reach. */
    private static final double WIDEST_REACH = 45;

    private static final double SMALLEST_SCALE = 1e-3;
    private static final int HALVINGS = 60;

    public Scatter {
        Check.requireAtLeast("placements", placements, FEWEST);
        Check.requireRate("netRate", netRate);
    }

    /**
     * @param nets trials seen that ended in the net
     * @return nothing when there are too few placements to say anything
     */
    public static Optional<Scatter> of(List<Point> placements, int nets) {
        Check.requireAtLeast("nets", nets, 0);
        int count = placements.size();
        if (count < FEWEST) {
            return Optional.empty();
        }
        double x = 0;
        double y = 0;
        for (Point place : placements) {
            x += place.x() / count;
            y += place.y() / count;
        }
        double xx = 0;
        double xy = 0;
        double yy = 0;
        for (Point place : placements) {
            xx += (place.x() - x) * (place.x() - x) / (count - 1);
            xy += (place.x() - x) * (place.y() - y) / (count - 1);
            yy += (place.y() - y) * (place.y() - y) / (count - 1);
        }
        Covariance covariance = new Covariance(xx + LEAST_VARIANCE, xy, yy + LEAST_VARIANCE);
        return Optional.of(new Scatter(count, new Point(x, y), covariance, (double) nets / (count + nets)));
    }

    /**
     * The ellipse that the next placement falls in with this chance: in Mahalanobis units its radius squared is
     * 2(n² − 1) / (n(n − 2)) · F⁻¹(chance; 2, n − 2), the prediction region of a bivariate normal sample.
     *
     * @param chance above 0 and below 1
     */
    public Ellipse ellipse(double chance) {
        double radius = Math.sqrt(radiusSquared(chance));
        Covariance.Axis major = covariance.major();
        return new Ellipse(
                mean,
                major.direction(),
                radius * Math.sqrt(major.variance()),
                radius * Math.sqrt(covariance.minor().variance()));
    }

    double radiusSquared(double chance) {
        requireOpenRate(chance);
        double n = placements;
        return 2 * (n * n - 1) / (n * (n - 2)) * FDistribution.of(2, n - 2).inverseCumulativeProbability(chance);
    }

    /** The chance that the next shot comes down in an area and in court, when it is aimed as these were. */
    public double chance(Area area, Area inUse) {
        return (1 - netRate) * new NormalOverArea(mean, covariance, inUse).mass(area);
    }

    /** The chance that the next shot is good at a zone, when it is aimed as these were. */
    public double chance(Ground ground, Area inUse) {
        double good = chance(ground.good().orElse(inUse), inUse);
        double spoilt = ground.spoilt().map(area -> chance(area, inUse)).orElse(0.0);
        return Math.max(0, good - spoilt);
    }

    /** The same shots aimed elsewhere. */
    public Scatter aimedBy(double right, double away) {
        return new Scatter(placements, mean.moved(right, away), covariance, netRate);
    }

    /**
     * By how much a zone must be scaled about its middle for this chance to be good at it; what of it lies off the court
     * is never hit. A zone to keep away from is the easier the smaller it is.
     *
     * @return nothing when no size gives it
     */
    public OptionalDouble scaleFor(Ground ground, Area inUse, double chance) {
        requireOpenRate(chance);
        Rectangle bounds = ground.whole().bounds();
        double easy = 2 * WIDEST_REACH / Math.max(bounds.width(), bounds.depth());
        double hard = Math.max(SMALLEST_SCALE, ground.smallestScale());
        if (ground.good().isEmpty()) {
            double large = easy;
            easy = hard;
            hard = large;
        }
        if (!Threshold.reaches(chance(ground.scaled(easy), inUse), chance)
                || chance(ground.scaled(hard), inUse) > chance) {
            return OptionalDouble.empty();
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (easy + hard) / 2;
            if (chance(ground.scaled(middle), inUse) < chance) {
                hard = middle;
            } else {
                easy = middle;
            }
        }
        return OptionalDouble.of(easy);
    }

    /** The same placements with every variance so many times as large. */
    Scatter spreadBy(double times) {
        Covariance wider = new Covariance(times * covariance.xx(), times * covariance.xy(), times * covariance.yy());
        return new Scatter(placements, mean, wider, netRate);
    }

    /** Half the width of a strip through the middle of a spread without bias that is hit with this chance. */
    public static double halfWidthFor(double sd, double chance) {
        Check.requirePositive("sd", sd);
        requireOpenRate(chance);
        return sd * NormalDistribution.of(0, 1).inverseCumulativeProbability((1 + chance) / 2);
    }

    /**
     * The player's own spread.
     *
     * @param limited whether the charter's error was too large to be taken off whole
     */
    public record Own(Covariance covariance, boolean limited) {}

    /**
     * The spread without the charter's own error, for describing the player and for aiming; chances of charted hits
     * keep the observed one. At least a tenth of the observed variance is kept along each axis.
     *
     * @param charterSd in metres, as measured for this place, or what is assumed of one that was not
     */
    public Own withoutCharter(double charterSd) {
        Check.requireBetween("charterSd", charterSd, 0, 5);
        double major = covariance.major().variance();
        double minor = covariance.minor().variance();
        double error = charterSd * charterSd;
        boolean limited = major - error < KEPT_OF_OBSERVED * major || minor - error < KEPT_OF_OBSERVED * minor;
        return new Own(
                covariance.with(
                        Math.max(major - error, KEPT_OF_OBSERVED * major),
                        Math.max(minor - error, KEPT_OF_OBSERVED * minor)),
                limited);
    }

    private static void requireOpenRate(double chance) {
        if (!(chance > 0 && chance < 1)) {
            throw new Refused("out_of_range", "chance", Double.toString(chance), "above 0 and below 1");
        }
    }
}
