package bersaglio.core.target;

import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;
import bersaglio.core.words.Said;

/** What a zone is tied to: it mirrors when that flips, and only then. */
public enum Tie implements Said {
    COURT(""),
    SIDE("turned by the side"),
    HITTER_HAND("turned by the hitter's hand"),
    OPPONENT_HAND("turned by the opponent's hand");

    private final String words;

    Tie(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }

    boolean flips(Conditions conditions) {
        return switch (this) {
            case COURT -> false;
            case SIDE -> conditions.from() == From.LEFT;
            case HITTER_HAND -> conditions.hitter() == Hand.LEFT;
            case OPPONENT_HAND -> conditions.opponent() == Hand.LEFT;
        };
    }
}
