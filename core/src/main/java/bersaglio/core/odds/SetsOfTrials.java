package bersaglio.core.odds;

import org.apache.commons.statistics.distribution.BinomialDistribution;

/** Sets of equal length by a player of one rate, with a rule that looks at all hits so far after each. */
public record SetsOfTrials(int balls, double rate) {

    /** What the rule says. */
    public enum End {
        GOES_ON,
        PASSED,
        OVER
    }

    /** Looks after a set. */
    public interface Rule {
        End after(int hits, int trials);
    }

    /** The chance that the rule has passed the player within so many sets: exact. */
    public double passedWithin(int sets, Rule rule) {
        BinomialDistribution ofASet = BinomialDistribution.of(balls, rate);
        double[] chance = {1};
        double passed = 0;
        for (int set = 1; set <= sets; set++) {
            double[] next = new double[set * balls + 1];
            for (int hits = 0; hits < chance.length; hits++) {
                for (int more = 0; chance[hits] > 0 && more <= balls; more++) {
                    next[hits + more] += chance[hits] * ofASet.probability(more);
                }
            }
            for (int hits = 0; hits < next.length; hits++) {
                End end = rule.after(hits, set * balls);
                passed += end == End.PASSED ? next[hits] : 0;
                next[hits] = end == End.GOES_ON ? next[hits] : 0;
            }
            chance = next;
        }
        return passed;
    }
}
