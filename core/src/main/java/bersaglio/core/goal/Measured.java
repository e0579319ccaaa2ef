package bersaglio.core.goal;

import bersaglio.core.format.Called;
import bersaglio.core.format.Kind;
import bersaglio.core.measure.Threshold;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Said;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * A number is taken and compared with the one that the player called.
 *
 * @param what   is measured, in the coach's words
 * @param values to be taken, 1 to 50; the best counts
 */
@Kind("MEASURED")
public record Measured(String what, Better better, @Called("tries") int values) implements Goal {

    /** Which way is better. */
    public enum Better implements Said {
        MORE("more is better"),
        LESS("less is better");

        private final String words;

        Better(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    public Measured {
        Check.requireText("what", what, 60);
        Check.requireBetween("values", values, 1, 50);
    }

    /** Its words after {@code measure}. */
    static Measured read(Reader from) {
        return new Measured(from.text(), from.one(Better.values()), from.counted("time", "times"));
    }

    @Override
    public void write(Sentence to) {
        to.say("measure").quoted(what).comma().say(better);
        to.comma().counted(values, "time", "times");
    }

    @Override
    public Readout readout() {
        return Readout.counting(Readout.Count.NUMBER);
    }

    @Override
    public boolean isDecidedByRate() {
        return false;
    }

    @Override
    public Play play(Start start) {
        return new Taken(this, start.called(), OptionalDouble.empty());
    }

    @Override
    public int mostBalls() {
        return values;
    }

    @Override
    public boolean playsOn() {
        return true;
    }

    record Taken(Measured goal, OptionalInt called, OptionalDouble best) implements Play {

        @Override
        public Move after(Step step) {
            if (!(step instanceof Step.Value value)) {
                return Move.noTrial(this);
            }
            double now = value.value();
            double next =
                    goal.better == Better.MORE ? Math.max(now, best.orElse(now)) : Math.min(now, best.orElse(now));
            return Move.on(new Taken(goal, called, OptionalDouble.of(next)), isAsCalled(now));
        }

        private boolean isAsCalled(double value) {
            return called.isPresent()
                    && (goal.better == Better.MORE
                            ? Threshold.reaches(value, called.getAsInt())
                            : Threshold.reaches(called.getAsInt(), value));
        }

        @Override
        public List<Integer> state() {
            return List.of(best.isPresent() && isAsCalled(best.getAsDouble()) ? 1 : 0);
        }

        @Override
        public Standing standing(int left) {
            if (best.isPresent() && isAsCalled(best.getAsDouble())) {
                return Standing.MET;
            }
            if (left > 0) {
                return Standing.OPEN;
            }
            return called.isPresent() ? Standing.OUT_OF_REACH : Standing.DONE;
        }

        @Override
        public Step next(boolean hit) {
            return new Step.Value(hit ? called.orElse(0) : 0, 0, 0);
        }

        @Override
        public Progress progress(int left) {
            return Progress.of(best.orElse(0), called.orElse(0), called.orElse(0));
        }
    }
}
