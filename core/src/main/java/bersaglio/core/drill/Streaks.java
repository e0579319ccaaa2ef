package bersaglio.core.drill;

import bersaglio.core.odds.Neighbours;

/** What each ball is worth as evidence, as the streaks of a player show with every further ball. */
final class Streaks {

    private final boolean watched;
    private Neighbours seen;
    private boolean any;
    private boolean before;

    private Streaks(boolean watched, Neighbours seen) {
        this.watched = watched;
        this.seen = seen;
    }

    static Streaks after(Neighbours before) {
        return new Streaks(true, before);
    }

    /** Nobody looks. */
    static Streaks unwatched() {
        return new Streaks(false, Neighbours.NONE);
    }

    void ball(boolean hit) {
        if (any && watched) {
            seen = seen.plus(before, hit);
        }
        any = true;
        before = hit;
    }

    /** The first ball of a set has none before it. */
    void close() {
        any = false;
    }

    double worth() {
        return seen.worth();
    }
}
