package bersaglio.core.measure;

import bersaglio.core.problem.Check;

/** Rounds alike on two machines whose last bits differ: what is a half but for those bits goes away from 0. */
public final class Rounding {

    private static final double HALF = 0.5 + 1e-7;

    private static final double MOST = 1e12;

    private Rounding() {}

    /** @param parts of one, such as 1000 for millimetres of a length in metres */
    public static double to(int parts, double value) {
        Check.requireBetween("value", value, -MOST, MOST);
        return Math.signum(value) * Math.floor(Math.abs(value) * parts + HALF) / parts;
    }
}
