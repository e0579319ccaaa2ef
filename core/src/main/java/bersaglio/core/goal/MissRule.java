package bersaglio.core.goal;

import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Said;
import bersaglio.core.words.Sentence;

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
    public enum Does implements Said {
        /** It costs its ball and nothing else. */
        COUNT_ON("a miss costs its ball"),
        RESTART_RUN("a miss restarts the run"),
        RESTART_STATION("a miss restarts the station"),
        STEP_BACK("a miss goes back a station"),
        RESTART_LADDER("a miss restarts the ladder"),
        /** The same shot is tried again. */
        STAY("a miss is tried again");

        private final String words;

        Does(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
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

    static MissRule read(Reader from, MissRule usual) {
        Does does = from.one(Does.values(), usual.does);
        int tries = from.takes("in at most") ? from.counted("attempt", "attempts") : 0;
        return new MissRule(does, tries, from.takes("each miss owes") ? from.count() : 0);
    }

    /** @param usual what a miss does where nothing is said */
    void write(Sentence to, MissRule usual) {
        if (does != usual.does) {
            to.comma().say(does);
        }
        if (tries > 0) {
            to.comma().say("in at most").counted(tries, "attempt", "attempts");
        }
        if (owes > 0) {
            to.comma().say("each miss owes").number(owes);
        }
    }

    public MissRule limitedTo(int attempts) {
        return new MissRule(does, attempts, owes);
    }
}
