package bersaglio.core.drill;

import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Tally;
import bersaglio.core.measure.Threshold;
import bersaglio.core.odds.SetsOfTrials;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.List;

/**
 * Wald's sequential test between a rate that is not ready and one that is: A. Wald, "Sequential Tests of Statistical
 * Hypotheses", Annals of Mathematical Statistics 16 (1945). It starts afresh at each level and after each decision.
 *
 * @param notReady p0, above 0 and below {@code ready}
 * @param ready    p1, below 1
 * @param wrongUp  α, the chance to move up who is not ready, 0.001 to 0.4
 * @param wrongDown β, the chance to step back who is ready, 0.001 to 0.4
 */
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

    /** The logarithm of how much more likely these hits are of a player who is ready. */
    public double logRatio(double hits, double misses) {
        return hits * Math.log(ready / notReady) + misses * Math.log((1 - ready) / (1 - notReady));
    }

    public double upperBound() {
        return Math.log((1 - wrongDown) / wrongUp);
    }

    public double lowerBound() {
        return Math.log(wrongDown / (1 - wrongUp));
    }

    @Override
    public Advice advise(Level level, List<Attempt> attempts) {
        Tally since = Tally.NONE;
        Advice.Call call = Advice.Call.STAY;
        double ratio = 0;
        for (Attempt attempt : attempts) {
            since = call == Advice.Call.STAY ? since.plus(attempt.tally()) : attempt.tally();
            ratio = logRatio(since.hits(), since.trials() - since.hits());
            call = decide(ratio);
        }
        Figure[] figures = {
            new Figure("hits", since.hits()),
            new Figure("trials", since.trials()),
            new Figure("notReadyRate", notReady),
            new Figure("readyRate", ready),
            new Figure("logRatio", ratio),
            new Figure("upperBound", upperBound()),
            new Figure("lowerBound", lowerBound())
        };
        return switch (call) {
            case MOVE_UP -> Advice.moveUp("sequential.up", figures);
            case STEP_BACK -> Advice.stepBack(level.number() - 1, "sequential.back", figures);
            case STAY -> Advice.stay("sequential.stay", figures);
        };
    }

    private Advice.Call decide(double ratio) {
        if (Threshold.reaches(ratio, upperBound())) {
            return Advice.Call.MOVE_UP;
        }
        return Threshold.reaches(lowerBound(), ratio) ? Advice.Call.STEP_BACK : Advice.Call.STAY;
    }

    /** Exact over the hits so far; a step back ends it, as the level is left. */
    @Override
    public double passesWithin(Level level, int sets, double rate) {
        return new SetsOfTrials(level.typicalBalls(rate), rate).passedWithin(sets, (hits, trials) -> {
            Advice.Call call = decide(logRatio(hits, trials - hits));
            return switch (call) {
                case MOVE_UP -> SetsOfTrials.End.PASSED;
                case STEP_BACK -> SetsOfTrials.End.OVER;
                case STAY -> SetsOfTrials.End.GOES_ON;
            };
        });
    }
}
