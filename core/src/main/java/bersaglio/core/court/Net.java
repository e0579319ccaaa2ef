package bersaglio.core.court;

import bersaglio.core.problem.Check;

/**
 * A net along the near edge of a surface; on a wall, the line that stands for one.
 *
 * @param middle height in the middle, in metres
 * @param sides  height at the sides or posts, in metres
 */
public record Net(double middle, double sides) {

    private static final double HIGHEST = 5;

    public Net {
        Check.requireBetween("net.middle", middle, 0, HIGHEST);
        Check.requireBetween("net.sides", sides, 0, HIGHEST);
    }

    public static Net of(double height) {
        return new Net(height, height);
    }
}
