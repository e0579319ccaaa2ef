package bersaglio.core.charting;

import bersaglio.core.problem.Check;
import java.util.List;

/**
 * From ball to ball, pick-up included; balls that were taken back, and pauses, are left out.
 *
 * @param gaps   between two balls
 * @param millis all of them together
 */
public record Rhythm(int gaps, long millis) {

    public static final Rhythm NONE = new Rhythm(0, 0);

    /** A longer gap is a pause to teach, or to drink. */
    private static final long LONGEST_GAP = 60_000;

    public Rhythm {
        Check.requireAtLeast("gaps", gaps, 0);
        Check.requireBetween("millis", millis, 0.0, gaps * (double) LONGEST_GAP);
    }

    /** @param times of the balls, in milliseconds of play, in order */
    static Rhythm of(List<Long> times) {
        Rhythm rhythm = NONE;
        for (int i = 1; i < times.size(); i++) {
            rhythm = rhythm.plus(times.get(i) - times.get(i - 1));
        }
        return rhythm;
    }

    private Rhythm plus(long gap) {
        return gap > 0 && gap <= LONGEST_GAP ? new Rhythm(gaps + 1, millis + gap) : this;
    }

    public Rhythm plus(Rhythm more) {
        return new Rhythm(gaps + more.gaps, millis + more.millis);
    }
}
