package bersaglio.core.charting;

import bersaglio.core.goal.Step;
import bersaglio.core.pattern.Asked;
import bersaglio.core.rally.Ending;
import bersaglio.core.shot.Role;

/** What was logged in a set and stands, in order. What was logged after it was closed is late, and no part of the count. */
sealed interface Logged
        permits Logged.Counted, Logged.Typed, Logged.Scoring, Logged.Contact, Logged.Called, Logged.Over, LoggedShot {

    boolean late();

    void takenBy(SetReplay replay);

    /** What is no shot, but belongs to the count. */
    record Counted(Step step, boolean late) implements Logged {
        @Override
        public void takenBy(SetReplay replay) {
            replay.take(step);
        }
    }

    /** The length of a rally that somebody gave. */
    record Typed(Step.Value value, boolean late) implements Logged {
        @Override
        public void takenBy(SetReplay replay) {
            replay.takeLength(value);
        }
    }

    /** Range finding ends. */
    record Scoring(boolean late) implements Logged {
        @Override
        public void takenBy(SetReplay replay) {
            replay.startScoring();
        }
    }

    /** Somebody hit the ball in a rally. */
    record Contact(Role by, boolean late) implements Logged {
        @Override
        public void takenBy(SetReplay replay) {
            replay.contact(by);
        }
    }

    /** The way of the next step was called ahead. */
    record Called(Asked asked, boolean late) implements Logged {
        @Override
        public void takenBy(SetReplay replay) {
            replay.ask(asked);
        }
    }

    /** A rally, a pass or a point is over. */
    record Over(Ending ending, long at, boolean late) implements Logged {
        @Override
        public void takenBy(SetReplay replay) {
            replay.over(ending, at);
        }
    }
}
