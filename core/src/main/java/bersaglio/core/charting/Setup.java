package bersaglio.core.charting;

import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;
import bersaglio.core.target.Conditions.Laid;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What lay and stood where at the first touch.
 *
 * @param from      the side served or hit from
 * @param opponent  the opponent's racket hand
 * @param place     the version of the place, where one is chosen
 * @param charterSd the charter's own error there as measured, in metres
 * @param laid      zones that were laid otherwise than drawn
 */
public record Setup(
        From from, Hand opponent, Optional<String> place, OptionalDouble charterSd, @Usually("") List<Laid> laid) {

    public static final Setup AS_DRAWN =
            new Setup(From.RIGHT, Hand.RIGHT, Optional.empty(), OptionalDouble.empty(), List.of());

    public Setup {
        Check.requireId("place", place.orElse("none"));
        Check.requireBetween("charterSd", charterSd.orElse(0), 0, 2);
        laid = List.copyOf(laid);
    }

    public Setup from(From side) {
        return new Setup(side, opponent, place, charterSd, laid);
    }
}
