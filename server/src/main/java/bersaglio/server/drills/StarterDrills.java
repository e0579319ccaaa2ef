package bersaglio.server.drills;

import bersaglio.core.court.Plane;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.goal.Quota;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Tie;
import bersaglio.core.target.Zone;
import java.util.List;
import java.util.OptionalDouble;

/** The drill that every club starts with. */
final class StarterDrills {

    private static final String IN_USE = "singles";
    private static final Rectangle SINGLES =
            Courts.BADMINTON.main().region(IN_USE).area().bounds();
    private static final int TRIES = 3;

    private StarterDrills() {}

    /**
     * The corner shrinks from rung to rung. The first rungs ask for little proof, the middle ones for a repeat, the
     * last ones for evidence.
     */
    static Drill straightClear() {
        AdvanceRule once = new OneMetQuota();
        AdvanceRule twice = new MetInLast(2, 3);
        return new Drill(
                "straight-clear-1",
                "straight-clear",
                1,
                "Straight clear",
                "High serve to the forehand rear corner",
                Freedom.FED,
                List.of(
                        rung(1, 1.80, 2.20, once),
                        rung(2, 1.50, 1.80, once),
                        rung(3, 1.30, 1.50, twice),
                        rung(4, 1.10, 1.30, twice),
                        rung(5, 1.00, 1.00, Evidence.DEFAULT),
                        rung(6, 0.80, 0.76, Evidence.DEFAULT)));
    }

    /** A corner of this size on a right-hander's forehand side, inside the singles lines. */
    private static Level rung(int number, double width, double depth, AdvanceRule advance) {
        Rectangle corner =
                new Rectangle(SINGLES.right() - width, SINGLES.far() - depth, SINGLES.right(), SINGLES.far());
        return new Level(number, rearCorner(corner), 0, new Quota(8, 12), TRIES, OptionalDouble.empty(), advance);
    }

    /** The largest of them is on the shelf of targets; the others are that one, made smaller rung by rung. */
    static TargetSet rearCorner() {
        return StarterDrills.straightClear().level(1).target();
    }

    private static TargetSet rearCorner(Rectangle corner) {
        return TargetSet.of(
                "rear-corner",
                "Rear corner",
                Courts.BADMINTON,
                IN_USE,
                Zone.spot(1, "Rear corner", Plane.FLOOR, corner).tiedTo(Tie.HITTER_HAND));
    }
}
