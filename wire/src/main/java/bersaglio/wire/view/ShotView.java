package bersaglio.wire.view;

import bersaglio.core.court.Point;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Grain;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Role;
import bersaglio.core.shot.Ruling;
import bersaglio.core.shot.Shot;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A charted shot.
 *
 * @param x       metres to the hitter's right of where it was seen last, absent when it has no place
 * @param y       metres from the net, or as its surface has it
 * @param before  where it came to before that, on the surfaces of a target in order
 * @param ruling  what counts
 * @param other   what it would be beyond the edge that it is close to
 * @param close   whether it still asks for the call
 * @param counted whether it belongs to the set's block
 * @param at      milliseconds since the set's start
 * @param points  of the ring that it landed in
 * @param fromAim metres from the point aimed at, where there is one
 * @param team    the side that played it, from 0, where sides play against each other
 * @param grain   how finely it was charted
 * @param notes   what is marked on it
 * @param givenTo the player it was given to afterwards
 * @param hitter  who hit it, where that was not the player
 * @param stroke  that was said, where one was
 * @param after   the shot before it, of the same ball
 * @param step    the place of the pattern's step that it was for, where it was for one
 */
public record ShotView(
        String id,
        @Nullable Double x,
        @Nullable Double y,
        @Nullable List<Point> before,
        Ruling ruling,
        @Nullable Ruling other,
        boolean close,
        boolean called,
        boolean counted,
        Caller by,
        long at,
        int points,
        @Nullable Double fromAim,
        int team,
        Grain grain,
        List<Note> notes,
        @Nullable String givenTo,
        @Nullable Role hitter,
        @Nullable String stroke,
        @Nullable Integer step,
        @Nullable String after) {

    public static ShotView of(Shot shot) {
        List<Point> places = shot.places();
        return new ShotView(
                shot.id(),
                shot.landing().map(Point::x).orElse(null),
                shot.landing().map(Point::y).orElse(null),
                places.size() > 1 ? places.subList(0, places.size() - 1) : null,
                shot.ruling(),
                shot.other().orElse(null),
                shot.isClose(),
                shot.called(),
                shot.counted(),
                shot.by(),
                shot.at(),
                shot.points(),
                shot.fromAim().isPresent() ? shot.fromAim().getAsDouble() : null,
                shot.team(),
                shot.grain(),
                shot.notes(),
                shot.givenTo().orElse(null),
                shot.struck().isOwn() ? null : shot.struck().hitter(),
                shot.struck().stroke().isEmpty() ? null : shot.struck().stroke(),
                shot.step() == Shot.NO_STEP ? null : Integer.valueOf(shot.step()),
                shot.after().orElse(null));
    }
}
