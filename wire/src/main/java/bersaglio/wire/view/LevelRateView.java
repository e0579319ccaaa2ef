package bersaglio.wire.view;

import bersaglio.core.charting.LevelRate;

/** The hit rate at a level with its 95 % interval. */
public record LevelRateView(
        int level, int sets, int hits, int trials, double share, double lower, double upper, double targetRate) {

    public static LevelRateView of(LevelRate rate) {
        return new LevelRateView(
                rate.level(),
                rate.sets(),
                rate.tally().hits(),
                rate.tally().trials(),
                rate.share(),
                rate.lower(),
                rate.upper(),
                rate.targetRate());
    }
}
