package bersaglio.core.odds;

import bersaglio.core.problem.Check;
import org.apache.commons.statistics.distribution.BinomialDistribution;

/** Sets of equal length by a player of one rate, with a rule that looks at all hits since it began after each. */
public record SetsOfTrials(int balls, double rate) {

    /** What the rule says. */
    public enum End {
        GOES_ON,
        PASSED,
        OVER,
        /** The player goes on, and the rule begins anew. */
        AFRESH
    }

    /** Looks after a set. */
    public interface Rule {
        End after(int hits, int trials);
    }

    public SetsOfTrials {
        Check.requireBetween("balls", balls, 1, 2000);
        Check.requireRate("rate", rate);
    }

    /** The chance that the rule has passed the player after each set, up to so many: exact. */
    public double[] passedAfter(int sets, Rule rule) {
        Check.requireBetween("sets", sets, 0, 1000);
        BinomialDistribution ofASet = BinomialDistribution.of(balls, rate);
        double[] more = new double[balls + 1];
        for (int hits = 0; hits <= balls; hits++) {
            more[hits] = ofASet.probability(hits);
        }
        double[] passes = new double[sets];
        double[] fails = new double[sets];
        double[] chance = {1};
        for (int set = 0; set < sets; set++) {
            int trials = (set + 1) * balls;
            double[] next = new double[trials + 1];
            for (int hits = 0; hits < chance.length; hits++) {
                for (int one = 0; chance[hits] > 0 && one <= balls; one++) {
                    next[hits + one] += chance[hits] * more[one];
                }
            }
            for (int hits = 0; hits <= trials; hits++) {
                if (next[hits] > 0) {
                    End end = rule.after(hits, trials);
                    passes[set] += end == End.PASSED ? next[hits] : 0;
                    fails[set] += end == End.AFRESH ? next[hits] : 0;
                    next[hits] = end == End.GOES_ON ? next[hits] : 0;
                }
            }
            chance = next;
        }
        return withRestarts(passes, fails);
    }

    /**
     * The chance to have passed after each set of one who begins anew whenever it failed.
     *
     * @param passes of a test that is asked for the first time after the first set, then after the second and so on
     * @param fails  and begins anew with the next set
     */
    public static double[] withRestarts(double[] passes, double[] fails) {
        double[] began = new double[passes.length + 1];
        began[0] = 1;
        double[] passed = new double[passes.length];
        double sum = 0;
        for (int set = 0; set < passes.length; set++) {
            for (int since = 0; since <= set; since++) {
                sum += began[set - since] * passes[since];
                began[set + 1] += began[set - since] * fails[since];
            }
            passed[set] = sum;
        }
        return passed;
    }
}
