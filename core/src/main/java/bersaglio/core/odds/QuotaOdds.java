package bersaglio.core.odds;

import bersaglio.core.problem.Check;
import org.apache.commons.statistics.distribution.BetaDistribution;
import org.apache.commons.statistics.distribution.BinomialDistribution;

/** Odds of a fixed block: at least {@code hits} hits among {@code balls} balls. */
public record QuotaOdds(int hits, int balls) {

    public QuotaOdds {
        Check.requireAtLeast("balls", balls, 1);
        Check.requireBetween("hits", hits, 1, balls);
    }

    /** The chance to meet the quota in one set, for a true rate from 0 to 1: the binomial tail. */
    public double met(double rate) {
        Check.requireRate("rate", rate);
        return BinomialDistribution.of(balls, rate).survivalProbability(hits - 1);
    }

    /**
     * The rate at which the quota is met half the time. The binomial tail at {@code p} is the distribution function of
     * Beta(hits, balls − hits + 1) at {@code p}, so this is its median.
     */
    public double rateMetHalfTheTime() {
        return rateFor(0.5);
    }

    /** The rate at which it is met with a chance above 0 and below 1. */
    public double rateFor(double chance) {
        Check.requireBetween("chance", chance, 0.001, 0.999);
        return BetaDistribution.of(hits, balls - hits + 1.0).inverseCumulativeProbability(chance);
    }
}
