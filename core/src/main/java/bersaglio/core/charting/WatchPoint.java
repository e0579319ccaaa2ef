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
    public static WatchPoint of(Collection<NotedShots> noted) {
        Tally there = Tally.NONE;
        Tally with = Tally.NONE;
        Tally without = Tally.NONE;
        for (NotedShots alike : noted) {
            if (alike.notes().contains(Note.WATCH_KEPT)) {
                there = there.plus(
                        new Tally(alike.shots().trials(), alike.shots().trials()));
                with = with.plus(alike.shots());
            } else if (alike.notes().contains(Note.WATCH_LOST)) {
                there = there.plus(new Tally(0, alike.shots().trials()));
                without = without.plus(alike.shots());
            }
        }
        return new WatchPoint(there, with, without);
    }
}
