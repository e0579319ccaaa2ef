package bersaglio.core.charting;

import bersaglio.core.goal.Tally;

/**
 * The hit rate at one level, over all its sets that count, with its 95 % interval.
 *
 * @param laid empty for sets laid as drawn; what was laid otherwise has rates of its own
 */
public record LevelRate(
        int level, String laid, int sets, Tally tally, double share, double lower, double upper, double targetRate) {}
