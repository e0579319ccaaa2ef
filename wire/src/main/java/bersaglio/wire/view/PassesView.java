package bersaglio.wire.view;

import bersaglio.core.charting.RoleCount;
import bersaglio.core.pattern.Asked;
import bersaglio.core.pattern.Pass;
import bersaglio.core.pattern.Pass.StepTry;
import bersaglio.core.pattern.Passes;
import bersaglio.core.pattern.StepCount;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The passes of a set while it is charted.
 *
 * @param byOthers those that a partner, a feeder or a let ended, or that were not seen
 * @param now      the own steps of the pass that is on
 * @param last     the pass that ended last
 * @param expected places in the pattern of the player's next step, from 0: more than one where somebody may change; none
 *                 while a point is open
 * @param due      the place of the step that is next, whoever hits it
 * @param asked    what was called for the player's next step
 * @param change   whether that ends a repeat which could have gone on
 * @param steps    what the own steps came to
 * @param points   that the pattern opened
 * @param others   in the pattern, as far as their shots were charted
 */
public record PassesView(
        int whole,
        int broken,
        int byOthers,
        List<StepTry> now,
        @Nullable Pass last,
        List<Integer> expected,
        @Nullable Integer due,
        @Nullable Asked asked,
        boolean change,
        List<StepCount> steps,
        int points,
        List<RoleCountView> others) {

    static PassesView of(Passes passes, List<RoleCount> others) {
        List<Pass> over = passes.over();
        return new PassesView(
                passes.whole(),
                passes.broken(),
                passes.byOthers(),
                passes.now(),
                over.isEmpty() ? null : over.get(over.size() - 1),
                passes.expected(),
                passes.due().isPresent() ? Integer.valueOf(passes.due().getAsInt()) : null,
                passes.asked().orElse(null),
                passes.change(),
                passes.counts(),
                passes.points().size(),
                others.stream().map(RoleCountView::of).toList());
    }
}
