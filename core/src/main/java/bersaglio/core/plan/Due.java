package bersaglio.core.plan;

import bersaglio.core.charting.Ledger;
import bersaglio.core.charting.SetResult;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Tally;
import bersaglio.core.odds.HitRate;
import java.util.List;
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
    public static Due of(Ledger ledger, double targetRate, int importance, long now) {
        OptionalLong lastHeld = ledger.sets().stream()
                .filter(SetResult::counts)
                .mapToLong(SetResult::heldAt)
                .max();
        Tally tally = Tally.NONE;
        List<Attempt> attempts = ledger.attemptsAt(ledger.level());
        for (Attempt attempt : attempts) {
            tally = tally.plus(attempt.tally());
        }
        double mastery = new HitRate(tally.hits(), tally.trials()).mastery(targetRate);
        double days = lastHeld.isPresent() ? Math.max(0, now - lastHeld.getAsLong()) / DAY : DAYS_WHEN_NEVER_HELD;
        return new Due(ledger.level(), Need.of(importance, mastery, days), lastHeld);
    }
}
