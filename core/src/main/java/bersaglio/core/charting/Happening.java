package bersaglio.core.charting;

import bersaglio.core.court.Point;
import bersaglio.core.court.Standpoint;
import bersaglio.core.problem.Check;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Ruling;

/** What a chart event says. Each kind knows what it does to the chart of its set; corrections name what they act on. */
public sealed interface Happening {

    void applyTo(SetChart chart, ChartEvent event);

    /** Whether undo and redo step over this kind. */
    default boolean canBeUndone() {
        return false;
    }

    /** A set starts. Hitter, hand and drill version are kept as they stood at the first touch. */
    record SetOpened(String player, Hand hand, String drill, int level, Standpoint standpoint) implements Happening {
        public SetOpened {
            Check.requireId("player", player);
            Check.requireId("drill", drill);
            Check.requireAtLeast("level", level, 1);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.open(this, event);
        }
    }

    /** A shot landed where the charter touched. */
    record ShotLanded(Point landing, Caller by) implements Happening {

        private static final double FARTHEST = 20;

        public ShotLanded {
            Check.requireBetween("x", landing.x(), -FARTHEST, FARTHEST);
            Check.requireBetween("y", landing.y(), -FARTHEST, FARTHEST);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.land(event.id(), landing, by, event.at());
        }

        @Override
        public boolean canBeUndone() {
            return true;
        }
    }

    /** A shot without a place, logged by a key. */
    record ShotKeyed(Ruling ruling, Caller by) implements Happening {
        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.key(event.id(), ruling, by, event.at());
        }

        @Override
        public boolean canBeUndone() {
            return true;
        }
    }

    /** A person's call on a shot; it counts, and the mark stays as touched. Voiding a shot is such a call. */
    record ShotCalled(String shot, Ruling ruling) implements Happening {
        public ShotCalled {
            Check.requireId("shot", shot);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.call(shot, ruling);
        }

        @Override
        public boolean canBeUndone() {
            return true;
        }
    }

    /** An entry is taken back. Before that entry has arrived, this waits for it. */
    record Undone(String target) implements Happening {
        public Undone {
            Check.requireId("target", target);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {}
    }

    /** An entry that was taken back stands again. */
    record Redone(String target) implements Happening {
        public Redone {
            Check.requireId("target", target);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {}
    }

    /** The set ends, with what was said of it then. */
    record SetClosed(Said said) implements Happening {
        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.close(said);
        }
    }

    /** A closed set goes on; its level move goes back with it. */
    record SetReopened() implements Happening {
        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.reopen();
        }
    }

    /** The set belongs to another player, level or date; its level move goes back. */
    record SetMoved(String player, Hand hand, int level, long heldAt) implements Happening {
        public SetMoved {
            Check.requireId("player", player);
            Check.requireAtLeast("level", level, 1);
            Check.requireBetween("heldAt", heldAt, 0, 4_102_444_800_000L);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.moveTo(this);
        }
    }

    /** The set does not count; its level move goes back. */
    record SetStruck() implements Happening {
        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.strike();
        }
    }

    /** A struck set counts again. */
    record SetRestored() implements Happening {
        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.restore();
        }
    }

    /** The player's level moves, resting on this set. */
    record LevelMoved(LevelMove move) implements Happening {
        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.moveLevel(move);
        }
    }

    /** Another device writes from here on; what older pens still send is kept apart as a claim. */
    record PenTaken(int pen, String lastSeen) implements Happening {
        public PenTaken {
            Check.requireBetween("pen", pen, 2, 10_000);
            Check.requireId("lastSeen", lastSeen);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {}
    }
}
