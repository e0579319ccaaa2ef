package bersaglio.core.tactic;

import bersaglio.core.court.Sport;
import bersaglio.core.match.Laws;
import bersaglio.core.match.MatchShot;
import bersaglio.core.match.PlayedRally;
import bersaglio.core.match.Spots;
import bersaglio.core.match.Team;
import java.util.Optional;

/** A shot of a rally, with what came before it. */
record RallyShot(Sport sport, PlayedRally rally, int at, Team own) {

    MatchShot shot() {
        return rally.shots().get(at);
    }

    boolean isOwn() {
        return shot().by().team() == own;
    }

    int spot() {
        return shot().spot();
    }

    /** Nothing where nobody said with which stroke, or where the stroke goes neither way. */
    Optional<Boolean> isDown() {
        return Laws.goesDown(sport, shot().stroke());
    }

    /** Whether the shot before it was charted. */
    private Optional<MatchShot> before() {
        return at == 0 || shot().gap()
                ? Optional.empty()
                : Optional.of(rally.shots().get(at - 1));
    }

    /** The part of the own half that the ball came to, seen by who hits. */
    Optional<Integer> takenAt() {
        return before().filter(shot -> shot.spot() > 0 && !shot.isServe())
                .map(shot -> Spots.across(shot.spot()))
                .map(spot -> Laws.isOneHalf(sport) ? Spots.across(spot) : mirrored(spot));
    }

    /** Rows are as far from the net on either side of it; lanes change hands. */
    private static int mirrored(int spot) {
        return 3 * (2 - (spot - 1) / 3) + (spot - 1) % 3 + 1;
    }

    Optional<Boolean> isTakenBeforeServiceLine() {
        double line = Laws.serviceLine(sport);
        Optional<MatchShot> last = before().filter(shot -> shot.placed().isPresent() && !shot.isServe());
        if (last.isEmpty() || line == 0) {
            return Optional.empty();
        }
        return last.get()
                .placed()
                .orElseThrow()
                .place()
                .map(place -> place.y() < line)
                .or(() -> Optional.of(
                        Spots.of(sport, false).area(last.get().spot()).middle().y() < line));
    }
}
