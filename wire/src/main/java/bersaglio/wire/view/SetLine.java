package bersaglio.wire.view;

import bersaglio.core.charting.LevelMove;
import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetResult;
import bersaglio.core.goal.Standing;
import org.jspecify.annotations.Nullable;

/**
 * A set as a line in a player's ledger.
 *
 * @param track  wing, hand and side that the drill keeps apart; empty where it keeps none
 * @param laid   tells what was laid otherwise than drawn; empty where nothing was
 * @param trials its trials that count, in order, 1 for a hit and 0 for any other
 * @param score  what is kept as a best
 * @param accepted whether the level's rule takes the calls in it
 * @param said   what was said when it was last closed
 * @param details  what it leaves behind besides
 * @param rules  the number of the rules that said it, 0 when nothing was said
 */
public record SetLine(
        String run,
        String player,
        String drill,
        int level,
        String track,
        String laid,
        long heldAt,
        String trials,
        Standing standing,
        double score,
        boolean accepted,
        int notSeen,
        boolean closed,
        boolean struck,
        @Nullable AdviceView said,
        int rules,
        @Nullable LevelMove move,
        SetDetailsView details) {

    public static SetLine of(SetResult set) {
        return new SetLine(
                set.run(),
                set.player(),
                set.drill(),
                set.level(),
                set.track(),
                set.laid(),
                set.heldAt(),
                set.attempt().trials(),
                set.attempt().standing(),
                set.attempt().score(),
                set.accepted(),
                set.notSeen(),
                set.closed(),
                set.struck(),
                set.said().map(AdviceView::of).orElse(null),
                set.said().map(Said::rules).orElse(0),
                set.move().orElse(null),
                SetDetailsView.of(set.details()));
    }
}
