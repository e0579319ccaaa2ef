package bersaglio.core.goal;

import bersaglio.core.problem.Check;

/** Hits and trials so far. */
public record Tally(int hits, int trials) {

    public static final Tally NONE = new Tally(0, 0);

    public Tally {
        Check.requireAtLeast("trials", trials, 0);
        Check.requireBetween("hits", hits, 0, trials);
    }

    public Tally plus(boolean hit) {
        return new Tally(hit ? hits + 1 : hits, trials + 1);
    }

    public Tally plus(Tally more) {
        return new Tally(hits + more.hits, trials + more.trials);
    }
}
