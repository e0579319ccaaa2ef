package bersaglio.core.goal;

import java.util.List;
import java.util.OptionalInt;

/** Where a set stands. The odds of a goal are worked out over the very states by which it is judged. */
public interface Play {

    /** Balls left in a set that only its goal ends. */
    int NO_END = Integer.MAX_VALUE;

    /** What a step did. */
    record Move(Play play, Did did) {

        static Move on(Play play, boolean hit) {
            return new Move(play, hit ? Did.HIT : Did.MISS);
        }

        static Move broken(Play play) {
            return new Move(play, Did.BREAK);
        }

        static Move noTrial(Play play) {
            return new Move(play, Did.NO_TRIAL);
        }
    }

    /** What it was for this goal. */
    enum Did {
        HIT,
        MISS,
        /** A miss that ends an attempt: a run, a station or a whole ladder starts again. */
        BREAK,
        /** Outside a round, or the clock itself. */
        NO_TRIAL
    }

    Move after(Step step);

    /**
     * The same with its count as the coach says; where there is no such count, as it was.
     *
     * @param part a side, a way or a zone, from 0
     */
    default Play counting(int part, int count) {
        return this;
    }

    /** Numbers that tell it from the other states of its set, as far as the balls to come have another end. */
    List<Integer> state();

    /** @param left balls left, {@link #NO_END} where there is no end */
    Standing standing(int left);

    /** The count, and what is wanted of it. */
    Progress progress(int left);

    /** Whether nothing more counts, whatever is left. */
    default boolean over() {
        return false;
    }

    /** Which rate the next ball has: that of a station or of a side, from 0. */
    default int turn() {
        return 0;
    }

    /**
     * How many hits meet it from its first ball, where that alone decides, wherever they and the misses fall; for a player who
     * hits every ball at one rate.
     */
    default OptionalInt hitsWanted() {
        return OptionalInt.empty();
    }

    /** The next step as what is worked out ahead supposes it. */
    default Step next(boolean hit) {
        return Step.Ball.of(hit);
    }
}
