package bersaglio.wire.view;

import bersaglio.core.drill.Dials;
import bersaglio.core.drill.Freedom;
import org.jspecify.annotations.Nullable;

/**
 * What a level turns besides its target and goal; what is absent is as the drill says.
 *
 * @param distance     from the target, in metres
 * @param secondsABall from feed to feed
 * @param contacts     allowed before the ball goes over, 0 for any number
 */
public record DialsView(
        @Nullable Double distance,
        @Nullable Double secondsABall,
        String feed,
        @Nullable Freedom freedom,
        int contacts,
        Dials.Hitting hitting) {

    public static DialsView of(Dials dials) {
        return new DialsView(
                dials.distance().isPresent() ? dials.distance().getAsDouble() : null,
                dials.secondsABall().isPresent() ? dials.secondsABall().getAsDouble() : null,
                dials.feed(),
                dials.freedom().orElse(null),
                dials.contacts(),
                dials.hitting());
    }
}
