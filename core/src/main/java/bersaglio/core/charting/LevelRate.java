package bersaglio.core.charting;

import bersaglio.core.drill.Tally;

/** The hit rate at one level, over all its sets that count, with its 95 % interval. */
public record LevelRate(
        int level, int sets, Tally tally, double share, double lower, double upper, double targetRate) {}
