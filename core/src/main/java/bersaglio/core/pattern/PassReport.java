package bersaglio.core.pattern;

import bersaglio.core.odds.HitRate;
import bersaglio.core.odds.ProductLimit;
import bersaglio.core.pattern.Pass.Ended;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What passes say of a player: where they break, and how likely one comes through whole, whoever ended the others.
 *
 * @param steps    the player's own, in order
 * @param lowest   the chance of each of them to be the one that breaks most
 * @param survival over own steps of a pass
 */
public record PassReport(
        int whole, int broken, int byOthers, List<StepCount> steps, List<Double> lowest, ProductLimit survival) {

    /**
     * How far a pass came.
     *
     * @param held own steps
     */
    public record Went(int held, Ended ended) {}

    public PassReport {
        steps = List.copyOf(steps);
        lowest = List.copyOf(lowest);
    }

    /** @param tried steps of all of them, set by set, those that go on after a break among them */
    public static PassReport of(List<Went> passes, List<StepCount> tried) {
        List<StepCount> steps = StepCount.together(tried);
        List<ProductLimit.Run> runs = new ArrayList<>();
        int[] ended = new int[Ended.values().length];
        for (Went pass : passes) {
            ended[pass.ended().ordinal()]++;
            if (pass.ended() != Ended.AFTER_A_BREAK) {
                runs.add(new ProductLimit.Run(pass.held(), pass.ended() == Ended.BROKEN));
            }
        }
        return new PassReport(
                ended[Ended.WHOLE.ordinal()],
                ended[Ended.BROKEN.ordinal()],
                ended[Ended.BY_OTHERS.ordinal()],
                steps,
                StepCount.chancesToBeLowest(steps),
                ProductLimit.of(runs));
    }

    /**
     * The rate of whole passes, as known as its trials make it: by the product limit over its steps, where a pass always has
     * as many of them and both kinds were seen, else by those that the player alone decided.
     */
    public HitRate rate() {
        int decided = whole + broken;
        HitRate plain = new HitRate(whole, decided);
        boolean onceEach = survival.steps().size() == steps.size();
        return onceEach ? survival.asTrials(steps.size()).orElse(plain) : plain;
    }

    /** The step that breaks most, once that is sure enough. */
    public Optional<StepCount> weakest() {
        return StepCount.weakest(steps, lowest);
    }
}
