package bersaglio.core.charting;

import bersaglio.core.drill.Attempt;
import java.util.Comparator;
import java.util.Optional;

/** One set in a player's ledger. */
public record SetResult(
        String run,
        String player,
        String drill,
        int level,
        long heldAt,
        Attempt attempt,
        int notSeen,
        boolean closed,
        boolean struck,
        Optional<Said> said,
        Optional<LevelMove> move) {

    /** Sets are ordered by when they were held, ties by run. */
    public static final Comparator<SetResult> AS_HELD =
            Comparator.comparingLong(SetResult::heldAt).thenComparing(SetResult::run);

    /** Whether the set bears on the player's record. */
    public boolean counts() {
        return closed && !struck;
    }
}
