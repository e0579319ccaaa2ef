package bersaglio.core.target;

import bersaglio.core.court.Area;
import bersaglio.core.court.Plane;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.Hand;

/**
 * An area that a shot should go to, as laid for a right-hander.
 *
 * @param number the key that names it, 1 to 9
 * @param plane  the surface that it lies on
 */
public record TargetZone(String name, int number, Plane plane, Area area, Tie tie) {

    private static final int LONGEST_NAME = 40;

    public TargetZone {
        Check.requireBetween("number", number, 1, 9);
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new Refused("bad_name", "name", name, "1 to " + LONGEST_NAME + " characters");
        }
    }

    public Area areaFor(Hand hand) {
        return tie == Tie.HITTER_HAND && hand == Hand.LEFT ? area.mirrored() : area;
    }
}
