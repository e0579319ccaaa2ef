package bersaglio.core.charting;

import bersaglio.core.goal.Attempt;
import java.util.Comparator;
import java.util.Optional;

/**
 * One set in a player's ledger.
 *
 * @param track    wing, hand and side that the drill keeps apart; empty where it keeps none
 * @param laid tells sets laid otherwise than drawn from one another; empty for one laid as drawn
 * @param details what it leaves behind besides
 * @param accepted whether the level's rule takes the calls of all that counts in it
 */
public record SetResult(
        String run,
        String player,
        String drill,
        int level,
        String track,
        String laid,
        long heldAt,
        Attempt attempt,
        boolean accepted,
        int notSeen,
        boolean closed,
        boolean struck,
        Optional<Said> said,
        Optional<LevelMove> move,
        SetDetails details) {

    /** Sets are ordered by when they were held, ties by run. */
    public static final Comparator<SetResult> AS_HELD =
            Comparator.comparingLong(SetResult::heldAt).thenComparing(SetResult::run);

    /** Whether the set bears on the player's record. */
    public boolean counts() {
        return closed && !struck;
    }
}
