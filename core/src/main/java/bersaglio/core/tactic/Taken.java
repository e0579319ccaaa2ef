package bersaglio.core.tactic;

import bersaglio.core.match.Spots;
import java.util.Optional;

/** Where a ball is taken: the place that the shot before it went to. */
public enum Taken {
    FRONT,
    MIDDLE,
    BACK,
    BEFORE_SERVICE_LINE;

    Optional<Boolean> holds(RallyShot shot) {
        if (this == BEFORE_SERVICE_LINE) {
            return shot.isTakenBeforeServiceLine();
        }
        return shot.takenAt().map(spot -> Spots.row(spot).ordinal() == ordinal());
    }
}
