package bersaglio.core.match;

import bersaglio.core.problem.Check;

/** Points, games or sets of both teams. */
public record Count(int one, int two) {

    public static final Count NONE = new Count(0, 0);

    private static final int MOST = 1000;

    public Count {
        Check.requireBetween("one", one, 0, MOST);
        Check.requireBetween("two", two, 0, MOST);
    }

    public int of(Team team) {
        return team == Team.ONE ? one : two;
    }

    public Count plus(Team team) {
        return team == Team.ONE ? new Count(one + 1, two) : new Count(one, two + 1);
    }

    /** And what lies between two others, the later of which has no less. */
    public Count plus(Count before, Count after) {
        return new Count(one + after.one() - before.one(), two + after.two() - before.two());
    }

    public int total() {
        return one + two;
    }

    public int most() {
        return Math.max(one, two);
    }

    public int least() {
        return Math.min(one, two);
    }
}
