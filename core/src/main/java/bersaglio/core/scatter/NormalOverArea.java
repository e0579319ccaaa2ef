package bersaglio.core.scatter;

import bersaglio.core.court.Area;
import bersaglio.core.court.Common;
import bersaglio.core.court.Point;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * The share of a bivariate normal spread that lies over an area and in court: along {@code y} a difference of two normal
 * probabilities given {@code x}, along {@code x} Simpson's rule in steps of an eighth of what the spread changes over.
 */
final class NormalOverArea {

    private static final NormalDistribution STANDARD = NormalDistribution.of(0, 1);
    private static final double FARTHEST = 8;
    private static final double STEPS_A_SD = 8;

    private final Point mean;
    private final Area inUse;
    private final double sdAcross;
    private final double slope;
    private final double sdGivenX;

    /** Over how much of {@code x} anything changes: with a strong correlation, over less than the spread. */
    private final double grain;

    /** @param inUse only what lies on it counts */
    NormalOverArea(Point mean, Covariance covariance, Area inUse) {
        this.mean = mean;
        this.inUse = inUse;
        this.sdAcross = Math.sqrt(covariance.xx());
        this.slope = covariance.xy() / covariance.xx();
        double rest = covariance.yy() - covariance.xy() * slope;
        this.sdGivenX = Math.sqrt(Math.max(rest, 1e-9 * covariance.yy()));
        this.grain = Math.min(sdAcross, sdGivenX / Math.max(Math.abs(slope), 1e-9));
    }

    /** @return 0 to 1, to 1e−4 */
    double mass(Area area) {
        double reach = FARTHEST * sdAcross;
        double mass = Common.of(area, inUse, mean.x() - reach, mean.x() + reach)
                .integral(grain / STEPS_A_SD, (x, low, high) -> density(x) * (below(x, high) - below(x, low)));
        return Math.max(0, Math.min(1, mass));
    }

    private double density(double x) {
        return STANDARD.density((x - mean.x()) / sdAcross) / sdAcross;
    }

    /** The chance of a smaller {@code y} at this {@code x}. */
    private double below(double x, double y) {
        return STANDARD.cumulativeProbability((y - mean.y() - slope * (x - mean.x())) / sdGivenX);
    }
}
