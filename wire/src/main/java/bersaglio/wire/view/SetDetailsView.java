package bersaglio.wire.view;

import bersaglio.core.charting.SetDetails;
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
public record SetDetailsView(
        List<Integer> brokeAt,
        @Nullable Integer called,
        List<String> partners,
        boolean enteredLater,
        boolean moved,
        int corrected,
        int gaps,
        double gapMillis) {

    public static SetDetailsView of(SetDetails details) {
        return new SetDetailsView(
                details.brokeAt(),
                details.called().isPresent() ? Integer.valueOf(details.called().getAsInt()) : null,
                details.partners(),
                details.enteredLater(),
                details.moved(),
                details.corrected(),
                details.rhythm().gaps(),
                details.rhythm().millis());
    }
}
