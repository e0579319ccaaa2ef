package bersaglio.core.goal;

import bersaglio.core.format.Kind;
import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/**
 * So many hits in a row; a miss starts the run again.
 *
 * @param hits  in a row, 1 to 200
 * @param balls at most; 0 for no end
 */
@Kind("RUN")
public record Run(
        int hits,
        @Usually("0") int balls,
        @Usually(
                        value = "bersaglio.core.goal.MissRule.of(bersaglio.core.goal.MissRule.Does.RESTART_RUN)",
                        written = true)
                MissRule misses)
        implements Goal {

    /** A longer run is nobody's goal. */
    private static final int LONGEST_PROPOSED = 40;

    public Run {
        Check.requireBetween("hits", hits, 1, Quota.LONGEST_BLOCK);
        Goals.requireBallsFor(balls, hits);
        Goals.requireOneOf(misses, MissRule.Does.RESTART_RUN);
    }

    public Run(int hits) {
        this(hits, 0, MissRule.of(MissRule.Does.RESTART_RUN));
    }

    /** Its words after the hits: {@code 5 hits in a row}. */
    static Run read(int hits, Reader from) {
        return new Run(hits, GoalWords.within(from), MissRule.read(from, MissRule.of(MissRule.Does.RESTART_RUN)));
    }

    @Override
    public void write(Sentence to) {
        GoalWords.within(GoalWords.hits(to, hits).say("in a row"), balls);
        misses.write(to, MissRule.of(MissRule.Does.RESTART_RUN));
    }

    @Override
    public Readout readout() {
        return Readout.counting(Readout.Count.IN_A_ROW);
    }

    @Override
    public Play play(Start start) {
        return new InARow(this, 0, 1);
    }

    @Override
    public int fewestBallsFor(int count) {
        return count;
    }

    @Override
    public Optional<Goal> harderBy(int more) {
        return balls > 0 && hits + more > balls ? Optional.empty() : Optional.of(new Run(hits + more, balls, misses));
    }

    @Override
    public List<List<Goal>> rows() {
        int longest = balls == 0 ? LONGEST_PROPOSED : Math.min(LONGEST_PROPOSED, balls);
        return List.of(Goals.rising(longest, hits -> new Run(hits, balls, misses)));
    }

    @Override
    public int mostBalls() {
        return Goals.orNoEnd(balls);
    }

    /** @param attempt from 1, counted only where attempts are limited */
    record InARow(Run goal, int run, int attempt) implements Play {

        @Override
        public Move after(Step step) {
            boolean hit = step instanceof Step.Ball ball && ball.hit();
            return hit
                    ? Move.on(new InARow(goal, run + 1, attempt), true)
                    : Move.broken(new InARow(goal, 0, goal.misses.tries() == 0 ? 1 : attempt + 1));
        }

        @Override
        public Play counting(int part, int count) {
            return new InARow(goal, count, attempt);
        }

        private boolean spent() {
            return goal.misses.tries() > 0 && attempt > goal.misses.tries();
        }

        @Override
        public List<Integer> state() {
            return List.of(run, attempt);
        }

        @Override
        public Standing standing(int left) {
            if (run >= goal.hits) {
                return Standing.MET;
            }
            return spent() || left < toGo() ? Standing.OUT_OF_REACH : Standing.OPEN;
        }

        private int toGo() {
            return goal.hits - run;
        }

        @Override
        public boolean over() {
            return run >= goal.hits || spent();
        }

        @Override
        public Progress progress(int left) {
            return Progress.of(run, goal.hits, left == NO_END ? goal.hits : Math.min(goal.hits, run + left));
        }
    }
}
