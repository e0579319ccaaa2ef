package bersaglio.core.pattern;

import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;

/**
 * Steps that come again.
 *
 * @param first the place of the first of them in the pattern, from 0
 * @param last  that of the last
 * @param times they come in all, at most where the player ends it
 * @param orFewer whether who plays the next step changes when they choose
 */
public record Repeat(int first, int last, int times, @Usually("false") boolean orFewer) {

    private static final int MOST_TIMES = 50;

    public Repeat {
        Check.requireBetween("first", first, 0, Pattern.MOST_STEPS - 1);
        Check.requireBetween("last", last, first, Pattern.MOST_STEPS - 1);
        Check.requireBetween("times", times, 2, MOST_TIMES);
    }

    boolean has(int step) {
        return first <= step && step <= last;
    }
}
