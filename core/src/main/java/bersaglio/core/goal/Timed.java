package bersaglio.core.goal;

import bersaglio.core.format.Kind;
import bersaglio.core.format.Usually;
import bersaglio.core.goal.Clocked.Leg;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * Hits against the clock, in rounds.
 *
 * @param rounds  1 to 20
 * @param seconds of a round, 5 to 1800
 * @param rest    seconds between rounds, 0 to 600
 * @param hits    wanted in all rounds together; 0 to count only, as where sides play against each other
 * @param sides   1 for a player alone, 2 to 4 that count against each other until the last signal
 */
@Kind("TIMED")
public record Timed(int rounds, int seconds, int rest, int hits, Signal signal, @Usually("1") int sides)
        implements Goal {

    public Timed(int rounds, int seconds, int rest, int hits, Signal signal) {
        this(rounds, seconds, rest, hits, signal, 1);
    }

    public Timed {
        Check.requireBetween("sides", sides, 1, Step.MOST_SIDES);
        Check.requireBetween("hits", hits, 0, sides > 1 ? 0 : 1000);
        Check.requireBetween("rounds", rounds, 1, 20);
        Check.requireBetween("seconds", seconds, 5, 1800);
        Check.requireBetween("rest", rest, 0, 600);
    }

    /** Its words after the hits, which are 0 where they are only counted: {@code 12 hits in 2 rounds of 60 s}. */
    static Timed read(int hits, Reader from) {
        int rounds = from.counted("round", "rounds");
        from.needs("of");
        int seconds = GoalWords.seconds(from);
        int rest = GoalWords.rest(from);
        int sides = from.takes("between") ? from.counted("side", "sides") : 1;
        return new Timed(rounds, seconds, rest, hits, from.one(Signal.values()), sides);
    }

    @Override
    public void write(Sentence to) {
        (hits == 0 ? to.say("count hits") : GoalWords.hits(to, hits)).say("in");
        GoalWords.seconds(to.counted(rounds, "round", "rounds").say("of"), seconds);
        GoalWords.rest(to, rest);
        if (sides > 1) {
            to.comma().say("between").counted(sides, "side", "sides");
        }
        to.comma().say(signal);
    }

    @Override
    public Readout readout() {
        return Readout.byTheClock(sides, hits);
    }

    @Override
    public Play play(Start start) {
        return Clocked.of(Collections.nCopies(rounds, new Leg("", 0, seconds)), hits, signal, sides);
    }

    @Override
    public boolean goesByTheClock() {
        return true;
    }

    @Override
    public double clockSeconds() {
        return Clocked.seconds(rounds * seconds, rounds, rest, signal);
    }

    @Override
    public Optional<Goal> harderBy(int more) {
        return sides > 1 ? Optional.empty() : Optional.of(new Timed(rounds, seconds, rest, hits + more, signal));
    }

    @Override
    public List<List<Goal>> rows() {
        return sides > 1
                ? List.of()
                : List.of(Goals.rising(2 * Math.max(1, hits), hits -> new Timed(rounds, seconds, rest, hits, signal)));
    }

    @Override
    public int mostBalls() {
        return Play.NO_END;
    }

    @Override
    public boolean playsOn() {
        return true;
    }

    @Override
    public Ahead ahead(double secondsABall) {
        return Ahead.inTime(hits, rounds * Ahead.ballsIn(seconds, secondsABall));
    }
}
