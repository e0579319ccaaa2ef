package bersaglio.core.scatter;

import bersaglio.core.court.Area;
import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import bersaglio.core.target.Ground;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;

/**
 * What a player's scatter says of a zone: the chance to hit it, and the size that would make it a wanted chance.
 *
 * @param half   the ellipse that the next placement falls in half the time
 * @param wanted chance, above 0 and below 1
 * @param scale  by how much the zone must be scaled about its middle for it, where a size gives it
 * @param sized  the zone scaled about its middle for it, where a size gives it
 * @param range  from the least to the greatest such zone that the placements leave open; only said while they are few
 */
public record ZoneChance(
        int placements,
        double chance,
        Ellipse half,
        double wanted,
        OptionalDouble scale,
        Optional<Area> sized,
        Optional<Range> range) {

    private static final double TAIL = 0.025;

    /** The least and the greatest of what may be. */
    public record Range(Area least, Area most) {}

    /** @return nothing while too few placements are known */
    public static Optional<ZoneChance> of(List<Point> placements, int nets, Ground zone, Area inUse, double wanted) {
        return Scatter.of(placements, nets).map(scatter -> of(scatter, zone, inUse, wanted));
    }

    public static ZoneChance of(Scatter scatter, Ground zone, Area inUse, double wanted) {
        OptionalDouble scale = scatter.scaleFor(zone, inUse, wanted);
        boolean few = scatter.placements() < Scatter.ENOUGH_FOR_A_SIZE;
        return new ZoneChance(
                scatter.placements(),
                scatter.chance(zone, inUse),
                scatter.ellipse(0.5),
                wanted,
                scale,
                scale.isPresent() ? Optional.of(sized(zone, inUse, scale)) : Optional.empty(),
                few && scale.isPresent() ? range(scatter, zone, inUse, wanted) : Optional.empty());
    }

    /** From the 95 % interval of a variance: (n − 1)s² over chi-squared with n − 1 degrees of freedom. */
    private static Optional<Range> range(Scatter scatter, Ground zone, Area inUse, double wanted) {
        double freedom = scatter.placements() - 1.0;
        ChiSquaredDistribution spread = ChiSquaredDistribution.of(freedom);
        OptionalDouble least = scatter.spreadBy(freedom / spread.inverseSurvivalProbability(TAIL))
                .scaleFor(zone, inUse, wanted);
        OptionalDouble most = scatter.spreadBy(freedom / spread.inverseCumulativeProbability(TAIL))
                .scaleFor(zone, inUse, wanted);
        return least.isPresent() && most.isPresent()
                ? Optional.of(new Range(sized(zone, inUse, least), sized(zone, inUse, most)))
                : Optional.empty();
    }

    /** A rectangle is laid on the court only. */
    private static Area sized(Ground zone, Area inUse, OptionalDouble scale) {
        Area scaled = zone.scaled(scale.getAsDouble()).whole();
        return scaled instanceof Rectangle box ? box.on(inUse.bounds()) : scaled;
    }
}
