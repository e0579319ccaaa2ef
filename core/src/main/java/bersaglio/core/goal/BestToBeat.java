package bersaglio.core.goal;

import bersaglio.core.format.Called;
import bersaglio.core.format.Kind;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Said;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The player's own best is to be beaten: hits, or the longest run, among so many balls.
 *
 * @param balls 1 to 200
 */
@Kind("BEST")
public record BestToBeat(@Called("measure") Of of, int balls) implements Goal {

    /** What is compared. */
    public enum Of implements Said {
        HITS("hits"),
        RUN("run");

        private final String words;

        Of(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    public BestToBeat {
        Check.requireBetween("balls", balls, 1, Quota.LONGEST_BLOCK);
    }

    /** Its words after {@code beat the best}. */
    static BestToBeat read(Reader from) {
        Of of = from.one(Of.values());
        from.needs("in");
        return new BestToBeat(of, from.counted("ball", "balls"));
    }

    @Override
    public void write(Sentence to) {
        to.say("beat the best").say(of).say("in").counted(balls, "ball", "balls");
    }

    @Override
    public Readout readout() {
        return Readout.counting(of == Of.RUN ? Readout.Count.DONE_OF_BALLS : Readout.Count.HITS_OF_BALLS);
    }

    @Override
    public boolean isDecidedByRate() {
        return false;
    }

    @Override
    public Play play(Start start) {
        return new Beating(this, start.toBeat(), 0, 0);
    }

    @Override
    public boolean hitsAloneDecide() {
        return of == Of.HITS;
    }

    @Override
    public int mostBalls() {
        return balls;
    }

    @Override
    public boolean playsOn() {
        return true;
    }

    /**
     * @param now  hits so far, or the run that goes on
     * @param best what is compared, so far
     */
    record Beating(BestToBeat goal, OptionalDouble toBeat, int now, int best) implements Play {

        @Override
        public Move after(Step step) {
            boolean hit = step instanceof Step.Ball ball && ball.hit();
            int next = hit ? now + 1 : goal.of == Of.RUN ? 0 : now;
            return Move.on(new Beating(goal, toBeat, next, Math.max(best, next)), hit);
        }

        @Override
        public Play counting(int part, int count) {
            return new Beating(goal, toBeat, count, goal.of == Of.HITS ? count : Math.max(best, count));
        }

        @Override
        public List<Integer> state() {
            return List.of(now, best);
        }

        @Override
        public Standing standing(int left) {
            if (toBeat.isEmpty()) {
                return left == 0 ? Standing.DONE : Standing.OPEN;
            }
            if (best > toBeat.getAsDouble()) {
                return Standing.MET;
            }
            return Math.max(best, now + left) > toBeat.getAsDouble() ? Standing.OPEN : Standing.OUT_OF_REACH;
        }

        @Override
        public Progress progress(int left) {
            double wanted = toBeat.isPresent() ? Math.floor(toBeat.getAsDouble()) + 1 : 0;
            return Progress.of(best, wanted, Math.max(best, now + left)).at(0, 0, now, 0);
        }
    }
}
