package bersaglio.core.forecast;

import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.drill.Sequential;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * One way to move up beside the others: how often it lets through, over all the sets allowed.
 *
 * @param notReady the chance for a player who is not ready
 * @param player   the chance for the player asked about, where something is known
 */
public record Compared(AdvanceRule rule, double notReady, OptionalDouble player) {

    /** As far above the target rate as a player who is not ready stands below it. */
    private static final double READY_GAP = 0.12;

    private static final double NEARLY_SURE = 0.98;

    /** The usual rule of each family; the coach's call has no odds. */
    public static List<Compared> of(Level level, Optional<PlayerRate> player) {
        double notReady = Math.max(0.02, level.notReadyRate());
        double ready = Math.max(notReady + 0.01, Math.min(NEARLY_SURE, level.targetRate() + READY_GAP));
        return Stream.of(
                        new OneMetQuota(),
                        new MetInLast(2, 3),
                        Evidence.DEFAULT,
                        new Sequential(Math.min(notReady, NEARLY_SURE - 0.01), ready, 0.1, 0.1))
                .map(rule -> new Compared(
                        rule,
                        rule.passesWithin(level, level.tries(), level.notReadyRate()),
                        player.isPresent()
                                ? OptionalDouble.of(rule.passesWithin(
                                        level, level.tries(), player.get().rate()))
                                : OptionalDouble.empty()))
                .toList();
    }
}
