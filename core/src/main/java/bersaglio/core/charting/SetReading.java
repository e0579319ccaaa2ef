package bersaglio.core.charting;

import bersaglio.core.drill.Advice;
import bersaglio.core.goal.Standing;
import java.util.Optional;

/**
 * A set as it reads today.
 *
 * @param levelThen the rung on which the player stood before it, by the moves that still stand; when the set was
 *                  charted at another one, it rests on a set that was changed since
 * @param advice    what the rules say of it now, which need not be what was said when it closed
 */
public record SetReading(SetResult set, Standing standing, int levelThen, Optional<Advice> advice) {

    /** With what was said when it closed. */
    public SetReading saying(Optional<Said> said) {
        return new SetReading(set.saying(said), standing, levelThen, advice);
    }
}
