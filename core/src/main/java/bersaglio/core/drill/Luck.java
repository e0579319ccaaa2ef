package bersaglio.core.drill;

import java.util.HashMap;
import java.util.Map;

/** How often a player who is not ready has passed each level of a drill by luck, worked out once for many sets. */
public final class Luck {

    /** Sets beyond which it is no longer told. */
    static final int MOST_TRIES = 100;

    /** It is told at once, in whole hundredths. */
    private static final int BALLS_PLAYED = 100_000;

    private final Map<Integer, Passing> known = new HashMap<>();

    double within(Level level, int sets) {
        int tries = Math.min(MOST_TRIES, sets);
        Passing passing = known.get(level.number());
        if (passing == null || passing.after().length < tries) {
            int ahead = passing == null ? tries : Math.min(MOST_TRIES, 2 * tries);
            passing = level.passing(Trying.of(level.notReadyRate(), ahead), BALLS_PLAYED);
            known.put(level.number(), passing);
        }
        return passing.within(tries);
    }
}
