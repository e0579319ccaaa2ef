package bersaglio.core.goal;

import java.util.List;

/**
 * How far a set is.
 *
 * @param done     of what is counted: hits, the run, the length of the best rally
 * @param wanted   0 where nothing is wanted
 * @param best     what {@code done} can still come to in this set; without an end, what is wanted
 * @param station  where it stands, from 0: a station, a round, a way, whose turn it is
 * @param stations how many there are, 0 where there are none
 * @param here     the count at the station, and {@code hereWanted} what it wants
 * @param parts    the count of each side, zone or way, where there are several
 * @param score    what is kept as the player's best
 * @param winner   the side that has won, from 0; {@link #NOBODY} while none has
 * @param turn     the side whose ball is next, from 0; {@link #NOBODY} where any may hit
 * @param clock    the clock that runs
 */
public record Progress(
        double done,
        double wanted,
        double best,
        int station,
        int stations,
        int here,
        int hereWanted,
        List<Double> parts,
        double score,
        int winner,
        int turn,
        Running clock) {

    public static final int NOBODY = -1;

    /**
     * A clock, in milliseconds of play; {@link #NEVER} for what does not come.
     *
     * @param since  when it was started
     * @param signal when its signal comes
     * @param until  when the last ball counts that was struck before the signal
     */
    public record Running(long since, long signal, long until) {

        public static final long NEVER = -1;
        public static final Running NONE = new Running(NEVER, NEVER, NEVER);

        static Running upwards(long since) {
            return new Running(since, NEVER, NEVER);
        }
    }

    public Progress {
        parts = List.copyOf(parts);
    }

    /** What is still wanted. */
    public double more() {
        return Math.max(0, wanted - done);
    }

    static Progress of(double done, double wanted, double best) {
        return new Progress(done, wanted, best, 0, 0, 0, 0, List.of(), done, NOBODY, NOBODY, Running.NONE);
    }

    Progress at(int place, int places, int count, int ofCount) {
        return new Progress(done, wanted, best, place, places, count, ofCount, parts, score, winner, turn, clock);
    }

    Progress with(List<Double> counts) {
        return new Progress(
                done, wanted, best, station, stations, here, hereWanted, counts, score, winner, turn, clock);
    }

    Progress scoring(double value) {
        return new Progress(done, wanted, best, station, stations, here, hereWanted, parts, value, winner, turn, clock);
    }

    Progress wonBy(int side) {
        return new Progress(done, wanted, best, station, stations, here, hereWanted, parts, score, side, turn, clock);
    }

    Progress turnOf(int side) {
        return new Progress(done, wanted, best, station, stations, here, hereWanted, parts, score, winner, side, clock);
    }

    Progress by(Running runs) {
        return new Progress(done, wanted, best, station, stations, here, hereWanted, parts, score, winner, turn, runs);
    }
}
