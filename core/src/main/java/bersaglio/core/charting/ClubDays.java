package bersaglio.core.charting;

import bersaglio.core.goal.Attempt;
import bersaglio.core.problem.Refused;
import java.util.List;

/**
 * Which day it is where the club is.
 *
 * @param changes of how far the club's clocks are ahead, in the order of time; before the first of them, and where there
 *     is none, they show UTC
 */
public record ClubDays(List<Change> changes) {

    public static final ClubDays UTC = new ClubDays(List.of());

    private static final int MOST_CHANGES = 1000;
    private static final long MOST_AHEAD = Attempt.DAY;

    /**
     * @param since milliseconds since 1970
     * @param ahead of UTC, in milliseconds, a day at most; negative where they are behind
     */
    public record Change(long since, long ahead) {

        public Change {
            if (Math.abs(ahead) > MOST_AHEAD) {
                throw new Refused("out_of_range", "ahead", Long.toString(ahead), -MOST_AHEAD + " to " + MOST_AHEAD);
            }
        }
    }

    public ClubDays {
        changes = List.copyOf(changes);
        if (changes.size() > MOST_CHANGES) {
            throw new Refused("out_of_range", "changes", Integer.toString(changes.size()), "at most " + MOST_CHANGES);
        }
        for (int i = 1; i < changes.size(); i++) {
            if (changes.get(i).since() <= changes.get(i - 1).since()) {
                throw new Refused(
                        "out_of_range",
                        "since",
                        Long.toString(changes.get(i).since()),
                        "later than the change before it");
            }
        }
    }

    /** Days since 1970, from midnight to midnight by the club's clocks. */
    public long dayOf(long millis) {
        return Math.floorDiv(shown(millis), Attempt.DAY);
    }

    /** The attempt with its time as the club's clocks show it. */
    Attempt on(Attempt attempt) {
        return changes.isEmpty()
                ? attempt
                : new Attempt(attempt.trials(), attempt.standing(), attempt.score(), shown(attempt.heldAt()));
    }

    private long shown(long millis) {
        long ahead = 0;
        for (Change change : changes) {
            if (millis < change.since()) {
                break;
            }
            ahead = change.ahead();
        }
        return millis + ahead;
    }
}
