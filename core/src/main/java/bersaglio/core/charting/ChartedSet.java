package bersaglio.core.charting;

import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Scoresheet;
import bersaglio.core.goal.Standing;
import bersaglio.core.goal.Tally;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Shot;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A set as its events make it. */
public record ChartedSet(SetTask task, SetOrigin origin, Played played, RunOutline outline, Closing closing) {

    /** The place of the first shot that differs from those of this set as it was before. */
    public int firstShotChangedSince(List<Shot> before) {
        int place = 0;
        while (place < before.size()
                && place < played.shots().size()
                && isSame(before.get(place), played.shots().get(place))) {
            place++;
        }
        return place;
    }

    /** Most are the very same, which is known at once. */
    private static boolean isSame(Shot one, Shot other) {
        return one == other || one.equals(other);
    }

    /**
     * What is counted beside the court must fit in: the longest set there is takes so many trials.
     *
     * @throws Refused when this one has no room for what comes next
     */
    public void requireRoomFor(EventBody next) {
        if (next instanceof SetEvent.HitsCounted counted) {
            int room = Scoresheet.LONGEST - attempt().trials().length();
            if (counted.balls() > room) {
                throw new Refused(
                        "set_too_long",
                        "balls",
                        Integer.toString(counted.balls()),
                        "at most " + Scoresheet.LONGEST + " balls a set, here " + room + " more");
            }
        }
    }

    /** Whether it is played as a pattern, step by step. */
    public boolean isOfPattern() {
        return task.asked().dials().pattern().isPresent();
    }

    /** The trials that count, in order. */
    public Attempt attempt() {
        return played.count().attempt();
    }

    public Tally tally() {
        return attempt().tally();
    }

    /** Whether the level's rule takes the calls of all trials that count. */
    public boolean isAccepted() {
        Set<Caller> accepts = task.asked().accepts();
        for (Shot shot : played.shots()) {
            boolean trial = shot.judged().counted() && shot.ruling().outcome().isTrial();
            if (trial && !accepts.contains(shot.seen().by())) {
                return false;
            }
        }
        return true;
    }

    /** Points of the rings that the shots that count came down in. */
    public int points() {
        int points = 0;
        for (Shot shot : played.shots()) {
            points += shot.judged().counted() && shot.ruling().outcome().isTrial()
                    ? shot.judged().points()
                    : 0;
        }
        return points;
    }

    public int notSeen() {
        int notSeen = 0;
        for (Shot shot : played.shots()) {
            if (shot.ruling().outcome() == Outcome.NOT_SEEN && shot.struck().isOwn()) {
                notSeen++;
            }
        }
        return notSeen;
    }

    public Standing standing() {
        return played.count().standing();
    }

    /** Shots that count and on which something is marked; one that nobody saw, or that is void, is none. */
    public List<NotedShots> noted() {
        Map<List<Note>, Tally> alike = new LinkedHashMap<>();
        for (Shot shot : played.shots()) {
            Outcome outcome = shot.ruling().outcome();
            if (shot.judged().counted()
                    && !shot.notes().isEmpty()
                    && outcome != Outcome.VOID
                    && outcome != Outcome.NOT_SEEN) {
                alike.merge(shot.notes(), Tally.NONE.plus(outcome == Outcome.HIT), Tally::plus);
            }
        }
        return alike.entrySet().stream()
                .map(one -> new NotedShots(one.getKey(), one.getValue()))
                .toList();
    }

    /** Balls that each player in it hit. */
    public List<Volume> volumes() {
        return Volume.of(this, played.valuesTaken());
    }

    /** Shots that a call put right, and counts that a person said. */
    public int corrected() {
        int corrected = outline.countsSaid().size();
        for (Shot shot : played.shots()) {
            corrected += shot.judged().called() ? 1 : 0;
        }
        return corrected;
    }

    /** This set as a line in its player's ledger. */
    public SetResult asResult() {
        return new SetResult(
                origin.run(),
                origin.player(),
                task.rung(),
                origin.heldAt(),
                attempt(),
                isAccepted(),
                notSeen(),
                outline.struck(),
                closing,
                new SetDetails(
                        played.count().brokeAt(),
                        played.count().called(),
                        origin.occasion().partners(),
                        origin.occasion().isEnteredLater(),
                        origin.moved(),
                        corrected(),
                        played.rhythm()));
    }
}
