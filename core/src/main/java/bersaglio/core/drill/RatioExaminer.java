package bersaglio.core.drill;

import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Standing;
import bersaglio.core.odds.RatioTest;
import java.util.function.BiFunction;

/** Asks a sequential test: after each ball, or only as each set closes. A set has one decision at most; it starts afresh then. */
final class RatioExaminer extends Examiner {

    private final RatioTest test;
    private final boolean eachBall;
    private final Streaks streaks;
    private int hits;
    private int misses;
    private int ballsOfSet;
    private int decidedAfter;
    private Advice.Call call = Advice.Call.STAY;
    private boolean over;

    RatioExaminer(RatioTest test, boolean eachBall, Streaks streaks) {
        this.test = test;
        this.eachBall = eachBall;
        this.streaks = streaks;
    }

    @Override
    Advice.Call ball(boolean hit) {
        startAfresh();
        ballsOfSet++;
        streaks.ball(hit);
        if (call == Advice.Call.STAY) {
            hits += hit ? 1 : 0;
            misses += hit ? 0 : 1;
            if (eachBall) {
                decide();
            }
        }
        return eachBall ? call : Advice.Call.STAY;
    }

    private void startAfresh() {
        if (over) {
            over = false;
            ballsOfSet = 0;
            if (call != Advice.Call.STAY) {
                call = Advice.Call.STAY;
                hits = 0;
                misses = 0;
            }
        }
    }

    private void decide() {
        call = switch (decided()) {
            case UP -> Advice.Call.MOVE_UP;
            case DOWN -> Advice.Call.STEP_BACK;
            case OPEN -> Advice.Call.STAY;
        };
        decidedAfter = ballsOfSet;
    }

    /** No ball is worth more than 1, so that what is open for whole balls is open for these. */
    private RatioTest.End decided() {
        double ofWholeBalls = test.ratio(hits, misses);
        return test.decide(ofWholeBalls) == RatioTest.End.OPEN
                ? RatioTest.End.OPEN
                : test.decide(ofWholeBalls * streaks.worth());
    }

    @Override
    Advice.Call close(Standing standing, long day) {
        startAfresh();
        if (!eachBall) {
            decide();
        }
        streaks.close();
        over = true;
        return call;
    }

    private double ratio() {
        return test.ratio(hits, misses) * streaks.worth();
    }

    /** @param says what the rule makes of what the test comes to */
    Adviser adviser(double notReady, double ready, BiFunction<Advice.Call, Figure[], Advice> says) {
        return new Adviser() {
            @Override
            public void take(Attempt next) {
                set(next);
            }

            @Override
            public Advice advice() {
                return says.apply(call, figures(notReady, ready));
            }
        };
    }

    /** What it has seen since it began, and how far that goes. */
    private Figure[] figures(double notReady, double ready) {
        return new Figure[] {
            new Figure("hits", hits),
            new Figure("trials", hits + misses),
            new Figure("notReadyRate", notReady),
            new Figure("readyRate", ready),
            new Figure("logRatio", ratio()),
            new Figure("upperBound", test.up()),
            new Figure("lowerBound", test.down()),
            new Figure("decidedAfter", eachBall && call != Advice.Call.STAY ? decidedAfter : 0),
            new Figure("worthRate", streaks.worth())
        };
    }
}
