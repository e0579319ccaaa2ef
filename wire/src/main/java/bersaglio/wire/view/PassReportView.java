package bersaglio.wire.view;

import bersaglio.core.goal.Tally;
import bersaglio.core.odds.ProductLimit;
import bersaglio.core.odds.Readable;
import bersaglio.core.pattern.Choice;
import bersaglio.core.pattern.PassReport;
import bersaglio.core.pattern.Pattern;
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
     * @param choice where the player went, at a step that leaves a choice
     */
    public record StepView(int step, HitRateView rate, double lowest, @Nullable ChoiceView choice) {}

    /**
     * Where the player went when the step held.
     *
     * @param order    how well their order can be read, once they are enough
     * @param readable whether it says more than which place is liked best
     */
    public record ChoiceView(List<ShareView> places, @Nullable Readable order, boolean readable) {

        static ChoiceView of(Choice choice) {
            return new ChoiceView(
                    choice.places().stream()
                            .map(one -> new ShareView(one.zone(), HitRateView.of(one.chosen())))
                            .toList(),
                    choice.readable().orElse(null),
                    choice.isReadable());
        }
    }

    /** Of all choices, those of one place. */
    public record ShareView(int zone, HitRateView rate) {}

    public static PassReportView of(PassReport report, Pattern pattern) {
        List<StepView> steps = new ArrayList<>();
        for (int i = 0; i < report.steps().size(); i++) {
            StepCount count = report.steps().get(i);
            HitRateView rate = HitRateView.of(new Tally(count.held(), count.reached()));
            ChoiceView choice = Choice.of(pattern.steps().get(count.step()), count)
                    .map(ChoiceView::of)
                    .orElse(null);
            steps.add(new StepView(count.step(), rate, report.lowest().get(i), choice));
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
