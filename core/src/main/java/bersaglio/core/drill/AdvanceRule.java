package bersaglio.core.drill;

import bersaglio.core.goal.Attempt;
import java.util.List;

/** What moves a player up. Each rule is looked at when a set closes. */
public sealed interface AdvanceRule permits OneMetQuota, MetInLast, Evidence, Sequential, CoachsCall {

    /**
     * What to do after the last of these sets.
     *
     * @param attempts the sets at this level since the player came to it, in order, the one just held last
     */
    Advice advise(Level level, List<Attempt> attempts);

    /** The chance that a player of this true rate has passed within so many sets of the level. */
    double passesWithin(Level level, int sets, double rate);
}
