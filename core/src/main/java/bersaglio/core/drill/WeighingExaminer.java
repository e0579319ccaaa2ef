package bersaglio.core.drill;

import bersaglio.core.goal.Standing;
import bersaglio.core.measure.Threshold;
import bersaglio.core.odds.HitRate;

/** Asks the evidence rule, or its other way round, as each set closes. */
final class WeighingExaminer extends Examiner {

    /** Which way the evidence is asked for. */
    enum For {
        MOVING_UP,
        STEPPING_BACK
    }

    private final Evidence rule;
    private final double asked;
    private final Streaks streaks;
    private final For way;
    private final double fading;
    private int trials;
    private double hits;
    private double weighed;

    private WeighingExaminer(Evidence rule, double asked, Streaks streaks, For way) {
        this.rule = rule;
        this.asked = asked;
        this.streaks = streaks;
        this.way = way;
        this.fading = rule.fading();
    }

    static Asking asking(Evidence rule, double asked, For way) {
        return streaks -> new WeighingExaminer(rule, asked, streaks, way);
    }

    @Override
    Advice.Call ball(boolean hit) {
        streaks.ball(hit);
        trials++;
        hits = hits * fading + (hit ? 1 : 0);
        weighed = weighed * fading + 1;
        return Advice.Call.STAY;
    }

    @Override
    Advice.Call close(Standing standing, long day) {
        streaks.close();
        if (trials < rule.leastTrials() || trials == 0) {
            return Advice.Call.STAY;
        }
        if (!isLikely(streaks.worth())) {
            return Advice.Call.STAY;
        }
        return way == For.MOVING_UP ? Advice.Call.MOVE_UP : Advice.Call.STEP_BACK;
    }

    private boolean isLikely(double worth) {
        double mastery = new HitRate(Math.min(hits, weighed) * worth, weighed * worth).mastery(asked);
        return way == For.MOVING_UP
                ? Threshold.reaches(mastery, rule.confidence())
                : Threshold.reaches(1 - rule.confidence(), mastery);
    }
}
