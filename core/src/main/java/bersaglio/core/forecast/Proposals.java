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
        return of(
                level.goal(),
                goal -> GoalOdds.of(goal.ahead(pace.secondsABall()), rates).met(),
                wanted);
    }

    /** The same for a player whose rate is known only so far. */
    public static Optional<Proposal> of(Level level, PlayerRate player, Pace pace, double wanted) {
        return of(level.goal(), goal -> Forecast.met(goal, player, pace), wanted);
    }

    private static Optional<Proposal> of(Goal goal, ToDoubleFunction<Goal> met, double wanted) {
        Check.requireBetween("chance", wanted, 0.01, 0.99);
        double now = met.applyAsDouble(goal);
        List<Goal> harder = fromEasyToHard(goal);
        Stream<Proposal> others = harder.isEmpty()
                ? (goal instanceof Ladder ladder ? shorter(ladder) : List.<Ladder>of())
                        .stream().map(one -> new Proposal(one, met.applyAsDouble(one)))
                : around(harder, met, wanted);
        return others.min(Comparator.comparingDouble(one -> Math.abs(one.met() - wanted)))
                .filter(best -> Math.abs(best.met() - wanted) < Math.abs(now - wanted) - 1e-9);
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
        OptionalDouble rate = TargetRate.of(level.goal(), pace.secondsABall(), wanted);
        return rate.isPresent() && rate.getAsDouble() > 0 && rate.getAsDouble() < 1
                ? scatter.scaleFor(zone, inUse, rate.getAsDouble())
                : OptionalDouble.empty();
    }

    /** Goals that ask for more and more, all else the same; none where there is no such row. */
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

    /** With fewer hits at every station, and then with fewer stations. */
    private static List<Ladder> shorter(Ladder ladder) {
        List<Ladder> all = new ArrayList<>();
        int most = ladder.stations().stream().mapToInt(Station::hits).max().orElse(1);
        for (int hits = 1; hits <= most; hits++) {
            int atMost = hits;
            List<Station> eased = ladder.stations().stream()
                    .map(one -> new Station(one.name(), Math.min(one.hits(), atMost), one.zone()))
                    .toList();
            all.add(new Ladder(eased, ladder.balls(), ladder.misses()));
        }
        for (int stations = 1; stations < ladder.stations().size(); stations++) {
            all.add(new Ladder(ladder.stations().subList(0, stations), ladder.balls(), ladder.misses()));
        }
        return all;
    }
}
