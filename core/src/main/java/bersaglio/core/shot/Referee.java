package bersaglio.core.shot;

import bersaglio.core.court.Area;
import bersaglio.core.court.Overshoot;
import bersaglio.core.court.Point;
import bersaglio.core.court.Region;
import bersaglio.core.court.Side;
import bersaglio.core.court.Surface;
import java.util.Optional;

/**
 * Decides what a landing is: in the zone, in play outside it, or out. Edges belong to the zone and to the court. Out
 * beyond two lines the greater overshoot names the miss, and a tie is long; the same for the side on which the zone was
 * missed.
 */
public record Referee(Surface surface, Region inPlay, Area zone) {

    /** A charter's own error, as a standard deviation in metres, until a check has measured it. */
    public static final double UNKNOWN_CHARTER_SD = 0.25;

    private static final double CLOSE_SHARE_OF_ZONE = 0.05;
    private static final double JUST_BEYOND = 1e-6;

    public Ruling rule(Point landing) {
        Overshoot out = inPlay.overshoot(landing);
        if (!out.isNone()) {
            return switch (out.side()) {
                case SHORT -> Ruling.of(surface.isShortOfNet(landing) ? Outcome.NET : Outcome.SHORT);
                case DEEP -> Ruling.of(Outcome.LONG);
                default -> new Ruling(Outcome.WIDE, out.side());
            };
        }
        Overshoot missed = zone.overshoot(landing);
        return missed.isNone() ? Ruling.HIT : new Ruling(Outcome.IN, missed.side());
    }

    /** Within how many metres of an edge a shot is close and asks for the call. */
    public double closeMargin(double charterSd) {
        return Math.min(charterSd, CLOSE_SHARE_OF_ZONE * zone.narrowest());
    }

    /** What the shot would be on the other side of the edge that it is close to, if it is close to one. */
    public Optional<Ruling> otherSideOfCloseEdge(Point landing, double charterSd) {
        double margin = closeMargin(charterSd) + 1e-9;
        Ruling ruled = rule(landing);
        if (zone.distanceToEdge(landing) <= margin) {
            return Optional.of(
                    ruled.outcome() == Outcome.HIT ? rule(zone.acrossEdge(landing, JUST_BEYOND)) : Ruling.HIT);
        }
        if (inPlay.area().distanceToEdge(landing) > margin) {
            return Optional.empty();
        }
        boolean out = !inPlay.contains(landing);
        Ruling other = out
                ? new Ruling(Outcome.IN, sideOfZone(landing))
                : rule(inPlay.area().acrossEdge(landing, JUST_BEYOND));
        return Optional.of(other);
    }

    private Side sideOfZone(Point landing) {
        return zone.overshoot(landing).side();
    }
}
