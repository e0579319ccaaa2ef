package bersaglio.wire.view;

import bersaglio.core.court.Area;
import bersaglio.core.court.Point;
import bersaglio.core.format.Flat;
import bersaglio.core.scatter.Ellipse;
import bersaglio.core.scatter.Scatter;
import bersaglio.core.scatter.ZoneChance;
import bersaglio.core.target.Ground;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A zone, and what a player's landings say of it.
 *
 * @param size       of the zone, in square metres
 * @param share      of what is in use of its court, 0 to 1
 * @param placements landings of the player at its level, in court and out
 * @param fewest     landings below which nothing is said
 * @param chance     to hit it, once enough landings are known
 * @param half       the ellipse that half of the shots come down in
 */
public record ZoneReportView(
        double size,
        double share,
        int placements,
        int nets,
        int fewest,
        @Nullable Double chance,
        @Nullable EllipseView half,
        @Flat SizedView sizing,
        @Nullable OwnSpreadView own) {

    /**
     * The size for another chance.
     *
     * @param wanted the chance that {@code sized} is for
     * @param scale  by how much the zone is scaled about its middle for it
     * @param sized  the zone scaled for the wanted chance, where a size gives it
     * @param least  the least such zone that so few landings leave open; absent once there are enough
     * @param most   the greatest
     */
    public record SizedView(
            double wanted,
            @Nullable Double scale,
            @Nullable ShapeView sized,
            @Nullable ShapeView least,
            @Nullable ShapeView most) {

        static SizedView of(double wanted, Optional<ZoneChance> known) {
            return new SizedView(
                    wanted,
                    known.filter(chance -> chance.scale().isPresent())
                            .map(chance -> chance.scale().getAsDouble())
                            .orElse(null),
                    known.flatMap(ZoneChance::sized).map(ShapeView::of).orElse(null),
                    known.flatMap(ZoneChance::range)
                            .map(range -> ShapeView.of(range.least()))
                            .orElse(null),
                    known.flatMap(ZoneChance::range)
                            .map(range -> ShapeView.of(range.most()))
                            .orElse(null));
        }
    }

    /**
     * The player's own spread, one standard deviation along its longer and its shorter axis, in metres, with the
     * charter's own error taken off.
     *
     * @param charterSd what was taken off, on each axis
     * @param measured  whether it was measured at the place, or is what is assumed of one that was not
     * @param limited   whether it was too large to be taken off whole
     */
    public record OwnSpreadView(double major, double minor, double charterSd, boolean measured, boolean limited) {}

    public ZoneReportView with(OwnSpreadView spread) {
        return new ZoneReportView(size, share, placements, nets, fewest, chance, half, sizing, spread);
    }

    /** Half axes in metres, the longer one at an angle in degrees from the right, counter-clockwise. */
    public record EllipseView(Point middle, double major, double minor, double degrees) {}

    public static ZoneReportView of(
            Ground zone, Area inUse, int placements, int nets, double wanted, Optional<ZoneChance> known) {
        return new ZoneReportView(
                zone.size(),
                zone.shareOf(inUse),
                placements,
                nets,
                Scatter.FEWEST,
                known.map(ZoneChance::chance).orElse(null),
                known.map(chance -> of(chance.half())).orElse(null),
                SizedView.of(wanted, known),
                null);
    }

    private static EllipseView of(Ellipse ellipse) {
        return new EllipseView(
                ellipse.middle(),
                ellipse.major(),
                ellipse.minor(),
                Math.toDegrees(
                        Math.atan2(ellipse.direction().y(), ellipse.direction().x())));
    }
}
