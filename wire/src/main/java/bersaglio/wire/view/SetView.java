package bersaglio.wire.view;

import bersaglio.core.charting.ChartedSet;
import bersaglio.core.court.Standpoint;
import bersaglio.core.drill.Standing;
import bersaglio.core.drill.Tally;
import bersaglio.core.shot.Hand;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A set as its events make it.
 *
 * @param drill         the drill version
 * @param bestReachable the most hits that it can still end with
 * @param wanted        hits still wanted
 * @param said          what was said when it was last closed
 * @param move          the level move that rests on it and stands
 * @param undo          the entry that undo would take back next
 * @param redo          the entry that redo would bring back next
 */
public record SetView(
        String session,
        String run,
        String player,
        Hand hand,
        String drill,
        int level,
        Standpoint standpoint,
        long openedAt,
        long heldAt,
        List<ShotView> shots,
        int hits,
        int trials,
        int notSeen,
        Standing standing,
        int bestReachable,
        int wanted,
        int ballsLeft,
        boolean closed,
        boolean struck,
        @Nullable AdviceView said,
        @Nullable MoveView move,
        int pen,
        int claims,
        @Nullable String undo,
        @Nullable String redo) {

    public static SetView of(ChartedSet set) {
        Tally tally = set.tally();
        return new SetView(
                set.session(),
                set.run(),
                set.player(),
                set.hand(),
                set.drill().id(),
                set.level(),
                set.standpoint(),
                set.openedAt(),
                set.heldAt(),
                set.shots().stream().map(ShotView::of).toList(),
                tally.hits(),
                tally.trials(),
                set.notSeen(),
                set.standing(),
                set.quota().bestReachable(tally),
                set.quota().wanted(tally),
                set.quota().ballsLeft(tally),
                set.closed(),
                set.struck(),
                set.said().map(AdviceView::of).orElse(null),
                set.move().map(MoveView::of).orElse(null),
                set.pen(),
                set.claims(),
                set.undo().orElse(null),
                set.redo().orElse(null));
    }
}
