package bersaglio.core.charting;

import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.Level;
import bersaglio.core.forecast.Forecast;
import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.Attempt;
import bersaglio.core.odds.Belief;
import bersaglio.core.problem.Check;
import java.util.List;
import java.util.Optional;

/**
 * The chance that a set meets its goal from where it stands.
 *
 * @param rate   of a ball to come, from the player's trials at the level up to now
 * @param trials that the rate rests on
 */
public record FromHere(double chance, double rate, int trials) {

    private static final int FEWEST = 5;

    public FromHere {
        Check.requireRate("chance", chance);
        Check.requireRate("rate", rate);
    }

    /** @return nothing while too few trials are known, or where the clock decides it */
    static Optional<FromHere> of(Level level, List<Attempt> attempts, SetCount count) {
        int trials = attempts.stream().mapToInt(one -> one.tally().trials()).sum();
        if (trials < FEWEST || level.goal().goesByTheClock()) {
            return Optional.empty();
        }
        Belief known = Belief.of(Evidence.DEFAULT.weigh(attempts));
        Ahead ahead = new Ahead(count.play(), count.left(), level.goal().playsOn());
        return Optional.of(new FromHere(Forecast.fromHere(ahead, level.ahead(), known), known.mean(), trials));
    }
}
