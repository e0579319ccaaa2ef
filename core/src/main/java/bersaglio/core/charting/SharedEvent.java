package bersaglio.core.charting;

import bersaglio.core.format.Family;
import bersaglio.core.format.Flat;
import bersaglio.core.format.Kind;
import bersaglio.core.problem.Check;

/** What all charts share: undo and redo, the pen, pauses, the end of a run and what was decided on it. */
@Family(apart = true)
public sealed interface SharedEvent extends EventBody {

    void applyTo(RunState run, ChartEvent event);

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
