package bersaglio.wire.view;

import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetResult;
import org.jspecify.annotations.Nullable;

/**
 * A set as a line in a player's ledger.
 *
 * @param laid   tells what was laid otherwise than drawn; empty where nothing was
 * @param trials its trials that count, in order, 1 for a hit and 0 for any other
 * @param said   what was said when it was last closed
 * @param rules  the number of the rules that said it, 0 when nothing was said
 */
public record SetLine(
        String run,
        String player,
        String drill,
        int level,
        String laid,
        long heldAt,
        String trials,
        int notSeen,
        boolean closed,
        boolean struck,
        @Nullable AdviceView said,
        int rules,
        @Nullable MoveView move) {

    public static SetLine of(SetResult set) {
        return new SetLine(
                set.run(),
                set.player(),
                set.drill(),
                set.level(),
                set.laid(),
                set.heldAt(),
                set.attempt().trials(),
                set.notSeen(),
                set.closed(),
                set.struck(),
                set.said().map(AdviceView::of).orElse(null),
                set.said().map(Said::rules).orElse(0),
                set.move().map(MoveView::of).orElse(null));
    }
}
