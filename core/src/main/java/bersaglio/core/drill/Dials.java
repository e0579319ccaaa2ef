package bersaglio.core.drill;

import bersaglio.core.pattern.Pattern;
import bersaglio.core.problem.Check;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a level can turn besides its target and its goal; what is empty is as the drill says.
 *
 * @param distance     from the target, in metres, for one or both partners
 * @param secondsABall from feed to feed, pick-up included
 * @param feed         in the coach's words; empty for the drill's own
 * @param contacts     allowed before the ball goes over, 0 for any number
 * @param pattern      that is played, where one is
 */
public record Dials(
        OptionalDouble distance,
        OptionalDouble secondsABall,
        String feed,
        Optional<Freedom> freedom,
        int contacts,
        Hitting hitting,
        Optional<Pattern> pattern) {

    /** With which hand it is hit. */
    public enum Hitting {
        STRONGER_HAND,
        WEAKER_HAND
    }

    public static final Dials AS_THE_DRILL = new Dials(
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            "",
            Optional.empty(),
            0,
            Hitting.STRONGER_HAND,
            Optional.empty());

    public Dials at(double metres) {
        return new Dials(OptionalDouble.of(metres), secondsABall, feed, freedom, contacts, hitting, pattern);
    }

    public Dials every(double seconds) {
        return new Dials(distance, OptionalDouble.of(seconds), feed, freedom, contacts, hitting, pattern);
    }

    public Dials feeding(String words) {
        return new Dials(distance, secondsABall, words, freedom, contacts, hitting, pattern);
    }

    public Dials as(Freedom other) {
        return new Dials(distance, secondsABall, feed, Optional.of(other), contacts, hitting, pattern);
    }

    public Dials within(int most) {
        return new Dials(distance, secondsABall, feed, freedom, most, hitting, pattern);
    }

    public Dials with(Hitting hand) {
        return new Dials(distance, secondsABall, feed, freedom, contacts, hand, pattern);
    }

    public Dials playing(Pattern other) {
        return new Dials(distance, secondsABall, feed, freedom, contacts, hitting, Optional.of(other));
    }

    public Dials {
        Check.requireBetween("distance", distance.orElse(1), 0.1, 100);
        Check.requireBetween("secondsABall", secondsABall.orElse(1), 0.2, 600);
        Check.requireBetween("feed", feed.length(), 0, 200);
        Check.requireBetween("contacts", contacts, 0, 20);
    }
}
