package bersaglio.core.scatter;

import bersaglio.core.court.Point;
import bersaglio.core.problem.Check;
import java.util.List;

/** How far a charter's touches fall from spots that are known, from where that person charts. */
public final class CharterCheck {

    /** Fewer touches say too little. */
    public static final int FEWEST = 8;

    /** A spot that is known, and where it was touched. */
    public record Try(Point known, Point touched) {}

    private CharterCheck() {}

    /**
     * The standard deviation on each axis, in metres: the root of the mean square of both axes' errors, a steady error
     * to one side included, since the same person will chart with it.
     */
    public static double sd(List<Try> tries) {
        Check.requireBetween("tries", tries.size(), FEWEST, 100);
        double squares = 0;
        for (Try one : tries) {
            double distance = one.known().distanceTo(one.touched());
            squares += distance * distance;
        }
        return Math.sqrt(squares / (2 * tries.size()));
    }
}
