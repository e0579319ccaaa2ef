package bersaglio.core.forecast;

import bersaglio.core.court.Area;
import bersaglio.core.drill.Level;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Ladder;
import bersaglio.core.goal.Ladder.Station;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Timed;
import bersaglio.core.goal.Total;
import bersaglio.core.goal.Window;
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
import java.util.function.IntFunction;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Other goals of the same kind that a player would meet about as often as is wanted. */
public final class Proposals {

    private static final int LONGEST_RUN = 40;

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
        return rows(goal).stream()
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

    /** Rows of goals that ask for more and more, all else the same. */
    private static List<List<Goal>> rows(Goal goal) {
        if (goal instanceof Ladder ladder) {
            return List.of(withFewerHits(ladder), shorter(ladder));
        }
        List<Goal> row = fromEasyToHard(goal);
        return row.isEmpty() ? List.of() : List.of(row);
    }

    private static List<Goal> fromEasyToHard(Goal goal) {
        if (goal instanceof Quota quota) {
            return rising(quota.balls(), hits -> new Quota(hits, quota.balls(), quota.misses()));
        } else if (goal instanceof Window window) {
            return rising(window.of(), hits -> new Window(hits, window.of(), window.balls()));
        } else if (goal instanceof Run run) {
            int longest = run.balls() == 0 ? LONGEST_RUN : Math.min(LONGEST_RUN, run.balls());
            return rising(longest, hits -> new Run(hits, run.balls(), run.misses()));
        } else if (goal instanceof Total total && total.balls() > 0) {
            return rising(total.balls(), hits -> new Total(hits, total.balls(), total.misses()));
        } else if (goal instanceof Timed timed && timed.sides() == 1) {
            return rising(
                    2 * Math.max(1, timed.hits()),
                    hits -> new Timed(timed.rounds(), timed.seconds(), timed.rest(), hits, timed.signal()));
        }
        return List.of();
    }

    private static List<Goal> rising(int most, IntFunction<Goal> asking) {
        return IntStream.rangeClosed(1, Math.min(most, 1000)).mapToObj(asking).toList();
    }

    private static List<Goal> withFewerHits(Ladder ladder) {
        int most = ladder.stations().stream().mapToInt(Station::hits).max().orElse(1);
        return rising(most, hits -> {
            List<Station> eased = ladder.stations().stream()
                    .map(one -> new Station(one.name(), Math.min(one.hits(), hits), one.zone()))
                    .toList();
            return new Ladder(eased, ladder.balls(), ladder.misses());
        });
    }

    private static List<Goal> shorter(Ladder ladder) {
        return rising(
                ladder.stations().size() - 1,
                stations -> new Ladder(ladder.stations().subList(0, stations), ladder.balls(), ladder.misses()));
    }
}
