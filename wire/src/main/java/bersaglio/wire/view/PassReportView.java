package bersaglio.wire.view;

import bersaglio.core.goal.Tally;
import bersaglio.core.odds.ProductLimit;
import bersaglio.core.pattern.PassReport;
import bersaglio.core.pattern.StepCount;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where passes break.
 *
 * @param steps    the player's own, in order
 * @param survival over own steps of a pass, the first first
 * @param weakest  the place in the pattern of the step that breaks most, once that is sure enough
 */
public record PassReportView(
        int whole,
        int broken,
        int byOthers,
        List<StepView> steps,
        List<ProductLimit.Step> survival,
        @Nullable Integer weakest) {

    /**
     * An own step.
     *
     * @param step   its place in the pattern, from 0
     * @param rate   held over reached
     * @param lowest the chance that it is the one that breaks most
     */
    public record StepView(int step, HitRateView rate, double lowest) {}

    public static PassReportView of(PassReport report) {
        List<StepView> steps = new ArrayList<>();
        for (int i = 0; i < report.steps().size(); i++) {
            StepCount count = report.steps().get(i);
            HitRateView rate = HitRateView.of(new Tally(count.held(), count.reached()));
            steps.add(new StepView(count.step(), rate, report.lowest().get(i)));
        }
        return new PassReportView(
                report.whole(),
                report.broken(),
                report.byOthers(),
                steps,
                report.survival().steps(),
                report.weakest().map(StepCount::step).orElse(null));
    }
}
