package bersaglio.core.drill;

import bersaglio.core.format.Family;
import bersaglio.core.goal.Attempt;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Sentence;
import java.util.List;

/** What moves a player up. Each rule says what it makes of the sets at a level when one of them closes. */
@Family(field = "rule")
public sealed interface AdvanceRule
        permits OneMetQuota, MetInLast, Evidence, Sequential, BallByBall, Learners, CoachsCall {

    /**
     * What to do after the last of these sets.
     *
     * @param attempts the sets at this level since the player came to it, in order, the one just held last
     * @param before   neighbouring balls of the player's sets before them
     */
    Advice advise(Level level, List<Attempt> attempts, Neighbours before);

    default Advice advise(Level level, List<Attempt> attempts) {
        return advise(level, attempts, Neighbours.NONE);
    }

    /** The same, asked of one set after the other. */
    default Adviser adviser(Level level, Neighbours before) {
        return Adviser.anew(this, level, before);
    }

    /** In words that read back. */
    void write(Sentence to);

    /** How it is asked at a level. */
    Asking asking(Level level);

    /** Whether it is asked after every ball, so that a set may end as soon as it is decided. */
    default boolean looksAtEachBall() {
        return false;
    }

    /**
     * For a rule that is being made: a player who never misses must come through.
     *
     * @throws Refused when nobody ever would, at this target rate
     */
    default void requireReachable(double targetRate) {
        Check.requireRate("targetRate", targetRate);
    }

    /**
     * How often it has let a player of this true rate through after each set, up to so many; exact.
     *
     * @return nothing where that takes too long, or where nobody has worked it out: then it is played
     */
    default double[] exactly(Level level, Trying trying) {
        return Trying.UNKNOWN;
    }
}
