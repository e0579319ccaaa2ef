package bersaglio.core.goal;

import bersaglio.core.format.Kind;
import bersaglio.core.measure.Threshold;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;

/**
 * Something is held for a time.
 *
 * @param seconds 1 to 3600
 * @param tries   1 to 50
 */
@Kind("HOLD")
public record Hold(int seconds, int tries) implements Goal {

    public Hold {
        Check.requireBetween("seconds", seconds, 1, 3600);
        Check.requireBetween("tries", tries, 1, 50);
    }

    @Override
    public boolean hasAClock() {
        return true;
    }

    /** Its words after {@code hold}. */
    static Hold read(Reader from) {
        int seconds = GoalWords.seconds(from);
        from.needs("in at most");
        return new Hold(seconds, from.counted("try", "tries"));
    }

    @Override
    public void write(Sentence to) {
        GoalWords.seconds(to.say("hold"), seconds).comma();
        to.say("in at most").counted(tries, "try", "tries");
    }

    @Override
    public Readout readout() {
        return new Readout(Readout.Count.SECONDS, Readout.Wanted.SECONDS_HELD);
    }

    @Override
    public Play play(Start start) {
        return new Held(this, 0);
    }

    @Override
    public int mostBalls() {
        return tries;
    }

    record Held(Hold goal, double longest) implements Play {

        @Override
        public Move after(Step step) {
            if (!(step instanceof Step.Value value)) {
                return Move.noTrial(this);
            }
            return Move.on(
                    new Held(goal, Math.max(longest, value.value())), Threshold.reaches(value.value(), goal.seconds));
        }

        @Override
        public List<Integer> state() {
            return List.of(Threshold.reaches(longest, goal.seconds) ? 1 : 0);
        }

        @Override
        public Standing standing(int left) {
            if (Threshold.reaches(longest, goal.seconds)) {
                return Standing.MET;
            }
            return left == 0 ? Standing.OUT_OF_REACH : Standing.OPEN;
        }

        @Override
        public Step next(boolean hit) {
            return new Step.Value(hit ? goal.seconds : 0, 0, 0);
        }

        @Override
        public Progress progress(int left) {
            return Progress.of(longest, goal.seconds, goal.seconds);
        }
    }
}
