package bersaglio.core.shot;

import bersaglio.core.court.Point;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One charted shot as it stands: the mark stays as touched, the call counts.
 *
 * @param id      the event that logged it
 * @param places  where the ball was touched in, in the order in which it came there; none when it has no place
 * @param ruling  what counts
 * @param other   what it would be beyond the edge that it is close to
 * @param called  whether a person's call replaced what the mark says
 * @param counted whether it belongs to the set's block; a shot past the block is kept and not counted
 * @param at      milliseconds since the set's start
 * @param points  of the ring it landed in, 0 where none are laid
 * @param fromAim how far it landed from the point aimed at, in metres, where there is one
 * @param team    who played it, from 0, where sides play against each other
 * @param grain   how finely it was charted
 * @param notes   what is marked on it
 * @param givenTo the player it was given to afterwards, in the queue; it is void here
 * @param struck  who hit it, and how
 * @param after   the shot before it, of the same ball; nothing where it began one, or nobody logged what was before
 * @param step    the place of the pattern's step that it was for, {@link #NO_STEP} where it was for none
 */
public record Shot(
        String id,
        List<Point> places,
        Ruling ruling,
        Optional<Ruling> other,
        boolean called,
        boolean counted,
        Caller by,
        long at,
        int points,
        OptionalDouble fromAim,
        int team,
        Grain grain,
        List<Note> notes,
        Optional<String> givenTo,
        Struck struck,
        int step,
        Optional<String> after) {

    public static final int NO_STEP = -1;

    public Shot {
        places = List.copyOf(places);
        notes = List.copyOf(notes);
    }

    /** The last place it was seen at. */
    public Optional<Point> landing() {
        return places.isEmpty() ? Optional.empty() : Optional.of(places.get(places.size() - 1));
    }

    /** A shot is close while its edge is in doubt and nobody has called it. */
    public boolean isClose() {
        return other.isPresent() && !called;
    }
}
