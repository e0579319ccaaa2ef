package bersaglio.core.odds;

import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Progress;
import bersaglio.core.goal.Standing;
import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

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
 * @param error   standard error of {@code met}; 0 where it is exact, as it is but for goals of very many states
 */
public record GoalOdds(double met, double balls, double breaks, double[] beyond, double factor, double error) {

    /** A multiple of every short period that a goal can have. */
    private static final int BLOCK = 60;

    private static final int MOST_STEPS = 100_000;
    /** States followed, over all balls. */
    private static final long MOST_WORK = 12_000_000;

    private static final long MOST_WORK_OF_A_FIGURE = 800_000;
    private static final long MOST_WORK_OF_SEVERAL = 2_500_000;
    private static final int MOST_BALLS_PLAYED = 500_000;
    private static final int MOST_BALLS_OF_SEVERAL = 150_000;
    private static final long MOST_WORK_AT_ONCE = 400_000;
    private static final int MOST_BALLS_AT_ONCE = 20_000;
    private static final double NOTHING_LEFT = 1e-13;
    private static final double SAME_SHARES = 1e-11;
    private static final double SAME_FACTOR = 1e-12;

    /** @param rates of the next ball by station or by side; the last one holds for all further */
    public static GoalOdds of(Ahead ahead, List<Double> rates) {
        for (int i = 0; i < rates.size(); i++) {
            Check.requireRate("rates." + i, rates.get(i));
        }
        Check.requireAtLeast("rates", rates.size(), 1);
        return of(ahead, new States(ahead.play()), rates);
    }

    /** For players of each of these rates; less is made of each than of one alone. */
    public static List<GoalOdds> each(Ahead ahead, List<Double> rates) {
        return each(ahead, rates, MOST_WORK_OF_SEVERAL, MOST_BALLS_OF_SEVERAL);
    }

    /** The same while a set is charted: as well as it can be told at once. */
    public static List<GoalOdds> eachAtOnce(Ahead ahead, List<Double> rates) {
        return each(ahead, rates, MOST_WORK_AT_ONCE, MOST_BALLS_AT_ONCE);
    }

    private static List<GoalOdds> each(Ahead ahead, List<Double> rates, long work, int ballsPlayed) {
        Check.requireAtLeast("rates", rates.size(), 1);
        States states = new States(ahead.play());
        List<GoalOdds> each = new ArrayList<>(rates.size());
        for (double rate : rates) {
            Check.requireRate("rate", rate);
            each.add(of(ahead, states, List.of(rate), work / rates.size(), ballsPlayed / rates.size()));
        }
        return each;
    }

    static GoalOdds of(Ahead ahead, States states, List<Double> rates) {
        return of(ahead, states, rates, MOST_WORK, MOST_BALLS_PLAYED);
    }

    private static GoalOdds of(Ahead ahead, States states, List<Double> rates, long work, int ballsPlayed) {
        return new Walk(ahead, states, rates, work).follow().orElseGet(() -> PlayedSets.of(ahead, rates, ballsPlayed));
    }

    /** Followed to its end, for one of many figures; nothing where that would take long. */
    public static Optional<GoalOdds> exactly(Ahead ahead, double rate) {
        Check.requireRate("rate", rate);
        if (States.areKnownToBeTooMany(ahead.play())) {
            return Optional.empty();
        }
        Walk walk = new Walk(ahead, new States(ahead.play()), List.of(rate), MOST_WORK_OF_A_FIGURE);
        return walk.follow().filter(odds -> walk.workLeft >= 0);
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
        Check.requireBetween("chance", chance, 0.001, 0.999);
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

    /** The chance that it takes at most so many balls. */
    public double endsWithin(double balls) {
        Check.requireBetween("balls", balls, -Double.MAX_VALUE, Double.MAX_VALUE);
        if (balls < 0) {
            return 0;
        }
        int last = beyond.length - 1;
        if (balls <= last) {
            return 1 - beyond[(int) balls];
        }
        if (factor == 0 || last < BLOCK) {
            return 1 - beyond[last] * factor;
        }
        double past = balls - (beyond.length - BLOCK);
        double blocks = Math.floor(past / BLOCK);
        int place = beyond.length - BLOCK + (int) (past - blocks * BLOCK);
        return 1 - beyond[place] * Math.pow(factor, blocks);
    }

    private static final class Walk {
        private final Ahead ahead;
        private final States states;
        private final List<Double> rates;
        private double[] mass = {1};
        private double met;
        private double breaks;
        private double[] beyond = new double[256];
        private int steps;
        private long workLeft;

        Walk(Ahead ahead, States states, List<Double> rates, long mostWork) {
            this.workLeft = mostWork;
            this.ahead = ahead;
            this.states = states;
            this.rates = rates;
        }

        /** @return nothing when there are too many states */
        Optional<GoalOdds> follow() {
            double[] before = {};
            double metBefore = 0;
            double breaksBefore = 0;
            while (true) {
                settle();
                double left = remember();
                if (left < NOTHING_LEFT) {
                    double[] kept = Arrays.copyOf(beyond, steps + 1);
                    return Optional.of(new GoalOdds(Math.min(1, met), sum(0), breaks, kept, 0, 0));
                }
                if (steps > 0 && steps % BLOCK == 0) {
                    double factor = beyond[steps] / beyond[steps - BLOCK];
                    double[] now = shares(left);
                    if (areAlike(before, now) || steps >= MOST_STEPS || workLeft < 0) {
                        return Optional.of(withTail(factor, met - metBefore, breaks - breaksBefore));
                    }
                    before = now;
                    metBefore = met;
                    breaksBefore = breaks;
                }
                play();
                steps++;
                if (states.areTooMany()) {
                    return Optional.empty();
                }
            }
        }

        /** Of the sets that still go on, the share in each state. */
        private double[] shares(double left) {
            double[] shares = mass.clone();
            for (int state = 0; state < shares.length; state++) {
                shares[state] /= left;
            }
            return shares;
        }

        /** Once the shares no longer change, every further block is like the last one. */
        private static boolean areAlike(double[] before, double[] now) {
            double difference = 0;
            for (int state = 0; state < now.length; state++) {
                difference += Math.abs(now[state] - (state < before.length ? before[state] : 0));
            }
            return difference < SAME_SHARES;
        }

        private double rate(int state) {
            return rates.get(Math.min(rates.size() - 1, states.play(state).turn()));
        }

        /** All further blocks are the last one, each smaller by the factor. */
        private GoalOdds withTail(double factor, double metInBlock, double breaksInBlock) {
            double[] kept = Arrays.copyOf(beyond, steps);
            if (1 - factor < SAME_FACTOR) {
                return new GoalOdds(
                        Math.min(1, met), Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, kept, factor, 0);
            }
            double more = factor / (1 - factor);
            return new GoalOdds(
                    Math.min(1, met + metInBlock * more),
                    sum(0) - beyond[steps] + sum(steps - BLOCK, steps) * more,
                    breaks + breaksInBlock * more,
                    kept,
                    factor,
                    0);
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
            workLeft -= known;
            for (int state = 0; state < known; state++) {
                if (mass[state] > 0) {
                    states.explore(state);
                }
            }
            double[] next = new double[states.count()];
            for (int state = 0; state < known; state++) {
                if (mass[state] > 0) {
                    double rate = rate(state);
                    next[states.onHit(state)] += mass[state] * rate;
                    next[states.onMiss(state)] += mass[state] * (1 - rate);
                    breaks += states.breaksOnMiss(state) ? mass[state] * (1 - rate) : 0;
                }
            }
            mass = next;
        }
    }
}
