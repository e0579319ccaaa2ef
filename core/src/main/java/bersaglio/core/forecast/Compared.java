package bersaglio.core.forecast;

import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.BallByBall;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.Learners;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.drill.Passing;
import bersaglio.core.drill.Sequential;
import bersaglio.core.drill.Trying;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * One way to move up beside the others: how often it lets through, over all the sets allowed.
 *
 * @param notReady the chance for a player who is not ready
 * @param streaky  the same for one who hits and misses in streaks
 * @param ready    the chance for a player as far above the rate that is asked for
 * @param player   the chance for the player asked about, where something is known
 * @param error    standard error of these; 0 where they are exact
 */
public record Compared(
        AdvanceRule rule, double notReady, double streaky, double ready, OptionalDouble player, double error) {

    /** As far above the target rate as a player who is not ready stands below it. */
    private static final double READY_GAP = 0.12;

    /** How much likelier a hit is after a hit than after a miss, for a player who is called streaky. */
    public static final double STREAK = 0.4;

    private static final double NEARLY_SURE = 0.98;
    private static final int RATES_WORKED_OUT = 7;
    private static final int RATES_PLAYED = 3;
    private static final int BALLS_OF_SEVERAL = 20_000;
    private static final int BALLS_OF_ONE = 80_000;

    /** The usual rule of each family; the coach's call has no odds. */
    public static List<Compared> of(Level level, Optional<PlayerRate> player) {
        double notReady = Math.max(0.02, level.notReadyRate());
        double ready = Math.max(notReady + 0.01, Math.min(NEARLY_SURE, level.targetRate() + READY_GAP));
        return Stream.of(
                        BallByBall.DEFAULT,
                        Learners.DEFAULT,
                        Evidence.DEFAULT,
                        new Sequential(Math.min(notReady, NEARLY_SURE - 0.01), ready, 0.1, 0.1),
                        new OneMetQuota(),
                        new MetInLast(2, 3))
                .map(rule -> of(level.with(rule), ready, player))
                .toList();
    }

    private static Compared of(Level level, double ready, Optional<PlayerRate> player) {
        int setsADay = player.map(PlayerRate::setsADay).orElse(1);
        Trying notReady = Trying.of(level.notReadyRate(), level.tries()).aDay(setsADay);
        Passing told = level.passing(notReady, BALLS_OF_ONE);
        OptionalDouble own = player.isEmpty()
                ? OptionalDouble.empty()
                : player.get().known().spread(told.error() > 0 ? RATES_PLAYED : RATES_WORKED_OUT).stream()
                        .mapToDouble(rate -> level.passing(
                                        Trying.of(rate, level.tries()).aDay(setsADay), BALLS_OF_SEVERAL)
                                .inAll())
                        .average();
        return new Compared(
                level.advance(),
                told.inAll(),
                level.passing(notReady.streaky(STREAK), BALLS_OF_SEVERAL).inAll(),
                level.passing(Trying.of(ready, level.tries()).aDay(setsADay), BALLS_OF_SEVERAL)
                        .inAll(),
                own,
                told.error());
    }
}
