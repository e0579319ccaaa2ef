package bersaglio.core.forecast;

import bersaglio.core.goal.Duel;
import bersaglio.core.goal.Goal;
import bersaglio.core.odds.GoalOdds;
import bersaglio.core.problem.Check;
import java.util.List;
import java.util.Optional;

/**
 * What makes a duel even. It takes the two rates for known, and each ball for independent of the others.
 *
 * @param chance       of the first to win as the duel stands
 * @param goal         the same duel with the head start that comes nearest to even
 * @param withHeadStart the chance of the first to win with those
 * @param firstIsBetter whether it is the first who hits more often
 * @param rate         at which the better one would be even without a head start: that of the other
 */
public record FairDuel(double chance, Goal goal, double withHeadStart, boolean firstIsBetter, double rate) {

    /** Chances as near to each other as this are equal. */
    public static final double EQUAL = 0.01;

    private static final double LEAST = 0.001;
    /** No duel goes by the clock. */
    private static final double SECONDS_A_BALL = 6;

    public FairDuel {
        Check.requireRate("chance", chance);
        Check.requireRate("withHeadStart", withHeadStart);
        Check.requireRate("rate", rate);
    }

    /**
     * A rate of 0 or 1 is taken a thousandth from there.
     *
     * @return nothing of a goal that is no duel
     */
    public static Optional<FairDuel> of(Goal goal, double first, double second) {
        return goal instanceof Duel duel ? Optional.of(of(duel, first, second)) : Optional.empty();
    }

    static FairDuel of(Duel duel, double first, double second) {
        double one = Math.max(LEAST, Math.min(1 - LEAST, first));
        double other = Math.max(LEAST, Math.min(1 - LEAST, second));
        // The more points the weaker one has ahead, the less often the other wins: looked for by halves.
        int few = 0;
        int many = duel.points() - 1;
        while (many - few > 1) {
            int middle = (few + many) / 2;
            boolean betterLeads = isBetterLikelier(with(duel, one, other, middle), one, other);
            few = betterLeads ? middle : few;
            many = betterLeads ? many : middle;
        }
        Duel less = with(duel, one, other, few);
        Duel more = with(duel, one, other, many);
        Duel nearest = off(less, one, other) <= off(more, one, other) ? less : more;
        return new FairDuel(
                chance(duel, one, other), nearest, chance(nearest, one, other), one > other, Math.min(one, other));
    }

    /** Whether a head start makes it as even as chances are told apart. */
    public boolean isEven() {
        return Math.abs(withHeadStart - (1 - withHeadStart)) <= EQUAL;
    }

    /** The first wins, as a set of the duel is followed. */
    private static double chance(Duel duel, double one, double other) {
        return GoalOdds.of(duel.ahead(SECONDS_A_BALL), List.of(one, other)).met();
    }

    private static boolean isBetterLikelier(Duel duel, double one, double other) {
        return chance(duel, one, other) > 0.5 == one > other;
    }

    private static double off(Duel duel, double one, double other) {
        return Math.abs(chance(duel, one, other) - 0.5);
    }

    private static Duel with(Duel duel, double one, double other, int start) {
        return new Duel(duel.points(), duel.lead(), one > other ? List.of(0, start) : List.of(start, 0));
    }
}
