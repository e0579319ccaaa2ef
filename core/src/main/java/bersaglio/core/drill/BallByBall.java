package bersaglio.core.drill;

import bersaglio.core.format.Kind;
import bersaglio.core.goal.Attempt;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.odds.RatioTest;
import bersaglio.core.odds.SetsOfTrials;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;

/**
 * The sequential test asked after every ball, about the rate that the level asks for: between a rate so far below it and one
 * so far above. The set may end as soon as it is decided.
 *
 * @param gap  0.02 to 0.3
 * @param up   moves up from this sum of log ratios on, 0.5 to 10
 * @param down steps back from this one on, 0.5 to 10, taken as negative
 */
@Kind("ball_by_ball")
public record BallByBall(double gap, double up, double down) implements AdvanceRule {

    public static final BallByBall DEFAULT = new BallByBall(0.12, 2.2, 3.0);

    private static final double NEVER = 0.01;
    private static final double ALWAYS = 0.99;

    public BallByBall {
        Check.requireBetween("gap", gap, 0.02, 0.3);
        Check.requireBetween("up", up, 0.5, 10);
        Check.requireBetween("down", down, 0.5, 10);
    }

    static double below(double target, double gap) {
        return Math.max(NEVER, Math.min(ALWAYS - gap, target - gap));
    }

    static double above(double target, double gap) {
        return Math.min(ALWAYS, Math.max(NEVER + gap, target + gap));
    }

    /** The test that it is at this level. */
    public RatioTest test(Level level) {
        double target = level.targetRate();
        return RatioTest.between(below(target, gap), above(target, gap), up, -down);
    }

    @Override
    public boolean looksAtEachBall() {
        return true;
    }

    /** Its words after {@code ball by ball}. */
    static BallByBall read(Reader from) {
        double gap = gap(from);
        double up = from.takes("up at") ? from.number() : DEFAULT.up;
        double down = from.takes("down at") ? from.number() : DEFAULT.down;
        return new BallByBall(gap, up, down);
    }

    /** How far to either side of the rate that is asked for it looks. */
    static double gap(Reader from) {
        if (!from.takes("within")) {
            return DEFAULT.gap;
        }
        double gap = from.share();
        from.needs("of the rate");
        return gap;
    }

    @Override
    public void write(Sentence to) {
        to.say("ball by ball").comma();
        to.say("within").share(gap).say("of the rate").comma();
        to.say("up at").number(up).comma().say("down at").number(down);
    }

    @Override
    public Advice advise(Level level, List<Attempt> attempts, Neighbours before) {
        return adviser(level, before).after(attempts);
    }

    @Override
    public Adviser adviser(Level level, Neighbours before) {
        double target = level.targetRate();
        RatioExaminer asked = new RatioExaminer(test(level), true, Streaks.after(before));
        return asked.adviser(below(target, gap), above(target, gap), (call, figures) -> switch (call) {
            case MOVE_UP -> Advice.moveUp("balls.up", figures);
            case STEP_BACK -> Advice.stepBack(level.number() - 1, "balls.back", figures);
            case STAY -> Advice.stay("balls.stay", figures);
        });
    }

    @Override
    public Asking asking(Level level) {
        RatioTest test = test(level);
        return streaks -> new RatioExaminer(test, true, streaks);
    }

    /**
     * Exact over balls and hits since the test began, for sets of equal length. Where no level is below, what is decided
     * downwards in a set starts afresh with the next one.
     */
    @Override
    public double[] exactly(Level level, Trying trying) {
        if (!level.isShort(trying)) {
            return Trying.UNKNOWN;
        }
        int aSet = level.ahead().balls();
        RatioTest.Walk walk = new RatioTest.Walk(test(level), trying.rate(), balls -> trying.worth(balls, aSet));
        double[] up = new double[trying.sets()];
        double[] afresh = new double[up.length];
        for (int set = 0; set < up.length; set++) {
            double upBefore = walk.up();
            double downBefore = walk.down();
            for (int ball = 0; ball < aSet; ball++) {
                walk.ball();
            }
            up[set] = walk.up() - upBefore;
            afresh[set] = level.isLowest() ? walk.down() - downBefore : 0;
        }
        return SetsOfTrials.withRestarts(up, afresh);
    }
}
