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
import bersaglio.core.target.TargetZone;
import bersaglio.core.target.Tie;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Drills for the tests. */
public final class Samples {

    /** The rear corner on a right-hander's forehand side, a metre each way. */
    public static final Rectangle CORNER = new Rectangle(1.59, 5.70, 2.59, 6.70);

    private static final TargetZone ZONE = new TargetZone("Rear corner", 1, Plane.FLOOR, CORNER, Tie.HITTER_HAND);

    private Samples() {}

    public static Level level(AdvanceRule advance) {
        return level(1, advance);
    }

    /** A level at which the coach asks for this rate. */
    public static Level level(AdvanceRule advance, double target) {
        return new Level(1, ZONE, new Quota(8, 12), 3, OptionalDouble.of(target), advance);
    }

    private static Level level(int number, AdvanceRule advance) {
        return new Level(number, ZONE, new Quota(8, 12), 3, OptionalDouble.empty(), advance);
    }

    public static Drill drill(AdvanceRule advance) {
        List<Level> levels = new ArrayList<>();
        for (int number = 1; number <= 4; number++) {
            levels.add(level(number, advance));
        }
        return new Drill(
                "clear-v1",
                1,
                "Straight clear",
                "High serve to the forehand rear corner",
                Freedom.FED,
                Courts.BADMINTON,
                "singles",
                levels);
    }

    public static Drill drill() {
        return drill(new OneMetQuota());
    }
}
