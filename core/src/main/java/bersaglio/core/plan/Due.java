package bersaglio.core.plan;

import bersaglio.core.charting.Reached;
import bersaglio.core.odds.HitRate;
import java.util.OptionalLong;

/**
 * How due a player is on a drill.
 *
 * @param level    the rung on which the player stands
 * @param need     see {@link Need}
 * @param lastHeld when a set was last held, in milliseconds since 1970
 */
public record Due(int level, double need, OptionalLong lastHeld) {

    private static final double DAY = 24.0 * 3600 * 1000;
    private static final double DAYS_WHEN_NEVER_HELD = 14;

    /** @param now milliseconds since 1970 */
    public static Due of(Reached reached, int importance, long now) {
        double mastery = new HitRate(reached.held().hits(), reached.held().trials()).mastery(reached.targetRate());
        double days = reached.lastHeld().isPresent()
                ? Math.max(0, now - reached.lastHeld().getAsLong()) / DAY
                : DAYS_WHEN_NEVER_HELD;
        return new Due(reached.level(), Need.of(importance, mastery, days), reached.lastHeld());
    }
}
