package bersaglio.core.rally;

import java.util.Optional;
import java.util.OptionalInt;

/**
 * A rally that is over.
 *
 * @param contacts every contact by either side
 * @param own      those that were the player's; nothing is known of it where only the length was typed
 * @param ending   how it ended; not known where only the length was typed
 * @param at       milliseconds since the set's start
 */
public record ChartedRally(double contacts, OptionalInt own, Optional<Ending> ending, long at) {

    /** Whether somebody gave its length as a number, instead of its contacts. */
    public boolean isTyped() {
        return ending.isEmpty();
    }
}
