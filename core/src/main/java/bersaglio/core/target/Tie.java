package bersaglio.core.target;

import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;

/** What a zone is tied to: it mirrors when that flips, and only then. */
public enum Tie {
    COURT,
    SIDE,
    HITTER_HAND,
    OPPONENT_HAND;

    boolean flips(Conditions conditions) {
        return switch (this) {
            case COURT -> false;
            case SIDE -> conditions.from() == From.LEFT;
            case HITTER_HAND -> conditions.hitter() == Hand.LEFT;
            case OPPONENT_HAND -> conditions.opponent() == Hand.LEFT;
        };
    }
}
