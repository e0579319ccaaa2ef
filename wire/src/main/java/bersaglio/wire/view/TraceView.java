package bersaglio.wire.view;

import bersaglio.core.charting.Trace;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a set leaves behind besides its trials.
 *
 * @param brokeAt      the count at which each attempt broke
 * @param called       the number that the player called
 * @param partners     who played with or against the player
 * @param enteredLater whether it comes from paper
 * @param moved        whether it was given another player, level or date
 * @param corrected    shots that a call put right, and counts that a person said
 * @param gaps         between two balls, and {@code gapMillis} all of them together
 */
public record TraceView(
        List<Integer> brokeAt,
        @Nullable Integer called,
        List<String> partners,
        boolean enteredLater,
        boolean moved,
        int corrected,
        int gaps,
        double gapMillis) {

    public static TraceView of(Trace trace) {
        return new TraceView(
                trace.brokeAt(),
                trace.called().isPresent() ? Integer.valueOf(trace.called().getAsInt()) : null,
                trace.partners(),
                trace.enteredLater(),
                trace.moved(),
                trace.corrected(),
                trace.rhythm().gaps(),
                trace.rhythm().millis());
    }
}
