package bersaglio.core.shot;

import bersaglio.core.court.Side;
import java.util.EnumSet;
import java.util.Set;

/** What became of a shot at a target. The last two are entries, but no trials. */
public enum Outcome {
    HIT(true),
    IN(true, Side.SHORT, Side.DEEP, Side.LEFT, Side.RIGHT),
    NET(true),
    LONG(true),
    WIDE(true, Side.LEFT, Side.RIGHT),
    /** Only where a line or a rule makes it a miss: in front of a service box, in the tin. */
    SHORT(true),
    /** A serve that broke its rule, such as a first bounce on the wrong side. */
    FAULT(true),
    NO_REACH(true),
    /** Which way it missed was not said. */
    NOT_HIT(true),
    NOT_SEEN(false),
    VOID(false);

    private final boolean trial;
    private final Set<Side> sides;

    Outcome(boolean trial, Side... sides) {
        this.trial = trial;
        this.sides = EnumSet.of(Side.NONE, sides);
    }

    public boolean isTrial() {
        return trial;
    }

    /** The sides that a miss of this kind can carry; which one need not be known. */
    public Set<Side> sides() {
        return EnumSet.copyOf(sides);
    }
}
