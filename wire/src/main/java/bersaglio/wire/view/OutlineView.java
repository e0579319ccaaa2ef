package bersaglio.wire.view;

import bersaglio.core.charting.CountSaid;
import bersaglio.core.charting.RunOutline;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a run of any kind says of itself.
 *
 * @param counts      that a person said, in order
 * @param paused      milliseconds of pauses that are over
 * @param pausedSince when the one that lasts began
 * @param undo        the entry that undo would take back next
 * @param redo        the entry that redo would bring back next
 */
public record OutlineView(
        List<CountSaid> counts,
        long paused,
        @Nullable Long pausedSince,
        boolean struck,
        int pen,
        int claims,
        @Nullable String undo,
        @Nullable String redo) {

    static OutlineView of(RunOutline run) {
        return new OutlineView(
                run.countsSaid(),
                run.paused().total(),
                run.paused().since() < 0 ? null : Long.valueOf(run.paused().since()),
                run.struck(),
                run.pen(),
                run.claims(),
                run.nextUndo().orElse(null),
                run.nextRedo().orElse(null));
    }
}
