package bersaglio.core.drill;

import bersaglio.core.odds.Neighbours;

/** What each ball is worth as evidence, as the streaks of a player show with every further ball. */
final class Streaks {

    private enum Of {
        /** Whoever is judged: what is seen of them. */
        SEEN,
        /** One whose balls are known to be independent: what is seen of such a player on average. */
        STEADY,
        /** Nobody looks. */
        UNWATCHED
    }

    private final Of of;
    private Neighbours seen;
    private int pairs;
    private boolean any;
    private boolean before;

    private Streaks(Of of, Neighbours seen) {
        this.of = of;
        this.seen = seen;
    }

    static Streaks after(Neighbours before) {
        return new Streaks(Of.SEEN, before);
    }

    static Streaks ofASteadyPlayer() {
        return new Streaks(Of.STEADY, Neighbours.NONE);
    }

    static Streaks unwatched() {
        return new Streaks(Of.UNWATCHED, Neighbours.NONE);
    }

    void ball(boolean hit) {
        if (any) {
            pairs++;
            seen = of == Of.SEEN ? seen.plus(before, hit) : seen;
        }
        any = true;
        before = hit;
    }

    /** The first ball of a set has none before it. */
    void close() {
        any = false;
    }

    /** Whether what a ball is worth depends on nothing but how many there were. */
    boolean areForeseen() {
        return of != Of.SEEN;
    }

    double worth() {
        return switch (of) {
            case SEEN -> seen.worth();
            case STEADY -> Neighbours.worthOfSteady(pairs);
            case UNWATCHED -> 1;
        };
    }
}
