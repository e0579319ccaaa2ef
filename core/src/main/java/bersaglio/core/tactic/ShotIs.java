package bersaglio.core.tactic;

import bersaglio.core.match.Spots;
import bersaglio.core.problem.Check;
import java.util.List;
import java.util.Optional;

/**
 * What a shot is, as far as it is asked.
 *
 * @param by      whose
 * @param strokes one of these; any where there are none
 * @param going   which way
 * @param spots   to one of these parts of the court; to any where there are none
 */
public record ShotIs(Whose by, List<String> strokes, Optional<Going> going, List<Integer> spots) {

    private static final int MOST = 6;

    /** Who hits it, seen from the player that the rule is for. */
    public enum Whose {
        OWN,
        THEIR,
        ANY
    }

    public ShotIs {
        Check.requireBetween("strokes", strokes.size(), 0, MOST);
        strokes = List.copyOf(strokes);
        Check.requireBetween("spots", spots.size(), 0, Spots.MOST);
        for (int i = 0; i < spots.size(); i++) {
            Check.requireBetween("spots." + i, spots.get(i), 1, Spots.MOST);
        }
        spots = List.copyOf(spots);
    }

    boolean isBy(RallyShot shot) {
        return by == Whose.ANY || shot.isOwn() == (by == Whose.OWN);
    }

    /** @return nothing where what is asked was not charted */
    Optional<Boolean> holds(RallyShot shot) {
        if (!isBy(shot)) {
            return Optional.of(false);
        }
        boolean known = true;
        if (!strokes.isEmpty()) {
            if (shot.shot().stroke().isEmpty()) {
                known = false;
            } else if (!strokes.contains(shot.shot().stroke())) {
                return Optional.of(false);
            }
        }
        if (!spots.isEmpty()) {
            if (shot.spot() == 0) {
                known = false;
            } else if (!spots.contains(shot.spot())) {
                return Optional.of(false);
            }
        }
        if (going.isPresent()) {
            Optional<Boolean> goes = going.get().holds(shot);
            if (goes.equals(Optional.of(false))) {
                return goes;
            }
            known &= goes.isPresent();
        }
        return known ? Optional.of(true) : Optional.empty();
    }
}
