package bersaglio.core.goal;

import bersaglio.core.format.Family;
import bersaglio.core.problem.Check;
import bersaglio.core.rally.Contacts;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/** What a set of a drill asks for. Each kind says how its set plays; {@link Scoresheet} follows one. */
@Family
public sealed interface Goal
        permits BestToBeat,
                Circuit,
                Compare,
                Cover,
                Duel,
                FixedTest,
                Hold,
                Ladder,
                Measured,
                Quota,
                Race,
                Rally,
                Run,
                Tick,
                Timed,
                Total,
                Stopwatch,
                Window {

    /** A set of this goal before its first ball. */
    Play play(Start start);

    /** What it asks for, in words that read back. */
    void write(Sentence to);

    /** How its count is read out. */
    Readout readout();

    /** Whether there is a rate of hits that meets it more often the higher it is. */
    default boolean isDecidedByRate() {
        return true;
    }

    /** Balls that a set takes at most; {@link Play#NO_END} where only its goal ends it. */
    int mostBalls();

    /** Whether the balls that are left count on once the goal is met, as in a fixed block. */
    default boolean playsOn() {
        return false;
    }

    /** Whether hits alone decide it, so that "h of n" says all that there is to say. */
    default boolean hitsAloneDecide() {
        return false;
    }

    /** Whether time decides it, so that the balls to come say little of how it ends. */
    default boolean goesByTheClock() {
        return false;
    }

    /** Whether somebody starts and stops a clock while it is played. */
    default boolean hasAClock() {
        return goesByTheClock();
    }

    /** How many sides play against each other; 1 where nobody does. */
    default int sides() {
        return 1;
    }

    /** Seconds that the clock takes, rests and what is still in the air at a signal counted; 0 where there is no clock. */
    default double clockSeconds() {
        return 0;
    }

    /** Balls that a count cannot have come to without; 0 where balls and count do not go together. */
    default int fewestBallsFor(int count) {
        return hitsAloneDecide() ? count : 0;
    }

    /** Which contacts make the length of a rally. */
    default Contacts contacts() {
        return Contacts.ALL;
    }

    /** The same goal that asks for so many more, where there is one. */
    default Optional<Goal> harderBy(int more) {
        return Optional.empty();
    }

    /** The rallies that it is of; nothing where what it asks for is something else. */
    default Optional<Rally> rallies() {
        return Optional.empty();
    }

    /** Rows of goals that ask for more and more, all else the same. */
    default List<List<Goal>> rows() {
        return List.of();
    }

    /** Whether it is held to compare, and moves nobody. */
    default boolean onlyCompares() {
        return false;
    }

    /** What a miss does. */
    default MissRule misses() {
        return MissRule.COUNT_ON;
    }

    /** The set as it is worked out ahead. */
    default Ahead ahead(double secondsABall) {
        Check.requirePositive("secondsABall", secondsABall);
        return new Ahead(play(Start.FRESH), mostBalls(), playsOn());
    }
}
