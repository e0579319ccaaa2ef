package bersaglio.core.goal;

import bersaglio.core.problem.Check;
import java.util.OptionalInt;

/** What happened in a set, as its goal sees it. Times are milliseconds since the set's start, pauses left out. */
public sealed interface Step {

    int MOST_SIDES = 4;

    /** The side of the player whose set it is. */
    int THE_PLAYERS = 0;

    long at();

    /** Whose it is, from 0. */
    default int team() {
        return THE_PLAYERS;
    }

    /**
     * A scored unit of the count.
     *
     * @param team   who played it, from 0; 0 where nobody plays against anybody
     * @param zone   the number of the zone that decided, 0 where it is not known
     * @param points of the ring it landed in
     */
    record Ball(boolean hit, int team, int zone, int points, long at) implements Step {

        public Ball {
            Check.requireBetween("team", team, 0, MOST_SIDES - 1);
        }

        public static Ball of(boolean hit) {
            return new Ball(hit, 0, 0, 0, 0);
        }
    }

    /** A number that was taken: the length of a rally, seconds held, whatever the drill measures. */
    record Value(double value, int team, long at) implements Step {

        public Value {
            Check.requireBetween("value", value, 0, 1e6);
            Check.requireBetween("team", team, 0, MOST_SIDES - 1);
        }
    }

    /** The clock of a round or a lap starts. */
    record Started(long at) implements Step {}

    /** It stops. */
    record Stopped(long at) implements Step {}

    /**
     * The coach brings the count back in step: what it comes to now, whatever was seen.
     *
     * @param part  a side, a way or a zone, from 0; 0 where the count is one
     * @param count 0 to 10,000
     * @param balls used up so far; empty leaves them as they are
     */
    record CountIs(int part, int count, OptionalInt balls, long at) implements Step {

        public static final int MOST = 10_000;

        public CountIs {
            Check.requireBetween("part", part, 0, 8);
            Check.requireBetween("count", count, 0, MOST);
            Check.requireBetween("balls", balls.orElse(0), 0, MOST);
        }
    }

    /** So many of what the misses owe were paid. */
    record Paid(int count, long at) implements Step {

        public Paid {
            Check.requireBetween("count", count, 1, 1000);
        }
    }
}
