package bersaglio.core.target;

import bersaglio.core.court.Area;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Region;
import bersaglio.core.court.Surface;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.target.Conditions.Laid;
import bersaglio.core.target.Target.OnSurface;

/**
 * What a shot should go to, as drawn for right hands and from the right side.
 *
 * @param number the key that names it, 1 to 9
 * @param plane  the surface that it lies on; of places in order, the last one's
 */
public record Zone(int number, String name, Plane plane, Tie tie, Target asks) {

    private static final int LONGEST_NAME = 40;

    public Zone {
        Check.requireBetween("number", number, 1, 9);
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new Refused("bad_name", "name", name, "1 to " + LONGEST_NAME + " characters");
        }
    }

    /** A single area, tied to the court. */
    public static Zone spot(int number, String name, Plane plane, Area area) {
        return new Zone(number, name, plane, Tie.COURT, new OneArea(area));
    }

    public Zone tiedTo(Tie other) {
        return new Zone(number, name, plane, other, asks);
    }

    Zone on(Plane other) {
        return new Zone(number, name, other, tie, asks);
    }

    public Zone with(Change change) {
        return new Zone(number, name, plane, tie, asks.with(change));
    }

    Patch on(OnSurface part, Surface surface, Region inUse, int ring, Conditions conditions) {
        Ground drawn = part.on(surface, inUse, conditions.stance());
        if (ring > 0) {
            drawn = drawn.counting(Math.min(ring, Math.max(1, drawn.rings().size())));
        }
        Ground lying = tie.flips(conditions) ? drawn.with(new Change.Mirrored()) : drawn;
        for (Laid laid : conditions.laid()) {
            if (laid.zone() == number) {
                lying = lying.laidAs(laid.area())
                        .orElseThrow(
                                () -> new Refused("not_allowed", "laid", "zone " + number, "a zone of a single area"));
            }
        }
        return new Patch(number, lying);
    }
}
