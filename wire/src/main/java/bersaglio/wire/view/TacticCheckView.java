package bersaglio.wire.view;

import bersaglio.core.odds.HitRate;
import bersaglio.core.tactic.TacticCheck;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A rule held against rallies.
 *
 * @param kept      occasions on which it was kept, of
 * @param occasions so many
 * @param lower     where the true share lies, 0 to 1; nothing before the first occasion
 * @param broken    where it was not kept
 */
public record TacticCheckView(
        int kept, int occasions, @Nullable Double lower, @Nullable Double upper, List<TacticCheck.Broken> broken) {

    public static TacticCheckView of(TacticCheck check) {
        HitRate rate = check.rate().orElse(null);
        return new TacticCheckView(
                check.kept(),
                check.occasions(),
                rate == null ? null : Double.valueOf(rate.lower()),
                rate == null ? null : Double.valueOf(rate.upper()),
                check.broken());
    }
}
