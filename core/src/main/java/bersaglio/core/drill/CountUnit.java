package bersaglio.core.drill;

import bersaglio.core.problem.Check;

/**
 * What one count of a drill is made of.
 *
 * @param balls     that must all hold, 1 to 20
 * @param firstMiss what a miss before the last of them does
 */
public record CountUnit(Kind kind, int balls, FirstMiss firstMiss) {

    /** What it is called. */
    public enum Kind {
        BALL,
        PAIR,
        COMBINATION,
        PASS,
        CONTACT,
        RALLY
    }

    /** Whether it is a try of its own. */
    public enum FirstMiss {
        USES_UP_A_TRY,
        IS_PLAYED_AGAIN
    }

    public static final CountUnit BALL = new CountUnit(Kind.BALL, 1, FirstMiss.USES_UP_A_TRY);

    public CountUnit {
        int least = kind == Kind.PAIR || kind == Kind.COMBINATION ? 2 : 1;
        int most = kind == Kind.PAIR ? 2 : kind == Kind.COMBINATION ? 20 : 1;
        Check.requireBetween("balls", balls, least, most);
    }
}
