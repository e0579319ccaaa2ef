package bersaglio.core.drill;

import bersaglio.core.odds.QuotaOdds;
import bersaglio.core.problem.Check;

/**
 * A set passes when enough of a fixed block of balls are hits.
 *
 * @param hits  hits wanted, 1 to {@code balls}
 * @param balls balls in the set, 1 to 200
 */
public record Quota(int hits, int balls) implements Goal {

    private static final int LONGEST_BLOCK = 200;

    public Quota {
        Check.requireBetween("balls", balls, 1, LONGEST_BLOCK);
        Check.requireBetween("hits", hits, 1, balls);
    }

    @Override
    public Standing judge(Tally tally) {
        if (tally.hits() >= hits) {
            return Standing.MET;
        }
        return bestReachable(tally) < hits ? Standing.OUT_OF_REACH : Standing.OPEN;
    }

    /** The most hits that this set can still end with. */
    public int bestReachable(Tally tally) {
        return tally.hits() + ballsLeft(tally);
    }

    public int ballsLeft(Tally tally) {
        return Math.max(0, balls - tally.trials());
    }

    /** Hits that are still wanted, 0 once the quota is met. */
    public int wanted(Tally tally) {
        return Math.max(0, hits - tally.hits());
    }

    public QuotaOdds odds() {
        return new QuotaOdds(hits, balls);
    }
}
