package bersaglio.core.charting;

/**
 * Where a set stands: on what it was charted.
 *
 * @param drill the version
 * @param track wing, hand and side that the drill keeps apart; empty where it keeps none
 * @param laid  tells sets laid otherwise than drawn from one another; empty for one laid as drawn
 */
public record Rung(String drill, int level, String track, String laid) {}
