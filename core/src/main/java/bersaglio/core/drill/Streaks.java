package bersaglio.core.drill;

import bersaglio.core.odds.Neighbours;

/** What each ball is worth as evidence, as the streaks of a player show with every further ball. */
final class Streaks {

    private final boolean watched;
    private final Neighbours.Count seen;

    private Streaks(boolean watched, Neighbours before) {
        this.watched = watched;
        seen = new Neighbours.Count(before);
    }

    static Streaks after(Neighbours before) {
        return new Streaks(true, before);
    }

    /** Nobody looks. */
    static Streaks unwatched() {
        return new Streaks(false, Neighbours.NONE);
    }

    void ball(boolean hit) {
        if (watched) {
            seen.ball(hit);
        }
    }

    void close() {
        seen.nextSet();
    }

    double worth() {
        return seen.all().worth();
    }
}
