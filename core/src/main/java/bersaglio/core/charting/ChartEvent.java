package bersaglio.core.charting;

import bersaglio.core.problem.Check;

/**
 * One thing that happened while charting, as the device wrote it. Events of a run are ordered by the position that the
 * server gives them, on a device by its own sequence; never by these times.
 *
 * @param id      UUIDv7 made on the device
 * @param session the day's session that the run belongs to
 * @param run     the set being charted
 * @param pen     the number of the pen that wrote it, from 1
 * @param device  which device wrote it
 * @param seq     the device's own count, from 1
 * @param at      milliseconds since the run's start, from a clock that only goes forward
 * @param wall    milliseconds since 1970, by the device's own clock
 */
public record ChartEvent(
        String id, String session, String run, int pen, String device, int seq, long at, long wall, EventBody what) {

    private static final long LATEST_WALL = 4_102_444_800_000L;
    private static final long LONGEST_RUN = 366L * 24 * 3600 * 1000;

    public ChartEvent {
        Check.requireId("id", id);
        Check.requireId("session", session);
        Check.requireId("run", run);
        Check.requireId("device", device);
        Check.requireBetween("pen", pen, 1, 10_000);
        Check.requireAtLeast("seq", seq, 1);
        Check.requireBetween("at", at, 0, LONGEST_RUN);
        Check.requireBetween("wall", wall, 0, LATEST_WALL);
    }
}
