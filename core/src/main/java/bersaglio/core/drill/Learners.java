package bersaglio.core.drill;

import bersaglio.core.format.Kind;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Standing;
import bersaglio.core.measure.Threshold;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.odds.RatioTest;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;

/**
 * For who improves while tested: log ratios are added up ball by ball, never below nothing, so that what was missed long ago
 * weighs no more; nobody is sent back. E. S. Page, "Continuous Inspection Schemes", Biometrika 41 (1954).
 *
 * @param gap between the rate asked for and those compared, 0.02 to 0.3
 * @param up  moves up from this sum on, 0.5 to 20
 */
@Kind("learners")
public record Learners(double gap, double up) implements AdvanceRule {

    public static final Learners DEFAULT = new Learners(0.12, 4.5);

    private static final int MOST_BALLS = 200;

    public Learners {
        Check.requireBetween("gap", gap, 0.02, 0.3);
        Check.requireBetween("up", up, 0.5, 20);
    }

    private RatioTest test(Level level) {
        double target = level.targetRate();
        return RatioTest.between(BallByBall.below(target, gap), BallByBall.above(target, gap), up, -up);
    }

    @Override
    public boolean looksAtEachBall() {
        return true;
    }

    /** Its words after {@code as a learner}. */
    static Learners read(Reader from) {
        double gap = BallByBall.gap(from);
        return new Learners(gap, from.takes("up at") ? from.number() : DEFAULT.up);
    }

    @Override
    public void write(Sentence to) {
        to.say("as a learner").comma();
        to.say("within").share(gap).say("of the rate").comma();
        to.say("up at").number(up);
    }

    @Override
    public Advice advise(Level level, List<Attempt> attempts, Neighbours before) {
        Sum sum = new Sum(test(level), Streaks.after(before));
        Advice.Call call = Advice.Call.STAY;
        int hits = 0;
        int trials = 0;
        for (Attempt attempt : attempts) {
            call = sum.set(attempt);
            hits += attempt.tally().hits();
            trials += attempt.tally().trials();
        }
        double target = level.targetRate();
        Figure[] figures = {
            new Figure("hits", hits),
            new Figure("trials", trials),
            new Figure("notReadyRate", BallByBall.below(target, gap)),
            new Figure("readyRate", BallByBall.above(target, gap)),
            new Figure("logRatio", sum.now),
            new Figure("upperBound", up)
        };
        return call == Advice.Call.MOVE_UP
                ? Advice.moveUp("learners.up", figures)
                : Advice.stay("learners.stay", figures);
    }

    @Override
    public Asking asking(Level level) {
        RatioTest test = test(level);
        return streaks -> new Sum(test, streaks);
    }

    /** The sum; it stays where it was when it was reached until the set closes. */
    static final class Sum extends Examiner {

        private final RatioTest test;
        private final Streaks streaks;
        private double now;
        private Advice.Call call = Advice.Call.STAY;
        private boolean over;

        Sum(RatioTest test, Streaks streaks) {
            this.test = test;
            this.streaks = streaks;
        }

        @Override
        Advice.Call ball(boolean hit) {
            startAfresh();
            streaks.ball(hit);
            if (call == Advice.Call.STAY) {
                now = Math.max(0, now + (hit ? test.ofAHit() : test.ofAMiss()) * streaks.worth());
                call = Threshold.reaches(now, test.up()) ? Advice.Call.MOVE_UP : Advice.Call.STAY;
            }
            return call;
        }

        private void startAfresh() {
            if (over && call != Advice.Call.STAY) {
                call = Advice.Call.STAY;
                now = 0;
            }
            over = false;
        }

        @Override
        Advice.Call close(Standing standing, long day) {
            startAfresh();
            streaks.close();
            over = true;
            return call;
        }
    }

    /** Exact over hits and misses since the sum was last nothing, for sets of equal length. */
    @Override
    public double[] exactly(Level level, Trying trying) {
        if (!level.isShort(trying) || level.ahead().balls() * trying.sets() > MOST_BALLS) {
            return Trying.UNKNOWN;
        }
        int balls = level.ahead().balls();
        RatioTest test = test(level);
        double rate = trying.rate();
        double[] passed = new double[trying.sets()];
        int all = balls * trying.sets();
        double[][] chance = new double[all + 2][all + 2];
        double[][] next = new double[all + 2][all + 2];
        chance[0][0] = 1;
        double sum = 0;
        for (int ball = 1; ball <= all; ball++) {
            for (int hits = 0; hits < ball; hits++) {
                for (int misses = 0; hits + misses < ball; misses++) {
                    double mass = chance[hits][misses];
                    chance[hits][misses] = 0;
                    if (mass > 0) {
                        if (Threshold.reaches(test.ratio(hits + 1, misses) * trying.worth(ball, balls), up)) {
                            sum += mass * rate;
                        } else {
                            next[hits + 1][misses] += mass * rate;
                        }
                        boolean gone = test.ratio(hits, misses + 1) <= 0;
                        next[gone ? 0 : hits][gone ? 0 : misses + 1] += mass * (1 - rate);
                    }
                }
            }
            double[][] emptied = chance;
            chance = next;
            next = emptied;
            if (ball % balls == 0) {
                passed[ball / balls - 1] = sum;
            }
        }
        return passed;
    }
}
