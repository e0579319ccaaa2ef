package bersaglio.core.match;

import bersaglio.core.problem.Check;

/**
 * Games that make a set.
 *
 * @param breakAt  so many each, and a tie-break decides; 0 where the lead always does
 * @param tieBreak its points; not looked at where there is none
 */
public record Games(Finish finish, int breakAt, Counting tieBreak) {
    public Games {
        Check.requireBetween("breakAt", breakAt, 0, finish.to());
    }
}
