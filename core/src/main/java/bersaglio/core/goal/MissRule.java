package bersaglio.core.goal;

import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;

/**
 * What a miss does to the count.
 *
 * @param tries attempts in all before the set is over; where the same shot is tried again, tries at one shot; 0 for no
 *              limit
 * @param owes  of something harmless, paid at the end for each miss
 */
public record MissRule(
        Does does, @Usually(value = "0", written = true) int tries, @Usually(value = "0", written = true) int owes) {

    /** The schools. */
    public enum Does {
        /** It costs its ball and nothing else. */
        COUNT_ON,
        RESTART_RUN,
        RESTART_STATION,
        STEP_BACK,
        RESTART_LADDER,
        /** The same shot is tried again. */
        STAY
    }

    public static final MissRule COUNT_ON = of(Does.COUNT_ON);

    public MissRule {
        Check.requireBetween("tries", tries, 0, 1000);
        Check.requireBetween("owes", owes, 0, 20);
        if (does == Does.COUNT_ON && tries > 0) {
            throw new Refused("not_allowed", "tries", Integer.toString(tries), "0 where a miss only costs its ball");
        }
    }

    public static MissRule of(Does does) {
        return new MissRule(does, 0, 0);
    }

    public static MissRule owing(int owes) {
        return new MissRule(Does.COUNT_ON, 0, owes);
    }

    public MissRule limitedTo(int attempts) {
        return new MissRule(does, attempts, owes);
    }
}
