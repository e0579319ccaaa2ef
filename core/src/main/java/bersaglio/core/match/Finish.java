package bersaglio.core.match;

import bersaglio.core.problem.Check;

/**
 * When a count is won.
 *
 * @param to   so much, 1 to 100
 * @param lead with such a lead, 1 or 2
 * @param cap  where it is won in any case; 0 where the lead always decides
 */
public record Finish(int to, int lead, int cap) {

    public Finish {
        Check.requireBetween("to", to, 1, 100);
        Check.requireBetween("lead", lead, 1, 2);
        Check.requireBetween("cap", cap, cap == 0 ? 0 : to, 200);
    }

    public static Finish at(int to) {
        return new Finish(to, 1, 0);
    }

    public static Finish withALead(int to) {
        return new Finish(to, 2, 0);
    }

    /** A cap below what is played to is none. */
    static Finish of(int to, int lead, int cap) {
        return new Finish(to, lead, cap < to ? 0 : cap);
    }

    boolean isWonBy(Team team, Count count) {
        int own = count.of(team);
        int other = count.of(team.other());
        return own >= to && own - other >= lead || cap > 0 && own >= cap && own > other;
    }

    /** Whether a count can still be where nobody has won. */
    boolean isOpen(Count count) {
        return !isWonBy(Team.ONE, count) && !isWonBy(Team.TWO, count);
    }
}
