package bersaglio.core.charting;

import bersaglio.core.goal.Attempt;
import java.util.Comparator;
import java.util.Optional;

/**
 * One set in a player's ledger.
 *
 * @param accepted whether the level's rule takes the calls of all that counts in it
 * @param details  what it leaves behind besides
 */
public record SetResult(
        String run,
        String player,
        Rung rung,
        long heldAt,
        Attempt attempt,
        boolean accepted,
        int notSeen,
        boolean struck,
        Closing closing,
        SetDetails details) {

    /** Sets are ordered by when they were held, ties by run. */
    public static final Comparator<SetResult> AS_HELD =
            Comparator.comparingLong(SetResult::heldAt).thenComparing(SetResult::run);

    /** With what was said when it closed. */
    public SetResult saying(Optional<Said> said) {
        Closing other = new Closing(closing.closed(), said, closing.move());
        return new SetResult(run, player, rung, heldAt, attempt, accepted, notSeen, struck, other, details);
    }

    /** Whether the set bears on the player's record. */
    public boolean counts() {
        return closing.closed() && !struck;
    }
}
