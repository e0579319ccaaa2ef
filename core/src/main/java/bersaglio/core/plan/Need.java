package bersaglio.core.plan;

import bersaglio.core.problem.Check;

/** How much a player needs a drill: importance, what is not yet mastered, and how long ago it was last held. */
public final class Need {

    private static final double DAYS_TO_DOUBLE = 14;
    private static final double MOST_STALENESS = 2;

    private Need() {}

    /**
     * @param importance 1 to 3, the coach's
     * @param mastery    the chance that the player's true rate is the level's target rate or better
     * @param days       days since the drill was last held, at least 0
     */
    public static double of(int importance, double mastery, double days) {
        Check.requireBetween("importance", importance, 1, 3);
        Check.requireRate("mastery", mastery);
        Check.requireBetween("days", days, 0, 1e6);
        return importance * (1 - mastery) * Math.min(MOST_STALENESS, 1 + days / DAYS_TO_DOUBLE);
    }
}
