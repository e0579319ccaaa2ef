package bersaglio.core.goal;

import bersaglio.core.format.Called;
import bersaglio.core.format.Kind;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;

/**
 * Two ways are compared, in an order that is mixed and balanced, so that neither has the fresh arm or the warm eye.
 *
 * @param ways      what the two are called
 * @param ballsEach 2 to 100
 */
@Kind("COMPARE")
public record Compare(List<String> ways, @Called("balls") int ballsEach) implements Goal {

    public Compare {
        ways = List.copyOf(ways);
        Check.requireBetween("ways", ways.size(), 2, 2);
        for (int i = 0; i < ways.size(); i++) {
            Check.requireText("ways." + i, ways.get(i), 60);
        }
        Check.requireBetween("ballsEach", ballsEach, 2, 100);
    }

    /** Which way a ball is played, 0 or 1: Thue's sequence, balanced in every two and never three alike in a row. */
    static int wayOf(int ball) {
        return Integer.bitCount(ball) % 2;
    }

    /** Its words after {@code compare}. */
    static Compare read(Reader from) {
        String one = from.text();
        from.needs("with");
        String other = from.text();
        int balls = from.counted("ball", "balls");
        from.needs("each");
        return new Compare(List.of(one, other), balls);
    }

    @Override
    public void write(Sentence to) {
        to.say("compare").quoted(ways.get(0)).say("with").quoted(ways.get(1));
        to.comma().counted(ballsEach, "ball", "balls").say("each");
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
        return new Ways(0, Counts.zeros(2));
    }

    @Override
    public int mostBalls() {
        return 2 * ballsEach;
    }

    record Ways(int balls, Counts hits) implements Play {

        @Override
        public Move after(Step step) {
            if (!(step instanceof Step.Ball ball)) {
                return Move.noTrial(this);
            }
            return Move.on(new Ways(balls + 1, ball.hit() ? hits.plusOne(turn()) : hits), ball.hit());
        }

        @Override
        public Play counting(int part, int count) {
            return hits.has(part) ? new Ways(balls, hits.with(part, count)) : this;
        }

        @Override
        public List<Integer> state() {
            return List.of(balls, hits.at(0), hits.at(1));
        }

        @Override
        public Standing standing(int left) {
            return left == 0 ? Standing.DONE : Standing.OPEN;
        }

        @Override
        public int turn() {
            return wayOf(balls);
        }

        @Override
        public Progress progress(int left) {
            return Progress.of(hits.sum(), 0, 0).at(turn(), 2, 0, 0).with(hits.measures());
        }
    }
}
