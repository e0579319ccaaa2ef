package bersaglio.core.charting;

import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;

/**
 * A player's move from one rung to another.
 *
 * @param unmet whether the coach moved the player on though the quota was not met; that never becomes a pass
 */
public record LevelMove(int from, int to, By by, boolean unmet) {

    /** Who decided. */
    public enum By {
        RULE,
        COACH
    }

    public LevelMove {
        Check.requireBetween("from", from, 1, 50);
        Check.requireBetween("to", to, 1, 50);
        if (from == to) {
            throw new Refused("out_of_range", "to", Integer.toString(to), "another level than " + from);
        }
        if (unmet && by == By.RULE) {
            throw new Refused("bad_move", "unmet", "true", "only with by COACH");
        }
    }
}
