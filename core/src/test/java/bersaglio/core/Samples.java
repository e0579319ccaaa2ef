package bersaglio.core;

import bersaglio.core.court.Plane;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.drill.Quota;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Tie;
import bersaglio.core.target.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

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
}
