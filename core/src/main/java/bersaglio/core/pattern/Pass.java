package bersaglio.core.pattern;

import java.util.List;

/**
 * One go through a pattern.
 *
 * @param tries the player's own steps that were reached, in order; all held but the last of one that was broken
 * @param at    milliseconds since the set's start at which it ended
 */
public record Pass(List<StepTry> tries, Ended ended, long at) {

    /** How it ended. */
    public enum Ended {
        WHOLE,
        /** At one of the player's own steps. */
        BROKEN,
        /** By a partner, a feeder, a let, or unseen: how far the player would have come is not known. */
        BY_OTHERS,
        /** It goes on where one was broken, and says something of its steps only. */
        AFTER_A_BREAK;

        /** Whether the player alone made the pass what it is, so that it counts. */
        public boolean isTrial() {
            return this == WHOLE || this == BROKEN;
        }
    }

    /**
     * An own step that was reached.
     *
     * @param step   its place in the pattern, from 0
     * @param stroke that was said, empty where it was as asked
     * @param zone   that it went to, 0 where none is known
     * @param held   whether all that it asks came true
     * @param shot   the event that logged it; empty where none did
     * @param called whether it was called ahead which way it had to be, so that the player chose nothing
     */
    public record StepTry(int step, String stroke, int zone, boolean held, String shot, boolean called) {
        public StepTry(int step, String stroke, int zone, boolean held, String shot) {
            this(step, stroke, zone, held, shot, false);
        }
    }

    public Pass {
        tries = List.copyOf(tries);
    }

    /** How far it came. */
    public PassReport.Went went() {
        return new PassReport.Went((int) tries.stream().filter(StepTry::held).count(), ended);
    }
}
