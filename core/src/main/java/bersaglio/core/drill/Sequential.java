package bersaglio.core.drill;

import bersaglio.core.format.Kind;
import bersaglio.core.goal.Attempt;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.odds.RatioTest;
import bersaglio.core.odds.SetsOfTrials;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;

/**
 * Wald's sequential test between a rate that is not ready and one that is, looked at when a set closes. It starts afresh at
 * each level and after each decision; where no level is below, a step back is no more than such a fresh start.
 *
 * @param notReady p0, above 0 and below {@code ready}
 * @param ready    p1, below 1
 * @param wrongUp  α, the chance to move up who is not ready, 0.001 to 0.4
 * @param wrongDown β, the chance to step back who is ready, 0.001 to 0.4
 */
@Kind("sequential")
public record Sequential(double notReady, double ready, double wrongUp, double wrongDown) implements AdvanceRule {

    public Sequential {
        Check.requireBetween("notReady", notReady, 0.01, 0.98);
        Check.requireBetween("ready", ready, 0.02, 0.99);
        if (ready <= notReady) {
            throw new Refused("out_of_range", "ready", Double.toString(ready), "greater than notReady, " + notReady);
        }
        Check.requireBetween("wrongUp", wrongUp, 0.001, 0.4);
        Check.requireBetween("wrongDown", wrongDown, 0.001, 0.4);
    }

    private RatioTest test() {
        return RatioTest.between(notReady, ready, upperBound(), lowerBound());
    }

    /** The logarithm of how much more likely these hits are of a player who is ready. */
    public double logRatio(double hits, double misses) {
        return test().ratio(hits, misses);
    }

    public double upperBound() {
        return Math.log((1 - wrongDown) / wrongUp);
    }

    public double lowerBound() {
        return Math.log(wrongDown / (1 - wrongUp));
    }

    /** Its words after {@code on the sequential test of}. */
    static Sequential read(Reader from) {
        double notReady = from.share();
        from.needs("against");
        double ready = from.share();
        double up = from.share();
        from.needs("wrongly up");
        double down = from.share();
        from.needs("wrongly down");
        return new Sequential(notReady, ready, up, down);
    }

    @Override
    public void write(Sentence to) {
        to.say("on the sequential test of").share(notReady);
        to.say("against").share(ready).comma();
        to.share(wrongUp).say("wrongly up").comma();
        to.share(wrongDown).say("wrongly down");
    }

    @Override
    public Advice advise(Level level, List<Attempt> attempts, Neighbours before) {
        return adviser(level, before).after(attempts);
    }

    @Override
    public Adviser adviser(Level level, Neighbours before) {
        RatioExaminer asked = new RatioExaminer(test(), false, Streaks.after(before));
        return asked.adviser(notReady, ready, (call, figures) -> switch (call) {
            case MOVE_UP -> Advice.moveUp("sequential.up", figures);
            case STEP_BACK -> Advice.stepBack(level.number() - 1, "sequential.back", figures);
            case STAY -> Advice.stay("sequential.stay", figures);
        });
    }

    @Override
    public Asking asking(Level level) {
        RatioTest test = test();
        return streaks -> new RatioExaminer(test, false, streaks);
    }

    /** Exact over the hits since the test began, for sets of equal length. */
    @Override
    public double[] exactly(Level level, Trying trying) {
        if (!level.isShort(trying)) {
            return Trying.UNKNOWN;
        }
        RatioTest test = test();
        int aSet = level.ahead().balls();
        SetsOfTrials sets = new SetsOfTrials(aSet, trying.rate());
        return trying.averaged(
                aSet,
                worth -> sets.passedAfter(trying.sets(), (hits, trials) -> switch (test.decide(
                        test.ratio(hits, trials - hits) * worth.applyAsDouble(trials))) {
                    case UP -> SetsOfTrials.End.PASSED;
                    case DOWN -> level.isLowest() ? SetsOfTrials.End.AFRESH : SetsOfTrials.End.OVER;
                    case OPEN -> SetsOfTrials.End.GOES_ON;
                }));
    }
}
