package bersaglio.core.pattern;

import bersaglio.core.format.Flat;
import bersaglio.core.problem.Check;

/**
 * What was called ahead of a shot: of the ways that a step leaves open, the one that is to be played.
 *
 * @param step its place in the pattern, from 0
 */
public record Asked(int step, @Flat Way way) {
    public Asked {
        Check.requireBetween("step", step, 0, Pattern.MOST_STEPS - 1);
    }
}
