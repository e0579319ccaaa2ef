package bersaglio.wire.view;

import bersaglio.core.drill.Growth;
import bersaglio.core.drill.Verdict;
import org.jspecify.annotations.Nullable;

/** What a set says, with how far it can be trusted; rates and chances are shares from 0 to 1. */
public record VerdictView(
        int hits,
        int trials,
        double lower,
        double upper,
        double targetRate,
        double mastery,
        int tries,
        double notReadyRate,
        double luckChance,
        @Nullable Growth growth,
        AdviceView advice) {

    public static VerdictView of(Verdict verdict) {
        return new VerdictView(
                verdict.tally().hits(),
                verdict.tally().trials(),
                verdict.lower(),
                verdict.upper(),
                verdict.targetRate(),
                verdict.mastery(),
                verdict.tries(),
                verdict.notReadyRate(),
                verdict.luckChance(),
                verdict.growth().orElse(null),
                AdviceView.of(verdict.advice()));
    }
}
