package bersaglio.core.goal;

/** How the count of a set is read from beside the court, and what is said to be wanted still. */
public record Readout(Count count, Wanted wanted) {

    /** What the count is. */
    public enum Count {
        DONE_OF_BALLS,
        /** Hits, where what is counted is another thing. */
        HITS_OF_BALLS,
        DONE_OF_WANTED,
        DONE,
        SIDES,
        SECONDS,
        NUMBER,
        IN_A_ROW,
        AT_THE_STATION
    }

    /** What is wanted still. */
    public enum Wanted {
        MORE_WITHIN_BALLS,
        MORE_RALLIES,
        SECONDS_HELD,
        SECONDS_AT_MOST,
        FIRST_TO
    }

    static final Readout OF_BALLS = counting(Count.DONE_OF_BALLS);
    static final Readout OF_WANTED = counting(Count.DONE_OF_WANTED);
    static final Readout OF_SIDES = new Readout(Count.SIDES, Wanted.FIRST_TO);

    static Readout counting(Count count) {
        return new Readout(count, Wanted.MORE_WITHIN_BALLS);
    }

    /** Of a goal by the clock. */
    static Readout byTheClock(int sides, int hits) {
        if (sides > 1) {
            return counting(Count.SIDES);
        }
        return hits > 0 ? OF_WANTED : counting(Count.DONE);
    }
}
