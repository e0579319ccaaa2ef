package bersaglio.core.pattern;

import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;
import java.util.List;

/**
 * One shot of a pattern.
 *
 * @param from the number of the zone, seen from the other side, that it is hit from; 0 for wherever the ball came
 * @param ways what it may be, 1 to 4
 * @param when the ball that it is played to
 */
public record PatternStep(
        Actor by,
        @Usually("0") int from,
        List<Way> ways,
        @Usually("bersaglio.core.pattern.PatternStep.Incoming.ANY") Incoming when) {

    private static final int MOST_WAYS = 4;

    /** The ball before it. */
    public enum Incoming {
        ANY,
        SHORT,
        DEEP,
        HIGH,
        LOW,
        WIDE
    }

    public PatternStep {
        Check.requireBetween("from", from, 0, 9);
        ways = List.copyOf(ways);
        Check.requireBetween("ways", ways.size(), 1, MOST_WAYS);
    }

    public static PatternStep of(Actor by, String stroke, int zone) {
        return new PatternStep(by, 0, List.of(new Way(stroke, zone)), Incoming.ANY);
    }

    /** Whether the hitter chooses. */
    public boolean isChoice() {
        return ways.size() > 1;
    }
}
