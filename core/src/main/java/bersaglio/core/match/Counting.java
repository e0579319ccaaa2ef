package bersaglio.core.match;

import bersaglio.core.problem.Check;

/**
 * How the points of a game count.
 *
 * @param onServe  whether only the team that serves scores
 * @param extendsAt the score at which, once both have it, the receiver may choose to play on for longer; 0 for none
 * @param extended what the game is played to then
 */
public record Counting(Finish finish, boolean onServe, int extendsAt, int extended) {

    public Counting {
        Check.requireBetween("extendsAt", extendsAt, 0, finish.to());
        Check.requireBetween("extended", extended, extendsAt == 0 ? 0 : finish.to(), 100);
    }

    public static Counting everyRally(Finish finish) {
        return new Counting(finish, false, 0, 0);
    }

    public static Counting onServe(Finish finish) {
        return new Counting(finish, true, 0, 0);
    }
}
