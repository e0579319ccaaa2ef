package bersaglio.wire.view;

import bersaglio.core.charting.LevelRate;

/** The hit rate at a level with its 95 % interval; {@code laid} is empty for sets laid as drawn. */
public record LevelRateView(
        int level,
        String laid,
        int sets,
        int hits,
        int trials,
        double share,
        double lower,
        double upper,
        double targetRate) {

    public static LevelRateView of(LevelRate rate) {
        return new LevelRateView(
                rate.level(),
                rate.laid(),
                rate.sets(),
                rate.tally().hits(),
                rate.tally().trials(),
                rate.share(),
                rate.lower(),
                rate.upper(),
                rate.targetRate());
    }
}
