package bersaglio.core.drill;

import bersaglio.core.goal.Standing;
import bersaglio.core.measure.Threshold;
import bersaglio.core.odds.HitRate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

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
    private final Bounds bounds;
    private int trials;
    private int sets;
    private double hits;
    private double weighed;

    private WeighingExaminer(Evidence rule, double asked, Streaks streaks, For way, Bounds bounds) {
        this.rule = rule;
        this.asked = asked;
        this.streaks = streaks;
        this.way = way;
        this.fading = rule.fading();
        this.bounds = bounds;
    }

    static Asking asking(Evidence rule, double asked, For way) {
        Bounds bounds = new Bounds(rule, asked, way);
        return streaks -> new WeighingExaminer(rule, asked, streaks, way, bounds);
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
        sets++;
        if (trials < rule.leastTrials() || trials == 0) {
            return Advice.Call.STAY;
        }
        double worth = streaks.worth();
        boolean likely = streaks.areForeseen()
                ? bounds.reached(trials, sets, hits, weighed, worth)
                : isLikely(rule, asked, way, hits, weighed, worth);
        if (!likely) {
            return Advice.Call.STAY;
        }
        return way == For.MOVING_UP ? Advice.Call.MOVE_UP : Advice.Call.STEP_BACK;
    }

    private static boolean isLikely(Evidence rule, double asked, For way, double hits, double trials, double worth) {
        double mastery = new HitRate(Math.min(hits, trials) * worth, trials * worth).mastery(asked);
        return way == For.MOVING_UP
                ? Threshold.reaches(mastery, rule.confidence())
                : Threshold.reaches(1 - rule.confidence(), mastery);
    }

    /** Where the answer turns, by the trials and the sets so far: the same for all whose balls are worth as much. */
    private static final class Bounds {

        private static final double SAME = 1e-7;
        /** To find it takes as long as so many answers. */
        private static final int WORTH_FINDING = 30;

        private static final class Turn {
            private int asked;
            private double at;
        }

        private final Map<List<Integer>, Turn> turns = new HashMap<>();
        private final Evidence rule;
        private final double asked;
        private final For way;

        Bounds(Evidence rule, double asked, For way) {
            this.rule = rule;
            this.asked = asked;
            this.way = way;
        }

        boolean reached(int trials, int sets, double hits, double weighed, double worth) {
            Turn turn = turns.computeIfAbsent(List.of(trials, sets), key -> new Turn());
            turn.asked++;
            if (turn.asked == WORTH_FINDING) {
                turn.at = turn(weighed, worth);
            }
            double off = hits - turn.at;
            if (turn.asked < WORTH_FINDING || Math.abs(off) < SAME) {
                return isLikely(rule, asked, way, hits, weighed, worth);
            }
            return way == For.MOVING_UP ? off > 0 : off < 0;
        }

        private double turn(double weighed, double worth) {
            double low = 0;
            double high = weighed;
            while (high - low > SAME / 4) {
                double middle = (low + high) / 2;
                boolean up = isLikely(rule, asked, way, middle, weighed, worth) == (way == For.MOVING_UP);
                high = up ? middle : high;
                low = up ? low : middle;
            }
            return high;
        }
    }
}
