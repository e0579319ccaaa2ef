package bersaglio.core.odds;

import bersaglio.core.measure.Threshold;
import bersaglio.core.problem.Check;
import java.util.function.IntToDoubleFunction;

/**
 * A sum of log ratios that is looked at after every ball: A. Wald, "Sequential Tests of Statistical Hypotheses", Annals of
 * Mathematical Statistics 16 (1945).
 *
 * @param ofAHit  what a hit adds, above 0
 * @param ofAMiss what a miss adds, below 0
 * @param up      decided upwards from here on, above 0
 * @param down    decided downwards from here on, below 0
 */
public record RatioTest(double ofAHit, double ofAMiss, double up, double down) {

    private static final double LARGEST = 1e9;

    private static final double LEAST = 1e-6;
    private static final double MOST = 1e6;
    private static final double NOTHING_LEFT = 1e-12;
    private static final int MOST_BALLS = 20_000;

    /** What it comes to. */
    public enum End {
        OPEN,
        UP,
        DOWN
    }

    /**
     * Of a player whose balls are independent and whose rate is steady, however long it takes.
     *
     * @param up     the chance that it is decided upwards, {@code down} that it is downwards
     * @param balls  on average until it is decided
     * @param median balls within which half of the tests are
     */
    public record Odds(double up, double down, double balls, int median) {

        public Odds {
            Check.requireRate("up", up);
            Check.requireRate("down", down);
            Check.requireBetween("balls", balls, 0, MOST_BALLS);
        }
    }

    public RatioTest {
        Check.requirePositive("ofAHit", ofAHit);
        Check.requirePositive("ofAMiss", -ofAMiss);
        Check.requireBetween("up", up, LEAST, MOST);
        Check.requireBetween("down", down, -MOST, -LEAST);
    }

    /** Between a rate that is not ready and one that is. */
    public static RatioTest between(double notReady, double ready, double up, double down) {
        Check.requireBetween("notReady", notReady, 0.001, 0.998);
        Check.requireBetween("ready", ready, Math.nextUp(notReady), 0.999);
        return new RatioTest(Math.log(ready / notReady), Math.log((1 - ready) / (1 - notReady)), up, down);
    }

    public double ratio(double hits, double misses) {
        Check.requireBetween("hits", hits, 0, LARGEST);
        Check.requireBetween("misses", misses, 0, LARGEST);
        return hits * ofAHit + misses * ofAMiss;
    }

    public End decide(double ratio) {
        Check.requireBetween("ratio", ratio, -LARGEST, LARGEST);
        if (Threshold.reaches(ratio, up)) {
            return End.UP;
        }
        return Threshold.reaches(down, ratio) ? End.DOWN : End.OPEN;
    }

    /** Exact: by recursion over balls and hits. */
    public Odds odds(double rate) {
        Check.requireRate("rate", rate);
        Walk walk = new Walk(this, rate, ball -> 1);
        double balls = 0;
        double left = 1;
        int median = 0;
        while (left > NOTHING_LEFT && walk.balls() < MOST_BALLS) {
            balls += left;
            median += left > 0.5 ? 1 : 0;
            walk.ball();
            left = walk.open();
        }
        return new Odds(Math.min(1, walk.up()), Math.min(1, walk.down()), balls, median);
    }

    /** The sums that are still open, ball by ball. */
    public static final class Walk {

        private final RatioTest test;
        private final double rate;
        private final IntToDoubleFunction worth;
        private double[] chance = {1};
        private int lowest;
        private int highest;
        private int balls;
        private double now;
        private double up;
        private double down;

        /** @param worth what a ball is worth after so many */
        public Walk(RatioTest test, double rate, IntToDoubleFunction worth) {
            this.test = test;
            this.rate = rate;
            this.worth = worth;
        }

        public void ball() {
            balls++;
            if (highest < lowest) {
                return;
            }
            now = worth.applyAsDouble(balls);
            double[] next = new double[balls + 1];
            int low = balls;
            int high = -1;
            for (int hits = lowest; hits <= highest; hits++) {
                put(next, hits + 1, chance[hits] * rate);
                put(next, hits, chance[hits] * (1 - rate));
                for (int now = hits; now <= hits + 1; now++) {
                    if (next[now] > 0) {
                        low = Math.min(low, now);
                        high = now;
                    }
                }
            }
            chance = next;
            lowest = low;
            highest = open() > NOTHING_LEFT ? high : low - 1;
        }

        private void put(double[] next, int hits, double mass) {
            switch (test.decide(test.ratio(hits, balls - hits) * now)) {
                case UP -> up += mass;
                case DOWN -> down += mass;
                case OPEN -> next[hits] += mass;
            }
        }

        public int balls() {
            return balls;
        }

        public double up() {
            return up;
        }

        public double down() {
            return down;
        }

        double open() {
            double left = 0;
            for (double one : chance) {
                left += one;
            }
            return left;
        }
    }
}
