package bersaglio.core.goal;

import bersaglio.core.format.Kind;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;

/**
 * A block that is always the same, held again after weeks: there is nothing to pass, only to compare.
 *
 * @param balls 1 to 200
 */
@Kind("TEST")
public record FixedTest(int balls) implements Goal {

    public FixedTest {
        Check.requireBetween("balls", balls, 1, Quota.LONGEST_BLOCK);
    }

    /** Its words after {@code test of}. */
    static FixedTest read(Reader from) {
        return new FixedTest(from.counted("ball", "balls"));
    }

    @Override
    public void write(Sentence to) {
        to.say("test of").counted(balls, "ball", "balls");
    }

    @Override
    public Readout readout() {
        return Readout.OF_BALLS;
    }

    @Override
    public boolean isDecidedByRate() {
        return false;
    }

    @Override
    public Play play(Start start) {
        return new Counting(0);
    }

    @Override
    public boolean hitsAloneDecide() {
        return true;
    }

    @Override
    public boolean onlyCompares() {
        return true;
    }

    @Override
    public int mostBalls() {
        return balls;
    }

    record Counting(int hits) implements Play {

        @Override
        public Move after(Step step) {
            boolean hit = step instanceof Step.Ball ball && ball.hit();
            return Move.on(hit ? new Counting(hits + 1) : this, hit);
        }

        @Override
        public Play counting(int part, int count) {
            return new Counting(count);
        }

        @Override
        public List<Integer> state() {
            return List.of(hits);
        }

        @Override
        public Standing standing(int left) {
            return left == 0 ? Standing.DONE : Standing.OPEN;
        }

        @Override
        public Progress progress(int left) {
            return Progress.of(hits, 0, hits + left);
        }
    }
}
