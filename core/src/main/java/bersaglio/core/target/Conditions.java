package bersaglio.core.target;

import bersaglio.core.court.Area;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import bersaglio.core.format.Called;
import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What the place of a zone depends on as a shot is played. Zones are drawn for right hands, from the right side.
 *
 * @param from     the side served or hit from
 * @param opponent the opponent's racket hand
 * @param stance   where the opponents stand, when it is not where the target has them
 * @param laid     zones that were laid otherwise than drawn
 */
public record Conditions(
        @Called("hand") Hand hitter, From from, Hand opponent, Optional<Stance> stance, @Usually("") List<Laid> laid) {

    public static final Conditions AS_DRAWN =
            new Conditions(Hand.RIGHT, From.RIGHT, Hand.RIGHT, Optional.empty(), List.of());

    /**
     * A zone as it was really put down.
     *
     * @param zone its number
     * @param area where it lies for the player who hits
     */
    public record Laid(int zone, Area area) {
        public Laid {
            Check.requireBetween("zone", zone, 1, 9);
        }

        private String key() {
            Rectangle bounds = area.bounds();
            return zone + ":" + millimetres(bounds.left()) + "," + millimetres(bounds.near()) + ","
                    + millimetres(bounds.right()) + "," + millimetres(bounds.far()) + ","
                    + Math.round(area.size() * 1e4) + corners();
        }

        /** Of an area that its bounds do not tell from its mirror image, in the order in which they lie. */
        private String corners() {
            if (!(area instanceof Polygon polygon)) {
                return "";
            }
            return polygon.corners().stream()
                    .map(corner -> ":" + millimetres(corner.x()) + "," + millimetres(corner.y()))
                    .sorted()
                    .collect(Collectors.joining());
        }

        private static long millimetres(double metres) {
            return Math.round(metres * 1000);
        }
    }

    public Conditions {
        laid = List.copyOf(laid);
        Check.requireBetween("laid", laid.size(), 0, 9);
    }

    /** Tells sets that were laid otherwise from one another, to the millimetre; empty for one laid as drawn. */
    public String laidKey() {
        return String.join(";", laid.stream().map(Laid::key).toList());
    }

    public Conditions with(Hand hand) {
        return new Conditions(hand, from, opponent, stance, laid);
    }

    public Conditions with(From side) {
        return new Conditions(hitter, side, opponent, stance, laid);
    }

    public Conditions withOpponent(Hand hand) {
        return new Conditions(hitter, from, hand, stance, laid);
    }

    public Conditions with(Stance moved) {
        return withStance(Optional.of(moved));
    }

    /** Nothing for where the target has the opponents. */
    public Conditions withStance(Optional<Stance> other) {
        return new Conditions(hitter, from, opponent, other, laid);
    }

    public Conditions with(List<Laid> put) {
        return new Conditions(hitter, from, opponent, stance, put);
    }
}
