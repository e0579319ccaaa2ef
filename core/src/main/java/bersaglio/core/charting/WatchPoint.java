package bersaglio.core.charting;

import bersaglio.core.goal.Tally;
import bersaglio.core.shot.Note;
import java.util.Collection;

/**
 * A watch point where it was looked at: how often it was there, and what came of the shots with it and without it.
 *
 * @param there   shots with it among those looked at
 * @param with    hits among the shots with it
 * @param without hits among the shots without it
 */
public record WatchPoint(Tally there, Tally with, Tally without) {

    /** Shots on which nobody looked say nothing of it. */
    public static WatchPoint of(Collection<NotedShot> shots) {
        Tally there = Tally.NONE;
        Tally with = Tally.NONE;
        Tally without = Tally.NONE;
        for (NotedShot shot : shots) {
            if (shot.notes().contains(Note.WATCH_KEPT)) {
                there = there.plus(true);
                with = with.plus(shot.hit());
            } else if (shot.notes().contains(Note.WATCH_LOST)) {
                there = there.plus(false);
                without = without.plus(shot.hit());
            }
        }
        return new WatchPoint(there, with, without);
    }
}
