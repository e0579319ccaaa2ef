package bersaglio.core.shot;

import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;

/**
 * Who hit a shot, and how.
 *
 * @param hitter seen from the player whose set it is
 * @param stroke in the sport's word for it; empty where it was as asked, or nobody said
 */
public record Struck(@Usually("bersaglio.core.shot.Role.PLAYER") Role hitter, @Usually("") String stroke) {

    private static final int LONGEST_STROKE = 24;

    public static final Struck BY_THE_PLAYER = new Struck(Role.PLAYER, "");

    public Struck {
        Check.requireBetween("stroke.length", stroke.length(), 0, LONGEST_STROKE);
    }

    public boolean isOwn() {
        return hitter == Role.PLAYER;
    }
}
