package bersaglio.core.charting;

import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Progress;
import bersaglio.core.goal.Standing;
import java.util.List;
import java.util.OptionalInt;

/**
 * The count of a set as its goal sees it.
 *
 * @param left    balls left, {@link Play#NO_END} where only the goal ends it
 * @param full    whether nothing more counts
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
        List<Integer> brokeAt,
        int owed,
        boolean scoring,
        OptionalInt called,
        Play play) {

    public SetCount {
        brokeAt = List.copyOf(brokeAt);
    }

    public Standing standing() {
        return attempt.standing();
    }
}
