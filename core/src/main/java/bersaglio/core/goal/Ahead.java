package bersaglio.core.goal;

import bersaglio.core.problem.Check;
import java.util.OptionalInt;

/**
 * A set as it is worked out ahead, where time is turned into balls by a pace.
 *
 * @param balls at most, {@link Play#NO_END} where only the goal ends it
 * @param memo  what was worked out of it, and of others, before
 */
public record Ahead(Play play, int balls, boolean playsOn, Memo memo) {

    private static final double FASTEST = 0.05;
    private static final double SLOWEST = 3600;

    public Ahead {
        Check.requireAtLeast("balls", balls, 0);
    }

    public Ahead(Play play, int balls, boolean playsOn) {
        this(play, balls, playsOn, new Memo());
    }

    public Ahead remembering(Memo other) {
        return new Ahead(play, balls, playsOn, other);
    }

    /** As {@link Play#hitsWanted}. */
    public OptionalInt hitsWanted() {
        return play.hitsWanted();
    }

    /** Balls that a player of this pace has in so many seconds: one at least. */
    static int ballsIn(int seconds, double secondsABall) {
        Check.requireBetween("secondsABall", secondsABall, FASTEST, SLOWEST);
        return (int) Math.max(1, Math.min(Goals.LONGEST_SET, seconds / secondsABall));
    }

    static Ahead inTime(int hits, int balls) {
        return new Ahead(new HitCount(0, hits, false), balls, true);
    }
}
