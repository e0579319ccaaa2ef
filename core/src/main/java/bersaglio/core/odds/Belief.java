package bersaglio.core.odds;

import bersaglio.core.goal.Tally;
import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.statistics.distribution.BetaDistribution;

/**
 * What is known of a true rate: a beta distribution. It may be drawn towards the rates of others, as empirical Bayes
 * estimates are: B. Efron and C. Morris, "Data Analysis Using Stein's Estimator and its Generalizations", Journal of the
 * American Statistical Association 70 (1975).
 *
 * @param hits   above 0
 * @param misses above 0
 */
public record Belief(double hits, double misses) {

    /** Players whose rates must be known before anybody is drawn towards them. */
    public static final int FEWEST_OTHERS = 5;

    private static final double STRONGEST = 24;
    private static final double LEAST_VARIANCE = 0.0025;
    private static final double MOST = 1e9;
    private static final int STEPS = 96;
    /** How far it looks, in angle for one trial: more than six standard deviations. */
    private static final double REACH = 4.5;

    private static final double HARDLY_ANY = 0.01;
    /** Keeps the mean of others away from the ends, where nothing varies. */
    private static final double END = 0.02;

    public Belief {
        Check.requireBetween("hits", hits, Double.MIN_NORMAL, MOST);
        Check.requireBetween("misses", misses, Double.MIN_NORMAL, MOST);
    }

    /** Of these trials alone: Jeffreys' prior. */
    public static Belief of(HitRate seen) {
        return new Belief(seen.hits() + 0.5, seen.trials() - seen.hits() + 0.5);
    }

    /** About a rate, as known as by so many trials. */
    public static Belief about(double rate, double trials) {
        Check.requireRate("rate", rate);
        Check.requireBetween("trials", trials, 0, MOST);
        return new Belief(Math.max(HARDLY_ANY, rate * trials), Math.max(HARDLY_ANY, (1 - rate) * trials));
    }

    /**
     * Of these trials, drawn towards what others hit of the same: the more alike they are, and the fewer the trials, the
     * more. With too few others it is of these trials alone.
     *
     * @param others what each of them hit, those with no trial left out
     */
    public static Belief among(HitRate seen, List<Tally> others) {
        List<Tally> counted = others.stream().filter(one -> one.trials() > 0).toList();
        if (counted.size() < FEWEST_OTHERS) {
            return of(seen);
        }
        double mean = counted.stream()
                .mapToDouble(one -> (double) one.hits() / one.trials())
                .average()
                .orElseThrow();
        double middle = Math.max(END, Math.min(1 - END, mean));
        double spread = 0;
        double byChance = 0;
        for (Tally one : counted) {
            double off = (double) one.hits() / one.trials() - mean;
            spread += off * off / (counted.size() - 1);
            byChance += middle * (1 - middle) / one.trials() / counted.size();
        }
        double strength = strength(middle, Math.max(LEAST_VARIANCE, spread - byChance));
        return new Belief(strength * middle + seen.hits(), strength * (1 - middle) + seen.trials() - seen.hits());
    }

    /** How many trials the mean of others is worth. */
    static double strength(double mean, double variance) {
        return Math.max(1, Math.min(STRONGEST, mean * (1 - mean) / variance - 1));
    }

    /** The middle of several, as known as one of them is. */
    public static Belief together(List<Belief> each) {
        Check.requireBetween("players", each.size(), 1, 4);
        double rates = 0;
        double trials = 0;
        for (Belief one : each) {
            rates += one.mean() / each.size();
            trials += one.trials() / each.size();
        }
        return about(rates, trials);
    }

    /** The chance that the rate is above another, each known by itself. */
    public double chanceAbove(Belief other) {
        return trials() < other.trials() ? 1 - other.above(this) : above(other);
    }

    /**
     * By trapezes between the two where this one lies, and by half as many to see how far off they are. In steps of the
     * angle whose squared sine is the rate, in which what is known is as wide wherever it lies: M. S. Bartlett, Journal of
     * the Royal Statistical Society, Supplement 3 (1936).
     */
    private double above(Belief other) {
        BetaDistribution own = BetaDistribution.of(hits, misses);
        BetaDistribution theirs = BetaDistribution.of(other.hits, other.misses);
        double middle = Math.asin(Math.sqrt(mean()));
        double reach = REACH / Math.sqrt(trials());
        double from = Math.max(0, middle - reach);
        double to = Math.min(Math.PI / 2, middle + reach);
        double[] below = new double[STEPS + 1];
        double[] theirsBelow = new double[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            double rate = rateAt(from + (to - from) * i / STEPS);
            below[i] = own.cumulativeProbability(rate);
            theirsBelow[i] = theirs.cumulativeProbability(rate);
        }
        double chance = (4 * trapezes(below, theirsBelow, 1) - trapezes(below, theirsBelow, 2)) / 3;
        return Math.max(0, Math.min(1, chance));
    }

    private static double trapezes(double[] own, double[] theirs, int step) {
        double sum = 0;
        for (int i = step; i < own.length; i += step) {
            sum += (own[i] - own[i - step]) * (theirs[i] + theirs[i - step]) / 2;
        }
        return sum;
    }

    private static double rateAt(double angle) {
        double sine = Math.sin(angle);
        return Math.min(1, sine * sine);
    }

    private double trials() {
        return hits + misses;
    }

    public double chanceBelow(double rate) {
        Check.requireRate("rate", rate);
        return BetaDistribution.of(hits, misses).cumulativeProbability(rate);
    }

    /** The rate below which it lies with a chance, 0 to 1. */
    public double quantile(double chance) {
        Check.requireRate("chance", chance);
        return BetaDistribution.of(hits, misses).inverseCumulativeProbability(chance);
    }

    public double mean() {
        return hits / trials();
    }

    /** Rates that are each as likely as the others: the middles of so many equal parts of what is left open. */
    public List<Double> spread(int parts) {
        Check.requireBetween("parts", parts, 1, 1000);
        BetaDistribution all = BetaDistribution.of(hits, misses);
        List<Double> rates = new ArrayList<>(parts);
        for (int i = 0; i < parts; i++) {
            rates.add(all.inverseCumulativeProbability((i + 0.5) / parts));
        }
        return rates;
    }

    /** The chance of at least so many hits in a block: the beta-binomial tail, by its recurrence. */
    public double meets(QuotaOdds quota) {
        int balls = quota.balls();
        double none = 1;
        for (int i = 0; i < balls; i++) {
            none *= (misses + i) / (hits + misses + i);
        }
        double chance = none;
        double below = 0;
        for (int k = 0; k < quota.hits(); k++) {
            below += chance;
            chance *= (balls - k) / (k + 1.0) * (hits + k) / (misses + balls - k - 1);
        }
        return Math.max(0, 1 - below);
    }
}
