package bersaglio.core;

import bersaglio.core.court.Plane;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.goal.BestToBeat;
import bersaglio.core.goal.Circuit;
import bersaglio.core.goal.Compare;
import bersaglio.core.goal.Cover;
import bersaglio.core.goal.Duel;
import bersaglio.core.goal.FixedTest;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Hold;
import bersaglio.core.goal.Ladder;
import bersaglio.core.goal.Ladder.Station;
import bersaglio.core.goal.Measured;
import bersaglio.core.goal.MissRule;
import bersaglio.core.goal.MissRule.Does;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Race;
import bersaglio.core.goal.Rally;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Signal;
import bersaglio.core.goal.Stopwatch;
import bersaglio.core.goal.Tick;
import bersaglio.core.goal.Timed;
import bersaglio.core.goal.Total;
import bersaglio.core.goal.Window;
import bersaglio.core.rally.Contacts;
import bersaglio.core.rally.PartnerMiss;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Tie;
import bersaglio.core.target.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** Drills for the tests. */
public final class Samples {

    /** The rear corner on a right-hander's forehand side, a metre each way. */
    public static final Rectangle CORNER = new Rectangle(1.59, 5.70, 2.59, 6.70);

    public static final TargetSet TARGET = TargetSet.of(
            "rear-corner",
            "Rear corner",
            Courts.BADMINTON,
            "singles",
            Zone.spot(1, "Rear corner", Plane.FLOOR, CORNER).tiedTo(Tie.HITTER_HAND));

    private Samples() {}

    public static Level level(AdvanceRule advance) {
        return level(1, advance);
    }

    /** A level at which the coach asks for this rate. */
    public static Level level(AdvanceRule advance, double target) {
        return new Level(1, TARGET, 0, new Quota(8, 12), 3, OptionalDouble.of(target), advance);
    }

    private static Level level(int number, AdvanceRule advance) {
        return new Level(number, TARGET, 0, new Quota(8, 12), 3, OptionalDouble.empty(), advance);
    }

    public static Drill drill(AdvanceRule advance) {
        List<Level> levels = new ArrayList<>();
        for (int number = 1; number <= 4; number++) {
            levels.add(level(number, advance));
        }
        return new Drill(
                "clear-v1",
                "clear",
                1,
                "Straight clear",
                "High serve to the forehand rear corner",
                Freedom.FED,
                levels);
    }

    /** A drill of one level at this target. */
    public static Drill drill(TargetSet target) {
        Level level = new Level(1, target, 0, new Quota(8, 12), 3, OptionalDouble.empty(), new OneMetQuota());
        return new Drill("own-v1", "own", 1, "Own", "Hand feed", Freedom.FED, List.of(level));
    }

    public static Drill drill() {
        return drill(new OneMetQuota());
    }

    /** One of every kind. */
    public static Stream<Goal> goals() {
        return Stream.of(
                new Quota(3, 5),
                new Window(3, 4, 9),
                new Run(3, 0, MissRule.of(Does.RESTART_RUN).limitedTo(4)),
                new Total(4, 0, MissRule.owing(2)),
                new Timed(2, 20, 5, 3, Signal.COUNTS),
                new Timed(1, 20, 0, 0, Signal.TOO_LATE, 2),
                new Rally(6, 2, 5),
                new Rally(5, 2, 6, Contacts.OWN, PartnerMiss.RESUMES),
                new BestToBeat(BestToBeat.Of.RUN, 6),
                new Ladder(
                        List.of(new Station("a", 2, 0), new Station("b", 2, 1)), 0, MissRule.of(Does.RESTART_STATION)),
                new Circuit(List.of(new Circuit.Stop("a", 0, 20), new Circuit.Stop("b", 1, 20)), 5, 2, Signal.TOO_LATE),
                new Race(3, 2, Race.Tie.EQUAL_TURNS, 0),
                new Duel(3, 1, List.of(0, 1)),
                new Stopwatch(30, 3, 2),
                new Hold(20, 3),
                new Measured("touches", Measured.Better.MORE, 3),
                new Cover(2, 2, 0),
                new FixedTest(6),
                new Compare(List.of("cross", "straight"), 3),
                new Tick());
    }
}
