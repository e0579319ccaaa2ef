package bersaglio.core.charting;

/** Time on court without the pauses to teach, which nobody's pace is charged with. */
public final class Clock {

    private static final long RUNNING = -1;

    private long paused;
    private long since = RUNNING;

    /**
     * Pauses so far.
     *
     * @param total milliseconds of those that are over
     * @param since when the one that lasts began; {@code -1} while none does
     */
    public record Paused(long total, long since) {}

    Paused paused() {
        return new Paused(paused, since);
    }

    void pause(long at) {
        since = since == RUNNING ? at : since;
    }

    void resume(long at) {
        if (since != RUNNING) {
            paused += Math.max(0, at - since);
            since = RUNNING;
        }
    }

    /** Milliseconds since the set's start in which it was played. */
    long active(long at) {
        return Math.max(0, (since == RUNNING ? at : Math.min(at, since)) - paused);
    }
}
