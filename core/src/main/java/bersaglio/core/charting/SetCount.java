package bersaglio.core.charting;

import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Progress;
import bersaglio.core.goal.Scoresheet;
import bersaglio.core.goal.Standing;
import bersaglio.core.goal.Start;
import java.util.List;
import java.util.OptionalInt;

/**
 * The count of a set as its goal sees it.
 *
 * @param left    balls left, {@link Play#NO_END} where only the goal ends it
 * @param full    whether nothing more counts
 * @param balls   used up
 * @param brokeAt the count at which each attempt broke
 * @param owed    of something harmless, still to be paid for misses
 * @param scoring whether range finding is over
 * @param called  the number that the player called before it
 * @param play    where it stands, for the odds from here
 */
public record SetCount(
        Attempt attempt,
        Progress progress,
        int left,
        boolean full,
        int balls,
        List<Integer> brokeAt,
        int owed,
        boolean scoring,
        OptionalInt called,
        Play play) {

    public SetCount {
        brokeAt = List.copyOf(brokeAt);
    }

    static SetCount of(Scoresheet course, long heldAt, boolean scoring, OptionalInt called) {
        return new SetCount(
                course.attempt(heldAt),
                course.progress(),
                course.left(),
                course.isFull(),
                course.balls(),
                course.brokeAt(),
                course.owed(),
                scoring,
                called,
                course.play());
    }

    /** Of a set of this goal before its first ball. */
    public static SetCount before(Goal goal) {
        return of(new Scoresheet(goal, Start.FRESH), 0, true, OptionalInt.empty());
    }

    public Standing standing() {
        return attempt.standing();
    }
}
