package bersaglio.core.advice;

import bersaglio.core.court.Sport;
import bersaglio.core.match.Laws;
import bersaglio.core.match.MatchShot;
import bersaglio.core.match.PlayedRally;
import bersaglio.core.match.RallyEnd;
import bersaglio.core.shot.Outcome;
import java.util.List;
import java.util.Optional;

/** What came of a placement within the next two contacts. */
public enum Effect {
    /** It did not come back. */
    UNRETURNED,
    /** It came back, and the next shot could attack or won. */
    WEAK,
    NEUTRAL,
    /** It came back as an attack. */
    ATTACKED,
    /** It came back, and the next shot was an error. */
    OWN_ERROR;

    /** @return nothing where the rally was not charted whole, or was not played out */
    static Optional<Effect> of(Sport sport, PlayedRally rally, int at) {
        List<MatchShot> shots = rally.shots();
        if (!rally.isWhole() || !shots.get(at).isIn() || rally.end().winner().isEmpty()) {
            return Optional.empty();
        }
        if (at + 1 >= shots.size()) {
            boolean kept =
                    rally.end().winner().equals(Optional.of(shots.get(at).by().team()));
            return kept ? Optional.of(UNRETURNED) : Optional.empty();
        }
        MatchShot reply = shots.get(at + 1);
        if (isMiss(reply)) {
            return Optional.of(UNRETURNED);
        } else if (Laws.isAttack(sport, reply.stroke())) {
            return Optional.of(ATTACKED);
        } else if (at + 2 >= shots.size()) {
            return Optional.of(NEUTRAL);
        }
        MatchShot next = shots.get(at + 2);
        boolean won = at + 3 >= shots.size() && rally.end().how() == RallyEnd.How.WINNER;
        return Optional.of(isMiss(next) ? OWN_ERROR : won || Laws.isAttack(sport, next.stroke()) ? WEAK : NEUTRAL);
    }

    private static boolean isMiss(MatchShot shot) {
        return !shot.isIn() && shot.ruling().outcome() != Outcome.NOT_SEEN;
    }
}
