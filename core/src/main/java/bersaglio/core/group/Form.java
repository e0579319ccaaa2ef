package bersaglio.core.group;

import bersaglio.core.format.Family;

/** What a group does together, and so who is where next. */
@Family
public sealed interface Form permits Pairings, Rotation, TeamRace {

    int MOST_COURTS = 12;

    Changeover change();

    /** Players that it takes at least, and at most. */
    int fewest();

    int most();

    /** Who is where in the turn after those of this evening. */
    Turn next(Evening evening);

    /**
     * Who is where in the turn that is on, now that somebody has gone or come.
     *
     * @param evening without that turn
     * @param on      that turn, without who has gone; who has come is not in it yet
     */
    Turn again(Evening evening, Turn on);

    /** Turns after which it is over, whatever the group does. */
    default int turns() {
        return Integer.MAX_VALUE;
    }

    /** How many teams have points; 0 where nobody has. */
    default int teams() {
        return 0;
    }
}
