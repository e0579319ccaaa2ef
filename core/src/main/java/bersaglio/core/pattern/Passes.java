package bersaglio.core.pattern;

import bersaglio.core.pattern.Pass.Ended;
import bersaglio.core.pattern.Pass.StepTry;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * The passes of a set.
 *
 * @param over     in order
 * @param now      the own steps of the one that is on that were reached
 * @param expected places of the player's next step in the pattern: more than one where somebody may change, none while the
 *                 point is open
 * @param due      the place of the step that is next, whoever hits it
 * @param asked    what was called for the player's next step
 * @param change   whether that ends a repeat which could have gone on
 * @param points   that the passes opened
 */
public record Passes(
        List<Pass> over,
        List<StepTry> now,
        List<Integer> expected,
        OptionalInt due,
        Optional<Asked> asked,
        boolean change,
        List<Point> points) {

    public static final Passes NONE =
            new Passes(List.of(), List.of(), List.of(), OptionalInt.empty(), Optional.empty(), false, List.of());

    public Passes {
        over = List.copyOf(over);
        now = List.copyOf(now);
        expected = List.copyOf(expected);
        points = List.copyOf(points);
    }

    public int whole() {
        return ended(Ended.WHOLE);
    }

    public int broken() {
        return ended(Ended.BROKEN);
    }

    public int byOthers() {
        return ended(Ended.BY_OTHERS);
    }

    private int ended(Ended how) {
        int count = 0;
        for (Pass pass : over) {
            count += pass.ended() == how ? 1 : 0;
        }
        return count;
    }

    /** What the player's own steps came to, those of the pass that is on among them. */
    public List<StepCount> counts() {
        List<StepCount> counts = new ArrayList<>();
        over.forEach(pass -> pass.tries().forEach(one -> counts.add(StepCount.of(one))));
        now.forEach(one -> counts.add(StepCount.of(one)));
        return StepCount.together(counts);
    }

    public PassReport report() {
        return PassReport.of(over.stream().map(Pass::went).toList(), counts());
    }
}
