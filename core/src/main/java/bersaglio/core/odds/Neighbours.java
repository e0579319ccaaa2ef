package bersaglio.core.odds;

import bersaglio.core.problem.Check;

/**
 * Balls with the ball before them: whether hits and misses come in streaks. The first-order chain of balls and what it takes
 * from a sum of them is in D. R. Cox and H. D. Miller, "The Theory of Stochastic Processes" (1965).
 *
 * @param hitsAfterHit  0 to {@code afterHit}
 * @param hitsAfterMiss 0 to {@code afterMiss}
 */
public record Neighbours(int hitsAfterHit, int afterHit, int hitsAfterMiss, int afterMiss) {

    public static final Neighbours NONE = new Neighbours(0, 0, 0, 0);

    /** Pairs that make as much of what is seen as of nothing. */
    private static final double HALF_BELIEVED = 60;

    public static final int LUCKS = 4;

    /** Means of four equal parts of a standard normal variable, those below nothing as nothing. */
    private static final double[] ABOVE = {0, 0, 0.3246, 1.2711};

    public Neighbours {
        Check.requireAtLeast("afterHit", afterHit, 0);
        Check.requireBetween("hitsAfterHit", hitsAfterHit, 0, afterHit);
        Check.requireAtLeast("afterMiss", afterMiss, 0);
        Check.requireBetween("hitsAfterMiss", hitsAfterMiss, 0, afterMiss);
    }

    /** @param trials of one set, {@code 1} for a hit and {@code 0} for any other */
    public Neighbours plus(String trials) {
        Count count = new Count(this);
        for (int i = 0; i < trials.length(); i++) {
            count.ball(trials.charAt(i) == '1');
        }
        return count.all();
    }

    /** Balls as they come, of one set after the other. */
    public static final class Count {

        private int hitsAfterHit;
        private int afterHit;
        private int hitsAfterMiss;
        private int afterMiss;
        private boolean isFirst = true;
        private boolean before;

        public Count(Neighbours seen) {
            hitsAfterHit = seen.hitsAfterHit;
            afterHit = seen.afterHit;
            hitsAfterMiss = seen.hitsAfterMiss;
            afterMiss = seen.afterMiss;
        }

        public void ball(boolean hit) {
            int one = hit ? 1 : 0;
            if (isFirst) {
                isFirst = false;
            } else if (before) {
                hitsAfterHit += one;
                afterHit++;
            } else {
                hitsAfterMiss += one;
                afterMiss++;
            }
            before = hit;
        }

        /** The first ball of a set has none before it. */
        public void nextSet() {
            isFirst = true;
        }

        public Neighbours all() {
            return new Neighbours(hitsAfterHit, afterHit, hitsAfterMiss, afterMiss);
        }
    }

    /** How much likelier a hit is after a hit than after a miss, as far as so few pairs can tell; at least 0. */
    public double streak() {
        return streak(hitsAfterHit, afterHit, hitsAfterMiss, afterMiss);
    }

    /** What a ball is worth as evidence: 1 where balls are independent. */
    public double worth() {
        return worth(streak());
    }

    static double streak(int hitsAfterHit, int afterHit, int hitsAfterMiss, int afterMiss) {
        if (afterHit == 0 || afterMiss == 0) {
            return 0;
        }
        double pairs = (double) afterHit + afterMiss;
        double difference = (double) hitsAfterHit / afterHit - (double) hitsAfterMiss / afterMiss;
        return Math.max(0, difference) * pairs / (pairs + HALF_BELIEVED);
    }

    /**
     * What a ball of a steady player comes to be worth, since so few pairs show streaks by chance: of one of {@link #LUCKS}
     * equal parts of such players, by what they chance to show. Their two shares differ by −1/pairs on average (J. B. Miller
     * and A. Sanjurjo, "Surprised by the Hot Hand Fallacy?", Econometrica 86, 2018), with a standard deviation of 1/√pairs;
     * what is above nothing is taken for a streak.
     *
     * @param luck from 0, the more the streakier they seem
     */
    public static double worthOfSteady(int pairs, int luck) {
        Check.requireAtLeast("pairs", pairs, 0);
        Check.requireBetween("luck", luck, 0, LUCKS - 1);
        if (pairs < 2) {
            return 1;
        }
        double difference = ABOVE[luck] / Math.sqrt(pairs) - 1.0 / pairs;
        return worth(Math.max(0, difference) * pairs / (pairs + HALF_BELIEVED));
    }

    /** The same for any of them, on average. */
    public static double worthOfSteady(int pairs) {
        double sum = 0;
        for (int luck = 0; luck < LUCKS; luck++) {
            sum += worthOfSteady(pairs, luck);
        }
        return sum / LUCKS;
    }

    static double worth(double streak) {
        return (1 - streak) / (1 + streak);
    }
}
