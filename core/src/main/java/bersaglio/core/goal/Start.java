package bersaglio.core.goal;

import bersaglio.core.problem.Check;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * What stands before a set.
 *
 * @param toBeat the player's best so far, where the goal is to beat it
 * @param called the number that the player called, where one was
 */
public record Start(OptionalDouble toBeat, OptionalInt called) {

    public static final Start FRESH = new Start(OptionalDouble.empty(), OptionalInt.empty());

    public Start {
        Check.requireBetween("toBeat", toBeat.orElse(0), 0, 1e6);
        Check.requireBetween("called", called.orElse(0), 0, 100_000);
    }
}
