package bersaglio.wire.view;

import bersaglio.core.charting.Closing;
import bersaglio.core.charting.LevelMove;
import bersaglio.core.charting.Rung;
import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetResult;
import bersaglio.core.format.Flat;
import bersaglio.core.goal.Standing;
import org.jspecify.annotations.Nullable;

/**
 * A set as a line in a player's ledger.
 *
 * @param accepted whether the level's rule takes the calls in it
 * @param details  what it leaves behind besides
 */
public record SetLine(
        String run,
        String player,
        @Flat Rung rung,
        long heldAt,
        @Flat TrialsView attempt,
        boolean accepted,
        int notSeen,
        boolean struck,
        @Flat ClosingView closing,
        SetDetailsView details) {

    /**
     * What was hit.
     *
     * @param trials those that count, in order, 1 for a hit and 0 for any other
     * @param score  what is kept as a best
     */
    public record TrialsView(String trials, Standing standing, double score) {}

    /**
     * What came of its end.
     *
     * @param said  what was said when it was last closed; not told where sets are there to be judged by
     * @param rules the number of the rules that said it, 0 when nothing is told
     */
    public record ClosingView(boolean closed, @Nullable AdviceView said, int rules, @Nullable LevelMove move) {

        static ClosingView of(Closing closing) {
            return new ClosingView(
                    closing.closed(),
                    closing.said().map(AdviceView::of).orElse(null),
                    closing.said().map(Said::rules).orElse(0),
                    closing.move().orElse(null));
        }
    }

    public static SetLine of(SetResult set) {
        return new SetLine(
                set.run(),
                set.player(),
                set.rung(),
                set.heldAt(),
                new TrialsView(
                        set.attempt().trials(),
                        set.attempt().standing(),
                        set.attempt().score()),
                set.accepted(),
                set.notSeen(),
                set.struck(),
                ClosingView.of(set.closing()),
                SetDetailsView.of(set.details()));
    }
}
