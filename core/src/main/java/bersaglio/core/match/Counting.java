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

    /** To another number of points; the choice to play on for longer stays as close to the end. */
    Counting to(int to) {
        Finish other = Finish.of(to, finish.lead(), finish.cap());
        int choice = extendsAt == 0 ? 0 : Math.max(0, to - (finish.to() - extendsAt));
        int longer = choice == 0 ? 0 : Math.min(100, to + (extended - finish.to()));
        return new Counting(other, onServe, choice, longer);
    }

    Counting cappedAt(int cap) {
        return new Counting(Finish.of(finish.to(), finish.lead(), cap), onServe, extendsAt, extended);
    }

    public static Counting everyRally(Finish finish) {
        return new Counting(finish, false, 0, 0);
    }

    public static Counting onServe(Finish finish) {
        return new Counting(finish, true, 0, 0);
    }
}
