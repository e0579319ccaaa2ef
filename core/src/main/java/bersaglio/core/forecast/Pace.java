package bersaglio.core.forecast;

import bersaglio.core.drill.Freedom;
import bersaglio.core.problem.Check;

/**
 * What time goes by.
 *
 * @param secondsABall  pick-up included, teaching pauses left out
 * @param secondsAReset to set up again after an attempt broke
 * @param restSeconds   in the whole set, between its rounds
 */
public record Pace(double secondsABall, double secondsAReset, double restSeconds) {

    private static final double RESET = 8;

    public Pace {
        Check.requireBetween("secondsABall", secondsABall, 0.2, 600);
        Check.requireBetween("secondsAReset", secondsAReset, 0, 600);
        Check.requireBetween("restSeconds", restSeconds, 0, 36_000);
    }

    /** Of a player whose own pace at the drill is not known yet. */
    public static Pace firstTime(Freedom freedom) {
        double seconds =
                switch (freedom) {
                    case FED -> 6;
                    case FIXED -> 8;
                    case RANDOM -> 9;
                    case SEMI_OPEN -> 14;
                    case GAME, MATCH -> 20;
                };
        return new Pace(seconds, RESET, 0);
    }

    public Pace at(double seconds) {
        return new Pace(seconds, secondsAReset, restSeconds);
    }
}
