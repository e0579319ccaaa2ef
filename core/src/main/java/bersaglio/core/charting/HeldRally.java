package bersaglio.core.charting;

import bersaglio.core.rally.ChartedRally;
import bersaglio.core.rally.Contacts;
import java.util.OptionalDouble;

/**
 * A rally with the set that it was played in.
 *
 * @param heldAt when, in milliseconds since 1970
 * @param laid   what was laid otherwise than drawn; empty where nothing was
 */
public record HeldRally(ChartedRally rally, long heldAt, String laid) {

    /**
     * Its length.
     *
     * @param given by what a length is taken that somebody gave
     * @return nothing where it was given by another than is asked for, and cannot be turned into that
     */
    OptionalDouble length(Contacts counts, Contacts given) {
        return rally.own().isPresent()
                ? OptionalDouble.of(
                        counts.of((int) rally.contacts(), rally.own().getAsInt()))
                : given.by(counts, rally.contacts());
    }
}
