package bersaglio.core.goal;

import bersaglio.core.format.Kind;
import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/**
 * So many hits among any so many balls in a row; it can be met before the window is full.
 *
 * @param hits  wanted, 1 to {@code of}
 * @param of    length of the window, 1 to {@value #LONGEST}
 * @param balls at most, at least {@code of}; 0 for no end
 */
@Kind("WINDOW")
public record Window(int hits, int of, @Usually("0") int balls) implements Goal {

    static final int LONGEST = 30;

    public Window {
        Check.requireBetween("of", of, 1, LONGEST);
        Check.requireBetween("hits", hits, 1, of);
        Goals.requireBallsFor(balls, of);
    }

    /** Its words after the hits: {@code 6 hits in any 8 balls in a row}. */
    static Window read(int hits, Reader from) {
        int of = from.counted("ball", "balls");
        from.needs("in a row");
        return new Window(hits, of, GoalWords.within(from));
    }

    @Override
    public void write(Sentence to) {
        GoalWords.hits(to, hits).say("in any").counted(of, "ball", "balls").say("in a row");
        GoalWords.within(to, balls);
    }

    @Override
    public Readout readout() {
        return Readout.OF_WANTED;
    }

    @Override
    public Play play(Start start) {
        return new Last(this, 0, false);
    }

    @Override
    public int fewestBallsFor(int count) {
        return count;
    }

    @Override
    public Optional<Goal> harderBy(int more) {
        return hits + more > of ? Optional.empty() : Optional.of(new Window(hits + more, of, balls));
    }

    @Override
    public List<List<Goal>> rows() {
        return List.of(Goals.rising(of, hits -> new Window(hits, of, balls)));
    }

    @Override
    public int mostBalls() {
        return Goals.orNoEnd(balls);
    }

    /** @param recent the last balls but those that the next one pushes out, the latest in the lowest bit */
    record Last(Window goal, int recent, boolean met) implements Play {

        @Override
        public Move after(Step step) {
            boolean hit = step instanceof Step.Ball ball && ball.hit();
            int now = recent << 1 | (hit ? 1 : 0);
            return Move.on(new Last(goal, now & mask(), met || Integer.bitCount(now) >= goal.hits()), hit);
        }

        /** Where in the window the hits fell is not known; as the oldest they leave it first. */
        @Override
        public Play counting(int part, int count) {
            int kept = Math.min(count, goal.of() - 1);
            int recent = ((1 << kept) - 1) << (goal.of() - 1 - kept);
            return new Last(goal, recent, count >= goal.hits());
        }

        private int mask() {
            return (1 << (goal.of() - 1)) - 1;
        }

        @Override
        public List<Integer> state() {
            return List.of(recent, met ? 1 : 0);
        }

        @Override
        public Standing standing(int left) {
            if (met) {
                return Standing.MET;
            }
            return best(left) < goal.hits() ? Standing.OUT_OF_REACH : Standing.OPEN;
        }

        /** Each hit to come pushes the oldest ball out, which is no loss. */
        private int best(int left) {
            int more = Math.min(left, goal.of());
            int kept = (1 << (goal.of() - more)) - 1;
            return more + Integer.bitCount(recent & kept);
        }

        @Override
        public boolean over() {
            return met;
        }

        @Override
        public Progress progress(int left) {
            return Progress.of(met ? goal.hits() : Integer.bitCount(recent), goal.hits(), best(left));
        }
    }
}
