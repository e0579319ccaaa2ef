package bersaglio.core.charting;

import java.util.List;
import java.util.OptionalInt;

/**
 * What a set leaves behind besides its trials: where attempts broke, what was called before it, and what was put right.
 *
 * @param brokeAt      the count at which each attempt broke
 * @param called       the number that the player called
 * @param partners     who played with or against the player
 * @param enteredLater whether it comes from paper
 * @param moved        whether it was given another player, level or date
 * @param corrected    shots that a call put right, and counts that a person said
 * @param rhythm       from ball to ball
 */
public record SetDetails(
        List<Integer> brokeAt,
        OptionalInt called,
        List<String> partners,
        boolean enteredLater,
        boolean moved,
        int corrected,
        Rhythm rhythm) {

    public static final SetDetails NONE =
            new SetDetails(List.of(), OptionalInt.empty(), List.of(), false, false, 0, Rhythm.NONE);

    public SetDetails {
        brokeAt = List.copyOf(brokeAt);
        partners = List.copyOf(partners);
    }
}
