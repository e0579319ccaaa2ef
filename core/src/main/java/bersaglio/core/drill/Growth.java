package bersaglio.core.drill;

import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Standing;
import bersaglio.core.goal.Tally;
import bersaglio.core.measure.Threshold;
import bersaglio.core.odds.HitRate;
import java.util.List;
import java.util.Optional;

/** Whether a level still fits a player who has held enough sets of it. */
public enum Growth {
    TOO_EASY,
    /** Nearly always missed, or at half of the rate that the level asks for at most. */
    OUT_OF_REACH,
    /** No better best, and no rise to speak of: another drill for the same purpose would do more. */
    STOPPED;

    private static final int LEAST_TRIALS = 24;
    private static final double EASY_RATE = 0.85;
    private static final double HARD_RATE = 0.30;
    private static final double SURE = 0.8;
    private static final int SETS_LOOKED_AT = 6;
    private static final double RISING = 0.6;
    private static final double FAR_BELOW = 0.5;
    private static final int MOST_SETS = 120;

    /**
     * Of a goal that nobody meets or misses, as a measured one, there is none.
     *
     * @param held       all sets at the level in order, of which the latest 120 are looked at; unweighted
     * @param targetRate the rate that the level asks for
     */
    public static Optional<Growth> of(List<Attempt> held, double targetRate) {
        List<Attempt> attempts = held.subList(Math.max(0, held.size() - MOST_SETS), held.size());
        if (attempts.stream().allMatch(attempt -> attempt.standing() == Standing.DONE)) {
            return Optional.empty();
        }
        HitRate all = rate(attempts);
        if (Threshold.reaches(all.trials(), LEAST_TRIALS)) {
            if (Threshold.reaches(all.mastery(EASY_RATE), SURE)) {
                return Optional.of(TOO_EASY);
            }
            if (Threshold.reaches(1 - all.mastery(Math.max(HARD_RATE, FAR_BELOW * targetRate)), SURE)) {
                return Optional.of(OUT_OF_REACH);
            }
        }
        return hasStopped(attempts) ? Optional.of(STOPPED) : Optional.empty();
    }

    private static boolean hasStopped(List<Attempt> attempts) {
        if (attempts.size() <= SETS_LOOKED_AT) {
            return false;
        }
        int from = attempts.size() - SETS_LOOKED_AT;
        List<Attempt> last = attempts.subList(from, attempts.size());
        if (best(last) > best(attempts.subList(0, from)) || last.stream().allMatch(Attempt::isMet)) {
            return false;
        }
        HitRate earlier = rate(last.subList(0, SETS_LOOKED_AT / 2));
        HitRate later = rate(last.subList(SETS_LOOKED_AT / 2, SETS_LOOKED_AT));
        return later.chanceAbove(earlier) < RISING;
    }

    private static double best(List<Attempt> attempts) {
        return attempts.stream().mapToDouble(Attempt::score).max().orElse(0);
    }

    private static HitRate rate(List<Attempt> attempts) {
        Tally sum = Tally.NONE;
        for (Attempt attempt : attempts) {
            sum = sum.plus(attempt.tally());
        }
        return new HitRate(sum.hits(), sum.trials());
    }
}
