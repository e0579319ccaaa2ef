package bersaglio.core.drill;

import bersaglio.core.odds.Neighbours;
import bersaglio.core.problem.Check;
import java.util.function.Function;
import java.util.function.IntToDoubleFunction;

/**
 * A player who tries a level: for whom it is told how often a rule lets through.
 *
 * @param rate   true rate of a ball
 * @param streak how much likelier a hit is after a hit than after a miss, 0 where balls are independent
 * @param sets   at most
 * @param setsADay for rules that count days
 * @param watched  whether streaks are looked for, as they are of everybody who is judged
 */
public record Trying(double rate, double streak, int sets, int setsADay, boolean watched) {

    static final double[] UNKNOWN = {};

    private static final int MOST_SETS = 1000;
    private static final int MOST_A_DAY = 50;
    private static final double STREAKIEST = 0.9;

    public Trying {
        Check.requireRate("rate", rate);
        Check.requireBetween("streak", streak, 0, STREAKIEST);
        Check.requireBetween("sets", sets, 0, MOST_SETS);
        Check.requireBetween("setsADay", setsADay, 1, MOST_A_DAY);
    }

    public static Trying of(double rate, int sets) {
        return new Trying(rate, 0, sets, 1, true);
    }

    public Trying streaky(double other) {
        return new Trying(rate, other, sets, setsADay, watched);
    }

    public Trying aDay(int others) {
        return new Trying(rate, streak, sets, others, watched);
    }

    /** By the rule as it is written, for who never shows a streak by chance. */
    public Trying unwatched() {
        return new Trying(rate, streak, sets, setsADay, false);
    }

    /**
     * What a ball is worth on average after so many balls, in sets of so many: for rules that look at each, where the balls that
     * decide say themselves how streaky they are.
     */
    double worth(int balls, int aSet) {
        return watched ? Neighbours.worthOfSteady(pairs(balls, aSet)) : 1;
    }

    private static int pairs(int balls, int aSet) {
        return balls - (balls + aSet - 1) / aSet;
    }

    /**
     * How often a rule that looks at whole sets passes after each, by what a ball is worth after so many of them: the mean over
     * what such players chance to show of streaks.
     *
     * @param aSet balls in each
     */
    double[] averaged(int aSet, Function<IntToDoubleFunction, double[]> passed) {
        if (!watched) {
            return passed.apply(balls -> 1);
        }
        double[] mean = new double[sets];
        // The lower half shows none.
        for (int luck = Neighbours.LUCKS / 2 - 1; luck < Neighbours.LUCKS; luck++) {
            int one = luck;
            double[] after = passed.apply(balls -> Neighbours.worthOfSteady(pairs(balls, aSet), one));
            double share = (luck < Neighbours.LUCKS / 2 ? Neighbours.LUCKS / 2.0 : 1) / Neighbours.LUCKS;
            for (int set = 0; set < mean.length; set++) {
                mean[set] += after[set] * share;
            }
        }
        return mean;
    }
}
