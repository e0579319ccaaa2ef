package bersaglio.core.odds;

import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Progress;
import bersaglio.core.goal.Standing;
import bersaglio.core.problem.Check;
import java.util.Arrays;
import java.util.List;

/**
 * What a set takes of a player whose true rates are known: the set is followed ball by ball as a distribution over the
 * states by which it is judged. Where only the goal ends it, it is followed until what is left shrinks by the same
 * factor from block to block, and the rest is a geometric tail.
 *
 * @param met     the chance that the goal is met
 * @param balls   expected, until the set is met or cannot be met any more; infinite when that never happens
 * @param breaks  expected attempts that a miss ends
 * @param beyond  the chance that it takes more than 0, 1, 2 … balls
 * @param factor  by which the last {@value #BLOCK} of them shrink with each further block; 0 where nothing is left
 */
public record GoalOdds(double met, double balls, double breaks, double[] beyond, double factor) {

    /** A multiple of every short period that a goal can have. */
    private static final int BLOCK = 60;

    private static final int MOST_STEPS = 100_000;
    private static final double NOTHING_LEFT = 1e-13;
    private static final double SAME_FACTOR = 1e-12;

    /** @param rates of the next ball by station or by side; the last one holds for all further */
    public static GoalOdds of(Ahead ahead, List<Double> rates) {
        for (int i = 0; i < rates.size(); i++) {
            Check.requireRate("rates." + i, rates.get(i));
        }
        Check.requireAtLeast("rates", rates.size(), 1);
        return new Walk(ahead, rates).follow();
    }

    public static GoalOdds of(Ahead ahead, double rate) {
        return of(ahead, List.of(rate));
    }

    /**
     * The least number of balls within which the set has ended with this chance.
     *
     * @param chance above 0 and below 1
     * @return infinite when it never ends
     */
    public double ballsWithin(double chance) {
        double allowed = 1 - chance;
        for (int k = 0; k < beyond.length; k++) {
            if (beyond[k] <= allowed + NOTHING_LEFT) {
                return k;
            }
        }
        if (1 - factor < SAME_FACTOR) {
            return Double.POSITIVE_INFINITY;
        }
        int start = beyond.length - BLOCK;
        double blocks = Math.max(0, Math.floor(Math.log(allowed / beyond[start]) / Math.log(factor)) - 1);
        double scale = Math.pow(factor, blocks);
        double before = start + blocks * BLOCK;
        while (true) {
            for (int k = 0; k < BLOCK; k++) {
                if (beyond[start + k] * scale <= allowed) {
                    return before + k;
                }
            }
            scale *= factor;
            before += BLOCK;
        }
    }

    private static final class Walk {
        private final Ahead ahead;
        private final States states;
        private double[] mass = {1};
        private double met;
        private double breaks;
        private double[] beyond = new double[256];
        private int steps;

        Walk(Ahead ahead, List<Double> rates) {
            this.ahead = ahead;
            this.states = new States(ahead.play(), rates);
        }

        GoalOdds follow() {
            double lastFactor = -1;
            double metBefore = 0;
            double breaksBefore = 0;
            while (true) {
                settle();
                double left = remember();
                if (left < NOTHING_LEFT) {
                    return new GoalOdds(Math.min(1, met), sum(0), breaks, Arrays.copyOf(beyond, steps + 1), 0);
                }
                if (steps > 0 && steps % BLOCK == 0) {
                    double factor = beyond[steps] / beyond[steps - BLOCK];
                    boolean steady = Math.abs(factor - lastFactor) <= SAME_FACTOR * factor;
                    if (steady || steps >= MOST_STEPS) {
                        return withTail(factor, met - metBefore, breaks - breaksBefore);
                    }
                    lastFactor = factor;
                    metBefore = met;
                    breaksBefore = breaks;
                }
                play();
                steps++;
            }
        }

        /** All further blocks are the last one, each smaller by the factor. */
        private GoalOdds withTail(double factor, double metInBlock, double breaksInBlock) {
            double[] kept = Arrays.copyOf(beyond, steps);
            if (1 - factor < SAME_FACTOR) {
                return new GoalOdds(Math.min(1, met), Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, kept, factor);
            }
            double more = factor / (1 - factor);
            return new GoalOdds(
                    Math.min(1, met + metInBlock * more),
                    sum(0) - beyond[steps] + sum(steps - BLOCK, steps) * more,
                    breaks + breaksInBlock * more,
                    kept,
                    factor);
        }

        private double sum(int from) {
            return sum(from, steps + 1);
        }

        private double sum(int from, int to) {
            double sum = 0;
            for (int k = from; k < to; k++) {
                sum += beyond[k];
            }
            return sum;
        }

        /** Takes out what is decided before the next ball. */
        private void settle() {
            int left = ahead.balls() == Play.NO_END ? Play.NO_END : ahead.balls() - steps;
            for (int state = 0; state < mass.length; state++) {
                if (mass[state] > 0) {
                    Play play = states.play(state);
                    Standing standing = play.standing(left);
                    boolean decided = left == 0 || play.over() || standing != Standing.OPEN;
                    if (decided) {
                        met += standing == Standing.MET && isOurs(play, left) ? mass[state] : 0;
                        mass[state] = 0;
                    }
                }
            }
        }

        private static boolean isOurs(Play play, int left) {
            int winner = play.progress(left).winner();
            return winner == Progress.NOBODY || winner == 0;
        }

        private double remember() {
            double left = 0;
            for (double one : mass) {
                left += one;
            }
            if (steps + 1 >= beyond.length) {
                beyond = Arrays.copyOf(beyond, 2 * beyond.length);
            }
            beyond[steps] = left;
            return left;
        }

        private void play() {
            int known = mass.length;
            for (int state = 0; state < known; state++) {
                if (mass[state] > 0) {
                    states.explore(state);
                }
            }
            double[] next = new double[states.count()];
            for (int state = 0; state < known; state++) {
                if (mass[state] > 0) {
                    double rate = states.rate(state);
                    next[states.onHit(state)] += mass[state] * rate;
                    next[states.onMiss(state)] += mass[state] * (1 - rate);
                    breaks += states.breaksOnMiss(state) ? mass[state] * (1 - rate) : 0;
                }
            }
            mass = next;
        }
    }
}
