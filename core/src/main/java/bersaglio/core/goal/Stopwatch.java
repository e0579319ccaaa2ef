package bersaglio.core.goal;

import bersaglio.core.format.Kind;
import bersaglio.core.measure.Threshold;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A course by the stopwatch: the seconds of a lap, with seconds added for each miss.
 *
 * @param seconds wanted, penalties in, 1 to 3600
 * @param penalty seconds for a miss, 0 to 60
 * @param laps    at most, 1 to 20
 */
@Kind("WATCH")
public record Stopwatch(int seconds, int penalty, int laps) implements Goal {

    public Stopwatch {
        Check.requireBetween("seconds", seconds, 1, 3600);
        Check.requireBetween("penalty", penalty, 0, 60);
        Check.requireBetween("laps", laps, 1, 20);
    }

    /** Its words after {@code course in}. */
    static Stopwatch read(Reader from) {
        int seconds = GoalWords.seconds(from);
        from.needs("each miss");
        int penalty = GoalWords.seconds(from);
        from.needs("in at most");
        return new Stopwatch(seconds, penalty, from.counted("lap", "laps"));
    }

    @Override
    public void write(Sentence to) {
        GoalWords.seconds(to.say("course in"), seconds).comma();
        GoalWords.seconds(to.say("each miss"), penalty).comma();
        to.say("in at most").counted(laps, "lap", "laps");
    }

    @Override
    public Readout readout() {
        return new Readout(Readout.Count.SECONDS, Readout.Wanted.SECONDS_AT_MOST);
    }

    @Override
    public boolean isDecidedByRate() {
        return false;
    }

    @Override
    public Play play(Start start) {
        return new Lap(this, Clocked.RESTING, 0, 0, OptionalDouble.empty());
    }

    @Override
    public boolean goesByTheClock() {
        return true;
    }

    @Override
    public int mostBalls() {
        return Play.NO_END;
    }

    /** @param best seconds of the best lap, penalties in */
    record Lap(Stopwatch goal, long started, int misses, int done, OptionalDouble best) implements Play {

        @Override
        public Move after(Step step) {
            boolean running = started != Clocked.RESTING;
            if (step instanceof Step.Started && !running && done < goal.laps) {
                return Move.noTrial(new Lap(goal, step.at(), 0, done, best));
            } else if (step instanceof Step.Stopped && running) {
                double time = (step.at() - started) / 1000.0 + misses * goal.penalty;
                OptionalDouble better = OptionalDouble.of(Math.min(time, best.orElse(time)));
                return Move.noTrial(new Lap(goal, Clocked.RESTING, misses, done + 1, better));
            } else if (step instanceof Step.Ball ball && running) {
                return Move.on(ball.hit() ? this : new Lap(goal, started, misses + 1, done, best), ball.hit());
            }
            return Move.noTrial(this);
        }

        @Override
        public List<Integer> state() {
            return List.of(done, misses);
        }

        @Override
        public Standing standing(int left) {
            if (best.isPresent() && Threshold.reaches(goal.seconds, best.getAsDouble())) {
                return Standing.MET;
            }
            return over() ? Standing.OUT_OF_REACH : Standing.OPEN;
        }

        @Override
        public boolean over() {
            return done >= goal.laps;
        }

        @Override
        public Progress progress(int left) {
            return Progress.of(best.orElse(0), goal.seconds, goal.seconds)
                    .at(done, goal.laps, misses, 0)
                    .by(started == Clocked.RESTING ? Progress.Running.NONE : Progress.Running.upwards(started));
        }
    }
}
