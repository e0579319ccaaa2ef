package bersaglio.core.charting;

import bersaglio.core.court.Standpoint;
import bersaglio.core.drill.Drill;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Scoresheet;
import bersaglio.core.goal.Standing;
import bersaglio.core.goal.Tally;
import bersaglio.core.pattern.Passes;
import bersaglio.core.problem.Refused;
import bersaglio.core.rally.Rallies;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Shot;
import bersaglio.core.target.Conditions;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A set as its events make it.
 *
 * @param conditions hands, side and what was laid, with the stance as it was last
 * @param place    the version of the place that it was charted in
 * @param turned   whether its landings were turned afterwards
 * @param openedAt milliseconds since 1970
 * @param heldAt   when the set was held; sets are ordered by it
 * @param track    wing, hand and side that the drill keeps apart
 * @param occasion  who else is in it, and whether it comes from paper
 * @param moved    whether it was given another player, level or date
 * @param paused   to teach, so far
 * @param counts that a person said, in order
 * @param valuesTaken all numbers that were taken, added up
 * @param rallies  contact by contact, where the set is of rallies
 * @param passes   step by step, where a pattern is played
 * @param others   in the pattern, as far as their shots were charted
 * @param said     the verdict as given when it was last closed
 * @param move     the level move that rests on this set and still stands
 * @param pen      the pen that writes it
 * @param claims   events that older pens sent meanwhile, kept apart
 * @param undo     the entry that undo would take back next
 * @param redo     the entry that redo would bring back next
 */
public record ChartedSet(
        Drill drill,
        String session,
        String run,
        String player,
        Conditions conditions,
        int level,
        Standpoint standpoint,
        Optional<String> place,
        boolean turned,
        long openedAt,
        long heldAt,
        String track,
        Occasion occasion,
        boolean moved,
        Clock.Paused paused,
        List<CountSaid> counts,
        double valuesTaken,
        Rallies rallies,
        Passes passes,
        List<RoleCount> others,
        List<Shot> shots,
        Rhythm rhythm,
        SetCount count,
        boolean closed,
        boolean struck,
        Optional<Said> said,
        Optional<LevelMove> move,
        int pen,
        int claims,
        Optional<String> undo,
        Optional<String> redo) {

    public ChartedSet {
        counts = List.copyOf(counts);
        others = List.copyOf(others);
        shots = List.copyOf(shots);
    }

    /** The place of the first shot that differs from those of this set as it was before. */
    public int firstShotChangedSince(List<Shot> before) {
        int place = 0;
        while (place < before.size()
                && place < shots.size()
                && before.get(place).equals(shots.get(place))) {
            place++;
        }
        return place;
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
        return drill.level(level).dials().pattern().isPresent();
    }

    /** The trials that count, in order. */
    public Attempt attempt() {
        return count.attempt();
    }

    public Tally tally() {
        return attempt().tally();
    }

    /** Whether the level's rule takes the calls of all trials that count. */
    public boolean isAccepted() {
        Set<Caller> accepts = drill.level(level).accepts();
        for (Shot shot : shots) {
            boolean trial = shot.counted() && shot.ruling().outcome().isTrial();
            if (trial && !accepts.contains(shot.by())) {
                return false;
            }
        }
        return true;
    }

    /** Points of the rings that the shots that count came down in. */
    public int points() {
        int points = 0;
        for (Shot shot : shots) {
            points += shot.counted() && shot.ruling().outcome().isTrial() ? shot.points() : 0;
        }
        return points;
    }

    public int notSeen() {
        int notSeen = 0;
        for (Shot shot : shots) {
            if (shot.ruling().outcome() == Outcome.NOT_SEEN && shot.struck().isOwn()) {
                notSeen++;
            }
        }
        return notSeen;
    }

    public Standing standing() {
        return count.standing();
    }

    /** Shots that count and on which something is marked; one that nobody saw, or that is void, is none. */
    public List<NotedShots> noted() {
        Map<List<Note>, Tally> alike = new LinkedHashMap<>();
        for (Shot shot : shots) {
            Outcome outcome = shot.ruling().outcome();
            if (shot.counted() && !shot.notes().isEmpty() && outcome != Outcome.VOID && outcome != Outcome.NOT_SEEN) {
                alike.merge(shot.notes(), Tally.NONE.plus(outcome == Outcome.HIT), Tally::plus);
            }
        }
        return alike.entrySet().stream()
                .map(one -> new NotedShots(one.getKey(), one.getValue()))
                .toList();
    }

    /** Balls that each player in it hit. */
    public List<Volume> volumes() {
        return Volume.of(this, valuesTaken);
    }

    /** Shots that a call put right, and counts that a person said. */
    public int corrected() {
        int corrected = counts.size();
        for (Shot shot : shots) {
            corrected += shot.called() ? 1 : 0;
        }
        return corrected;
    }

    /** This set as a line in its player's ledger. */
    public SetResult asResult() {
        return new SetResult(
                run,
                player,
                drill.id(),
                level,
                track,
                conditions.laidKey(),
                heldAt,
                attempt(),
                isAccepted(),
                notSeen(),
                closed,
                struck,
                said,
                move,
                new SetDetails(
                        count.brokeAt(),
                        count.called(),
                        occasion.partners(),
                        occasion.isEnteredLater(),
                        moved,
                        corrected(),
                        rhythm));
    }
}
