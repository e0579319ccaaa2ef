package bersaglio.core.pattern;

import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;

/**
 * What somebody in a pattern attends to besides the steps; nobody scores it.
 *
 * @param watch the watch point, in the coach's words
 * @param theme what to try, in the coach's words
 */
public record Theme(Actor by, @Usually("") String watch, @Usually("") String theme) {

    private static final int LONGEST = 120;

    public Theme {
        Check.requireBetween("watch", watch.length(), 0, LONGEST);
        Check.requireBetween("theme", theme.length(), 0, LONGEST);
    }
}
