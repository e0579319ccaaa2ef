package bersaglio.core.goal;

import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

/** What several goals check and count alike. */
final class Goals {

    /** Balls after which any set is over, whatever its goal. */
    static final int LONGEST_SET = 2000;

    private Goals() {}

    static void requireOneOf(MissRule rule, MissRule.Does... allowed) {
        for (MissRule.Does one : allowed) {
            if (rule.does() == one) {
                return;
            }
        }
        throw new Refused(
                "not_allowed", "misses", rule.does().name(), List.of(allowed).toString());
    }

    /** @param balls 0 for no end */
    static void requireBallsFor(int balls, int least) {
        if (balls != 0) {
            Check.requireBetween("balls", balls, least, LONGEST_SET);
        }
    }

    static int orNoEnd(int balls) {
        return balls == 0 ? Play.NO_END : balls;
    }

    /** From one hit to the most, what each asks for. */
    static List<Goal> rising(int most, IntFunction<Goal> asking) {
        return IntStream.rangeClosed(1, Math.min(most, 1000)).mapToObj(asking).toList();
    }
}
