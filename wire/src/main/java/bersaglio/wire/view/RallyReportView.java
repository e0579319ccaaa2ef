package bersaglio.wire.view;

import bersaglio.core.charting.RallyReport;
import bersaglio.core.goal.Tally;
import bersaglio.core.odds.ProductLimit;
import bersaglio.core.rally.Contacts;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What rallies say of a player.
 *
 * @param counts   which contacts make the lengths here, and {@code given} those at this level
 * @param rallies  those of which a length is known so; {@code leftOut} those of which it is not
 * @param best     the longest, with its day
 * @param median   length of the one in the middle
 * @param bands    how many lengths are below the first that was asked for, from each to the next, and from the last on
 * @param errors   own errors over own shots tried, and {@code othersErrors} the same of whoever hit back
 * @param survival over own shots
 * @param target   the longest rally that comes half the time
 */
public record RallyReportView(
        Contacts counts,
        Contacts given,
        int rallies,
        int leftOut,
        RallyReport.@Nullable Length best,
        @Nullable Double median,
        List<Integer> bands,
        HitRateView errors,
        HitRateView othersErrors,
        List<ProductLimit.Step> survival,
        int target) {

    private static final double HALF = 0.5;

    public static RallyReportView of(RallyReport report, Contacts given, List<Integer> bands) {
        return new RallyReportView(
                report.counts(),
                given,
                report.lengths().size(),
                report.leftOut(),
                report.best().orElse(null),
                report.median().isPresent() ? report.median().getAsDouble() : null,
                report.inBands(bands),
                HitRateView.of(new Tally(report.own().errors(), report.own().tried())),
                HitRateView.of(
                        new Tally(report.others().errors(), report.others().tried())),
                report.survival().steps(),
                report.targetLength(HALF));
    }
}
