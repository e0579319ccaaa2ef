package bersaglio.core.charting;

import bersaglio.core.format.Family;
import bersaglio.core.format.Flat;
import bersaglio.core.format.Kind;
import bersaglio.core.format.Usually;
import bersaglio.core.goal.Step;
import bersaglio.core.problem.Check;
import bersaglio.core.shot.Note;
import java.util.List;
import java.util.OptionalInt;

/** What all charts share: undo and redo, the pen, pauses, notes, a count that is said, the end of a run and what was decided. */
@Family(apart = true)
public sealed interface SharedEvent extends EventBody {

    void applyTo(RunState run, ChartEvent event);

    /** What undo and redo step over. */
    sealed interface Entry extends SharedEvent {
        @Override
        default boolean canBeUndone() {
            return true;
        }
    }

    /** A pause to teach: the count stays, and the time is nobody's. */
    @Kind("set.paused")
    record SetPaused() implements SharedEvent {
        @Override
        public void applyTo(RunState run, ChartEvent event) {
            run.pause(event.at());
        }
    }

    /** Play goes on. */
    @Kind("set.resumed")
    record SetResumed() implements SharedEvent {
        @Override
        public void applyTo(RunState run, ChartEvent event) {
            run.resume(event.at());
        }
    }

    /**
     * The count is brought back in step, or a disputed one is settled: it is now so much, whatever was seen.
     *
     * @param part   a side, a way or a zone, from 0
     * @param balls  used up so far; empty leaves them as they are
     * @param claims what each side said that it was; empty where nobody disputed it
     */
    @Kind("count.set")
    record CountSet(@Usually("0") int part, int count, OptionalInt balls, @Usually("") List<Integer> claims)
            implements Entry {
        public CountSet {
            claims = List.copyOf(claims);
            Check.requireBetween("claims", claims.size(), 0, Step.MOST_SIDES);
            for (int i = 0; i < claims.size(); i++) {
                Check.requireBetween("claims." + i, claims.get(i), 0, Step.CountIs.MOST);
            }
            new Step.CountIs(part, count, balls, 0);
        }

        @Override
        public void applyTo(RunState run, ChartEvent event) {
            run.countSaid(new CountSaid(part, count, claims));
        }
    }

    /** Something is marked on a shot, or taken off it. */
    @Kind("shot.noted")
    record ShotNoted(String shot, Note note, boolean on) implements Entry {
        public ShotNoted {
            Check.requireId("shot", shot);
        }

        @Override
        public void applyTo(RunState run, ChartEvent event) {
            run.note(this);
        }
    }

    /** An entry is taken back. Before that entry has arrived, this waits for it. */
    @Kind("entry.undone")
    record Undone(String target) implements SharedEvent {
        public Undone {
            Check.requireId("target", target);
        }

        @Override
        public void applyTo(RunState run, ChartEvent event) {}
    }

    /** An entry that was taken back stands again. */
    @Kind("entry.redone")
    record Redone(String target) implements SharedEvent {
        public Redone {
            Check.requireId("target", target);
        }

        @Override
        public void applyTo(RunState run, ChartEvent event) {}
    }

    /** The set ends, with what was said of it then. */
    @Kind("set.closed")
    record SetClosed(Said said) implements SharedEvent {
        @Override
        public void applyTo(RunState run, ChartEvent event) {
            run.close(said);
        }
    }

    /** A closed set goes on; its level move goes back with it. */
    @Kind("set.reopened")
    record SetReopened() implements SharedEvent {
        @Override
        public void applyTo(RunState run, ChartEvent event) {
            run.reopen();
        }
    }

    /** The set does not count; its level move goes back. */
    @Kind("set.struck")
    record SetStruck() implements SharedEvent {
        @Override
        public void applyTo(RunState run, ChartEvent event) {
            run.strike();
        }
    }

    /** A struck set counts again. */
    @Kind("set.restored")
    record SetRestored() implements SharedEvent {
        @Override
        public void applyTo(RunState run, ChartEvent event) {
            run.restore();
        }
    }

    /** The player's level moves, resting on this set. */
    @Kind("level.moved")
    record LevelMoved(@Flat LevelMove move) implements SharedEvent {
        @Override
        public void applyTo(RunState run, ChartEvent event) {
            run.moveLevel(move);
        }
    }

    /** Another device writes from here on; what older pens still send is kept apart as a claim. */
    @Kind("pen.taken")
    record PenTaken(int pen, String lastSeen) implements SharedEvent {
        public PenTaken {
            Check.requireBetween("pen", pen, 2, 10_000);
            Check.requireId("lastSeen", lastSeen);
        }

        @Override
        public void applyTo(RunState run, ChartEvent event) {}
    }
}
