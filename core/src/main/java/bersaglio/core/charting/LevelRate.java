package bersaglio.core.charting;

import bersaglio.core.goal.Tally;
import bersaglio.core.odds.HitRate;
import java.util.Optional;

/**
 * The hit rate at one level, over all its sets that count, with its 95 % interval.
 *
 * @param laid empty for sets laid as drawn; what was laid otherwise has rates of its own
 */
public record LevelRate(
        int level, String laid, int sets, Tally tally, double share, double lower, double upper, double targetRate) {

    static LevelRate of(int level, String laid, int sets, Tally tally, double targetRate) {
        HitRate rate = new HitRate(tally.hits(), tally.trials());
        return new LevelRate(level, laid, sets, tally, rate.share(), rate.lower(), rate.upper(), targetRate);
    }

    /** What it would be without some of its trials; nothing where none is left, or where they are not all its own. */
    public Optional<LevelRate> without(Tally some) {
        int misses = tally.trials() - tally.hits();
        int someMisses = some.trials() - some.hits();
        if (some.hits() > tally.hits() || someMisses > misses || some.trials() == tally.trials()) {
            return Optional.empty();
        }
        Tally rest = new Tally(tally.hits() - some.hits(), tally.trials() - some.trials());
        return Optional.of(of(level, laid, sets, rest, targetRate));
    }
}
