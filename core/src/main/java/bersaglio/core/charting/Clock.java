package bersaglio.core.charting;

/** Time on court without the pauses to teach, which nobody's pace is charged with. */
final class Clock {

    private static final long RUNNING = -1;

    private long paused;
    private long since = RUNNING;

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
