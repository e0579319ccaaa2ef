package bersaglio.core.odds;

import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.statistics.distribution.BetaDistribution;

/**
 * Hits over trials, with what they say about the true rate. Counts may be weighted and so need not be whole.
 *
 * <p>Interval and mastery come from the Jeffreys posterior Beta(h + ½, m + ½): Brown, Cai and DasGupta, "Interval
 * Estimation for a Binomial Proportion", Statistical Science 16 (2001).
 *
 * @param hits   0 to {@code trials}
 * @param trials at least 0
 */
public record HitRate(double hits, double trials) {

    private static final double TAIL = 0.025;

    public HitRate {
        Check.requireBetween("trials", trials, 0, 1e9);
        Check.requireBetween("hits", hits, 0, trials);
    }

    /** The observed share; with no trial there is none, and this is 0. */
    public double share() {
        return trials == 0 ? 0 : hits / trials;
    }

    /** Lower end of the 95 % interval with equal tails; 0 when nothing was hit. */
    public double lower() {
        return hits == 0 ? 0 : posterior().inverseCumulativeProbability(TAIL);
    }

    /** Upper end of the 95 % interval with equal tails; 1 when everything was hit. */
    public double upper() {
        return hits == trials ? 1 : posterior().inverseSurvivalProbability(TAIL);
    }

    /** The chance that the true rate is at least {@code target}. */
    public double mastery(double target) {
        Check.requireRate("target", target);
        return posterior().survivalProbability(target);
    }

    /** The chance that the true rate is above that of another, each known by its own trials alone. */
    public double chanceAbove(HitRate other) {
        return Belief.of(this).chanceAbove(Belief.of(other));
    }

    /** Rates that are each as likely as the others: the middles of so many equal parts of what is left open. */
    public List<Double> spread(int parts) {
        Check.requireAtLeast("parts", parts, 1);
        BetaDistribution own = posterior();
        List<Double> rates = new ArrayList<>(parts);
        for (int i = 0; i < parts; i++) {
            rates.add(own.inverseCumulativeProbability((i + 0.5) / parts));
        }
        return rates;
    }

    private BetaDistribution posterior() {
        return BetaDistribution.of(hits + 0.5, trials - hits + 0.5);
    }
}
