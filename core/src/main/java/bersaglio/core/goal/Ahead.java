package bersaglio.core.goal;

/**
 * A set as it is worked out ahead, where time is turned into balls by a pace.
 *
 * @param balls at most, {@link Play#NO_END} where only the goal ends it
 */
public record Ahead(Play play, int balls, boolean playsOn) {

    static Ahead inTime(int hits, int balls) {
        return new Ahead(new HitCount(0, hits, false), balls, true);
    }
}
