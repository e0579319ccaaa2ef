package bersaglio.core.forecast;

import bersaglio.core.court.Area;
import bersaglio.core.drill.Level;
import bersaglio.core.goal.Goal;
import bersaglio.core.odds.GoalOdds;
import bersaglio.core.odds.TargetRate;
import bersaglio.core.problem.Check;
import bersaglio.core.scatter.Scatter;
import bersaglio.core.target.Ground;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;

/** Other goals of the same kind that a player would meet about as often as is wanted. */
public final class Proposals {

    /** @param met the chance that one set meets it */
    public record Proposal(Goal goal, double met) {}

    private Proposals() {}

    /**
     * The goal that comes nearest to the wanted chance, if any comes nearer than the one that is.
     *
     * @param wanted above 0 and below 1
     */
    public static Optional<Proposal> of(Level level, List<Double> rates, Pace pace, double wanted) {
        ToDoubleFunction<Goal> met =
                goal -> GoalOdds.of(goal.ahead(pace.secondsABall()).remembering(level.memo()), rates)
                        .met();
        return of(level.goal(), met, met, wanted);
    }

    /** The same for a player whose rate is known only so far. */
    public static Optional<Proposal> of(Level level, PlayerRate player, Pace pace, double wanted) {
        return of(
                level.goal(),
                goal -> Forecast.metAtOnce(goal, player, pace, level.memo()),
                goal -> Forecast.met(goal, player, pace, level.memo()),
                wanted);
    }

    /** @param atOnce tells which one it is, {@code met} what is said of it */
    private static Optional<Proposal> of(
            Goal goal, ToDoubleFunction<Goal> atOnce, ToDoubleFunction<Goal> met, double wanted) {
        Check.requireBetween("chance", wanted, 0.01, 0.99);
        return goal.rows().stream()
                .flatMap(row -> around(row, atOnce, wanted))
                .min(Comparator.comparingDouble(one -> Math.abs(one.met() - wanted)))
                .map(best -> new Proposal(best.goal(), met.applyAsDouble(best.goal())))
                .filter(best -> Math.abs(best.met() - wanted) < Math.abs(met.applyAsDouble(goal) - wanted) - 1e-9);
    }

    /** The last one that is met often enough, and the first that is not. */
    private static Stream<Proposal> around(List<Goal> fromEasyToHard, ToDoubleFunction<Goal> met, double wanted) {
        int easy = -1;
        int hard = fromEasyToHard.size();
        List<Proposal> tried = new ArrayList<>();
        while (hard - easy > 1) {
            int middle = (easy + hard) / 2;
            Goal goal = fromEasyToHard.get(middle);
            Proposal one = new Proposal(goal, met.applyAsDouble(goal));
            tried.add(one);
            easy = one.met() >= wanted ? middle : easy;
            hard = one.met() >= wanted ? hard : middle;
        }
        return tried.stream();
    }

    /**
     * How many times as large the target must be for the wanted chance to meet the goal.
     *
     * @param scatter of landings aimed at the middle of the zone
     * @param wanted  above 0 and below 1
     * @return nothing where no size gives it
     */
    public static OptionalDouble scale(
            Level level, Scatter scatter, Ground zone, Area inUse, Pace pace, double wanted) {
        OptionalDouble rate = TargetRate.of(level.goal(), pace.secondsABall(), wanted, level.memo());
        return rate.isPresent() && rate.getAsDouble() > 0 && rate.getAsDouble() < 1
                ? scatter.scaleFor(zone, inUse, rate.getAsDouble())
                : OptionalDouble.empty();
    }
}
