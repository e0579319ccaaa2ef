package bersaglio.wire.view;

import bersaglio.core.charting.LevelRate;
import bersaglio.core.goal.Tally;
import org.jspecify.annotations.Nullable;

/**
 * The hit rate at a level with its 95 % interval.
 *
 * @param laid  empty for sets laid as drawn
 * @param clean the rate with net clips left out; absent where there are none
 */
public record LevelRateView(
        int level,
        String laid,
        int sets,
        int hits,
        int trials,
        double share,
        double lower,
        double upper,
        double targetRate,
        @Nullable HitRateView clean) {

    public static LevelRateView of(LevelRate rate, Tally netClips) {
        return new LevelRateView(
                rate.level(),
                rate.laid(),
                rate.sets(),
                rate.tally().hits(),
                rate.tally().trials(),
                rate.share(),
                rate.lower(),
                rate.upper(),
                rate.targetRate(),
                netClips.trials() == 0
                        ? null
                        : rate.without(netClips)
                                .map(rest -> HitRateView.of(rest.tally()))
                                .orElse(null));
    }
}
