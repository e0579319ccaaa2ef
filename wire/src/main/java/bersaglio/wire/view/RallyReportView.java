package bersaglio.wire.view;

import bersaglio.core.charting.RallyReport;
import bersaglio.core.drill.Level;
import bersaglio.core.goal.Tally;
import bersaglio.core.odds.ProductLimit;
import bersaglio.core.rally.Contacts;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What rallies say of a player.
 *
 * @param counts   which contacts make the length at this level; all figures here are of all contacts
 * @param best     contacts of the longest
 * @param median   contacts of the one in the middle
 * @param errors   own errors over own shots tried, and {@code othersErrors} the same of whoever hit back
 * @param survival over own shots
 * @param target   the longest rally that comes half the time
 */
public record RallyReportView(
        Contacts counts,
        int rallies,
        @Nullable Double best,
        @Nullable Double median,
        HitRateView errors,
        HitRateView othersErrors,
        List<ProductLimit.Step> survival,
        int target) {

    private static final double HALF = 0.5;

    public static RallyReportView of(RallyReport report, Level level) {
        return new RallyReportView(
                level.goal().contacts(),
                report.rallies(),
                report.best().isPresent() ? report.best().getAsDouble() : null,
                report.median().isPresent() ? report.median().getAsDouble() : null,
                HitRateView.of(new Tally(report.own().errors(), report.own().tried())),
                HitRateView.of(
                        new Tally(report.others().errors(), report.others().tried())),
                report.survival().steps(),
                report.target(HALF));
    }
}
