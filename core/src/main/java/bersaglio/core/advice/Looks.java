package bersaglio.core.advice;

/**
 * When what is charted is looked at to say something of it. Who looks after every rally finds something in nearly every
 * match, so a match is judged at counts that are fixed beforehand: 12, 24, 48 and so on. What is said then stands until the
 * next of them, however often it is asked for.
 *
 * <p>Over all looks of a match, needless advice comes in at most {@value #NEEDLESS} of matches. Each sentence has its own
 * bound for that; {@code PlacementAdviceTest} counts them in simulated matches of players without a weakness.
 */
public final class Looks {

    /** Share of matches in which something needless may be said. */
    public static final double NEEDLESS = 0.15;

    private static final int FIRST = 12;
    /** A bound holds for so many looks: up to 12, 24, 48 and 96. */
    public static final int IN_ALL = 4;

    private Looks() {}

    /** The last look at so many; 0 before the first. */
    public static int last(int seen) {
        int look = 0;
        for (int next = FIRST; next <= seen; next *= 2) {
            look = next;
        }
        return look;
    }
}
