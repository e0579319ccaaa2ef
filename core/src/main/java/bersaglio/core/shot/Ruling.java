package bersaglio.core.shot;

import bersaglio.core.court.Side;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;

/**
 * An outcome with the side on which the zone or the court was missed, in the hitter's frame.
 *
 * @param zone the number of the zone that decided, 0 where none did or it is not known
 */
public record Ruling(Outcome outcome, Side side, int zone) {

    public static final Ruling HIT = of(Outcome.HIT);
    public static final Ruling VOID = of(Outcome.VOID);

    public Ruling {
        if (!outcome.sides().contains(side)) {
            throw new Refused("bad_side", "side", side.name(), "for " + outcome + " one of " + outcome.sides());
        }
        Check.requireBetween("zone", zone, 0, 9);
    }

    public Ruling(Outcome outcome, Side side) {
        this(outcome, side, 0);
    }

    public static Ruling of(Outcome outcome) {
        return new Ruling(outcome, Side.NONE);
    }

    public static Ruling hit(int zone) {
        return new Ruling(Outcome.HIT, Side.NONE, zone);
    }
}
