package bersaglio.core.goal;

import bersaglio.core.problem.Check;

/** What happened in a set, as its goal sees it. Times are milliseconds since the set's start, pauses left out. */
public sealed interface Step {

    int MOST_SIDES = 4;

    long at();

    /**
     * A scored unit of the count.
     *
     * @param side   who played it, from 0; 0 where nobody plays against anybody
     * @param zone   the number of the zone that decided, 0 where it is not known
     * @param points of the ring it landed in
     */
    record Ball(boolean hit, int side, int zone, int points, long at) implements Step {

        public Ball {
            Check.requireBetween("side", side, 0, MOST_SIDES - 1);
        }

        public static Ball of(boolean hit) {
            return new Ball(hit, 0, 0, 0, 0);
        }
    }

    /** A number that was taken: the length of a rally, seconds held, whatever the drill measures. */
    record Value(double value, int side, long at) implements Step {

        public Value {
            Check.requireBetween("value", value, 0, 1e6);
            Check.requireBetween("side", side, 0, MOST_SIDES - 1);
        }
    }

    /** The clock of a round or a lap starts. */
    record Started(long at) implements Step {}

    /** It stops. */
    record Stopped(long at) implements Step {}

    /** So many of what the misses owe were paid. */
    record Paid(int count, long at) implements Step {

        public Paid {
            Check.requireBetween("count", count, 1, 1000);
        }
    }
}
