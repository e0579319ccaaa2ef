package bersaglio.core.pattern;

import bersaglio.core.format.Usually;
import bersaglio.core.goal.Goal;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.Optional;

/**
 * What somebody in a pattern attends to besides the steps.
 *
 * @param watch the watch point, in the coach's words
 * @param theme what to try, in the coach's words; nobody scores it
 * @param goal  of this one's own shots, where both sides are charted and another is the player of the set: that one has
 *              the level's
 */
public record Theme(Actor by, @Usually("") String watch, @Usually("") String theme, Optional<Goal> goal) {

    private static final int LONGEST = 120;

    public Theme {
        Check.requireBetween("watch", watch.length(), 0, LONGEST);
        Check.requireBetween("theme", theme.length(), 0, LONGEST);
        goal.ifPresent(Theme::requireOfHits);
    }

    public Theme(Actor by, String watch, String theme) {
        this(by, watch, theme, Optional.empty());
    }

    private static void requireOfHits(Goal goal) {
        if (!goal.isDecidedByRate() || goal.hasAClock() || goal.sides() > 1) {
            throw new Refused(
                    "not_allowed", "goal", "a goal of another kind", "a goal that one player's hits alone meet");
        }
    }
}
