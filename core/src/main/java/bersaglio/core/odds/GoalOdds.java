package bersaglio.core.odds;

import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.Play;
import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

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
    private static final long MOST_WORK_AT_ONCE = 600_000;
    private static final PlayedSets.Most BALLS_PLAYED = new PlayedSets.Most(50, 500_000);
    private static final PlayedSets.Most BALLS_OF_SEVERAL = new PlayedSets.Most(15, 150_000);
    private static final PlayedSets.Most BALLS_AT_ONCE = new PlayedSets.Most(10, 20_000);
    private static final double NOTHING_LEFT = 1e-13;
    /** A state that hardly any set comes to is left: all of them together are less than nothing left. */
    private static final double HARDLY_ANY = 1e-20;

    private static final double SAME_SHARES = 1e-11;
    private static final double SAME_FACTOR = 1e-12;

    /** @param rates of the next ball by station or by side; the last one holds for all further */
    public static GoalOdds of(Ahead ahead, List<Double> rates) {
        for (int i = 0; i < rates.size(); i++) {
            Check.requireRate("rates." + i, rates.get(i));
        }
        Check.requireAtLeast("rates", rates.size(), 1);
        return of(ahead, States.of(ahead), 0, rates, MOST_WORK, 0, BALLS_PLAYED);
    }

    /** For players of each of these rates; less is made of each than of one alone. */
    public static List<GoalOdds> each(Ahead ahead, List<Double> rates) {
        return each(ahead, States.of(ahead), 0, rates, MOST_WORK_OF_SEVERAL, BALLS_OF_SEVERAL);
    }

    /**
     * The same from where a set stands, as well as it can be told at once.
     *
     * @param whole the set before its first ball, whose states it goes on over
     */
    public static List<GoalOdds> eachAtOnce(Ahead here, Ahead whole, List<Double> rates) {
        States states = States.of(whole);
        OptionalInt start = states.find(here.play());
        // A count that was said can be one that no set comes to.
        boolean known = states.areTooMany() || start.isPresent();
        return each(here, known ? states : States.of(here), start.orElse(0), rates, MOST_WORK_AT_ONCE, BALLS_AT_ONCE);
    }

    private static List<GoalOdds> each(
            Ahead ahead, States states, int start, List<Double> rates, long work, PlayedSets.Most played) {
        Check.requireAtLeast("rates", rates.size(), 1);
        List<GoalOdds> each = new ArrayList<>(rates.size());
        for (double rate : rates) {
            Check.requireRate("rate", rate);
            each.add(of(
                    ahead,
                    states,
                    start,
                    List.of(rate),
                    work / rates.size(),
                    each.size(),
                    played.amongst(rates.size())));
        }
        return each;
    }

    private static GoalOdds of(
            Ahead ahead, States states, int start, List<Double> rates, long work, int player, PlayedSets.Most played) {
        return new Walk(ahead, states, start, rates, work)
                .follow()
                .orElseGet(() -> PlayedSets.of(ahead, rates, player, played));
    }

    /** The standard error of the mean of several, each of which was played by itself. */
    public static double errorOfMean(List<GoalOdds> each) {
        Check.requireAtLeast("each", each.size(), 1);
        double sum = 0;
        for (GoalOdds one : each) {
            sum += one.error * one.error;
        }
        return Math.sqrt(sum) / each.size();
    }

    /** Followed to its end, for one of many figures; nothing where that would take long. */
    public static Optional<GoalOdds> exactly(Ahead ahead, double rate) {
        Check.requireRate("rate", rate);
        Walk walk = new Walk(ahead, States.of(ahead), 0, List.of(rate), MOST_WORK_OF_A_FIGURE);
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
        private final double[] rates;
        /** The share of sets in each state, none outside of {@code low} to {@code high}. */
        private double[] mass;

        private double[] next;
        private int low;
        private int high;
        private double met;
        private double breaks;
        private double[] beyond = new double[256];
        private int steps;
        private long workLeft;

        Walk(Ahead ahead, States states, int start, List<Double> rates, long mostWork) {
            this.workLeft = mostWork;
            this.ahead = ahead;
            this.states = states;
            this.rates = rates.stream().mapToDouble(rate -> rate).toArray();
            this.mass = new double[Math.max(1, states.count())];
            this.next = new double[mass.length];
            this.low = start;
            this.high = start + 1;
            mass[start] = 1;
        }

        /** @return nothing when there are too many states, or too many for all the balls of a set that ends by them */
        Optional<GoalOdds> follow() {
            if (states.areTooMany()) {
                return Optional.empty();
            }
            double[] before = {};
            double metBefore = 0;
            double breaksBefore = 0;
            while (true) {
                double left = settle();
                remember(left);
                if (left < NOTHING_LEFT) {
                    double[] kept = Arrays.copyOf(beyond, steps + 1);
                    return Optional.of(new GoalOdds(Math.min(1, met), sum(0), breaks, kept, 0, 0));
                }
                if (workLeft < 0 && ahead.balls() != Play.NO_END) {
                    return Optional.empty();
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
            double difference = before.length == 0 ? 1 : 0;
            for (int state = 0; state < before.length; state++) {
                difference += Math.abs(now[state] - before[state]);
            }
            return difference < SAME_SHARES;
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
        private double settle() {
            int balls = ahead.balls() == Play.NO_END ? Play.NO_END : ahead.balls() - steps;
            double left = 0;
            int lowest = high;
            int highest = low;
            double[] here = mass;
            for (int state = low, end = high; state < end; state++) {
                double share = here[state];
                if (share < HARDLY_ANY) {
                    here[state] = 0;
                } else if (states.isDecided(state, balls)) {
                    met += states.isMet(state) ? share : 0;
                    here[state] = 0;
                } else {
                    left += share;
                    lowest = Math.min(lowest, state);
                    highest = state + 1;
                }
            }
            low = lowest;
            high = highest;
            return left;
        }

        private void remember(double left) {
            if (steps + 1 >= beyond.length) {
                beyond = Arrays.copyOf(beyond, 2 * beyond.length);
            }
            beyond[steps] = left;
        }

        private void play() {
            workLeft -= high - low;
            double[] here = mass;
            double[] then = next;
            boolean isOne = rates.length == 1;
            double rate = rates[0];
            int lowest = here.length;
            int highest = 0;
            for (int state = low, end = high; state < end; state++) {
                double share = here[state];
                here[state] = 0;
                if (share > 0) {
                    if (!isOne) {
                        rate = rates[Math.min(rates.length - 1, states.turn(state))];
                    }
                    int hit = states.onHit(state);
                    int miss = states.onMiss(state);
                    then[hit] += share * rate;
                    then[miss] += share * (1 - rate);
                    breaks += states.breaksOnMiss(state) ? share * (1 - rate) : 0;
                    lowest = Math.min(lowest, Math.min(hit, miss));
                    highest = Math.max(highest, Math.max(hit, miss) + 1);
                }
            }
            mass = then;
            next = here;
            low = lowest;
            high = highest;
        }
    }
}
