package bersaglio.core.shot;

import bersaglio.core.court.Side;
import bersaglio.core.problem.Refused;

/** An outcome with the side on which the zone or the court was missed, in the hitter's frame. */
public record Ruling(Outcome outcome, Side side) {

    public static final Ruling HIT = of(Outcome.HIT);
    public static final Ruling VOID = of(Outcome.VOID);

    public Ruling {
        if (!outcome.sides().contains(side)) {
            throw new Refused("bad_side", "side", side.name(), "for " + outcome + " one of " + outcome.sides());
        }
    }

    public static Ruling of(Outcome outcome) {
        return new Ruling(outcome, Side.NONE);
    }
}
