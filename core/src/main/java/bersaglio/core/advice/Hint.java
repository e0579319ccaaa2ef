package bersaglio.core.advice;

import bersaglio.core.court.Side;

/**
 * One thing that may be said in a break, with what it rests on.
 *
 * @param court   that is served from, where it is about serves; else none
 * @param spot    the part of the court that it is about; 0 for none
 * @param other   a part to try instead, or that is expected least; 0 for none
 * @param won     rallies won there, of
 * @param rallies so many
 * @param looked  rallies or serves of this match on which it rests
 * @param chance  how sure it is, 0 to 1
 */
public record Hint(
        What what, String stroke, Side court, int spot, int other, int won, int rallies, int looked, double chance) {

    /** What it says; the most useful first. */
    public enum What {
        /** The favourite is worse than the other places: leave it. */
        LEAVE,
        /** It loses, and that may be bad luck: stay with it. */
        STAY,
        /** The order of the serves can be read. */
        READABLE,
        /** It is better than the other places. */
        KEEP,
        TOO_EARLY
    }
}
