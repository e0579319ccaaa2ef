package bersaglio.wire.view;

import bersaglio.core.goal.Tally;
import bersaglio.core.odds.HitRate;

/** Hits over trials with the 95 % interval of the true rate. */
public record HitRateView(int hits, int trials, double share, double lower, double upper) {

    public static HitRateView of(Tally tally) {
        HitRate rate = new HitRate(tally.hits(), tally.trials());
        return new HitRateView(tally.hits(), tally.trials(), rate.share(), rate.lower(), rate.upper());
    }
}
