package bersaglio.core.shot;

import bersaglio.core.court.Point;
import java.util.List;
import java.util.Optional;

/**
 * One charted shot as it stands.
 *
 * @param id      the event that logged it
 * @param team    who played it, from 0, where sides play against each other
 * @param struck  who hit it, and how
 * @param notes   what is marked on it
 * @param givenTo the player it was given to afterwards, in the queue; it is void here
 * @param step    the place of the pattern's step that it was for, {@link #NO_STEP} where it was for none
 * @param after   the shot before it, of the same ball; nothing where it began one, or nobody logged what was before
 */
public record Shot(
        String id,
        Seen seen,
        Judged judged,
        int team,
        Struck struck,
        List<Note> notes,
        Optional<String> givenTo,
        int step,
        Optional<String> after) {

    public static final int NO_STEP = -1;

    public Shot {
        notes = List.copyOf(notes);
    }

    public Ruling ruling() {
        return judged.ruling();
    }

    /** The last place it was seen at. */
    public Optional<Point> landing() {
        return seen.places().isEmpty()
                ? Optional.empty()
                : Optional.of(seen.places().get(seen.places().size() - 1));
    }

    /** A shot is close while its edge is in doubt and nobody has called it. */
    public boolean isClose() {
        return judged.other().isPresent() && !judged.called();
    }
}
