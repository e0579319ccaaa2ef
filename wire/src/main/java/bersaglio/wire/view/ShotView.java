package bersaglio.wire.view;

import bersaglio.core.court.Point;
import bersaglio.core.format.Flat;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Grain;
import bersaglio.core.shot.Judged;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Role;
import bersaglio.core.shot.Ruling;
import bersaglio.core.shot.Shot;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A charted shot.
 *
 * @param at      milliseconds since the set's start
 * @param team    the side that played it, from 0, where sides play against each other
 * @param grain   how finely it was charted
 * @param notes   what is marked on it
 * @param givenTo the player it was given to afterwards
 */
public record ShotView(
        String id,
        @Flat PlacedView placed,
        @Flat JudgedView judged,
        Caller by,
        long at,
        int team,
        Grain grain,
        List<Note> notes,
        @Nullable String givenTo,
        @Flat StruckView struck) {

    /**
     * Where it was seen.
     *
     * @param x      metres to the hitter's right of where it was seen last, absent when it has no place
     * @param y      metres from the net, or as its surface has it
     * @param before where it came to before that, on the surfaces of a target in order
     */
    public record PlacedView(@Nullable Double x, @Nullable Double y, @Nullable List<Point> before) {

        static PlacedView of(Shot shot) {
            List<Point> places = shot.seen().places();
            return new PlacedView(
                    shot.landing().map(Point::x).orElse(null),
                    shot.landing().map(Point::y).orElse(null),
                    places.size() > 1 ? places.subList(0, places.size() - 1) : null);
        }
    }

    /**
     * What it was.
     *
     * @param ruling  what counts
     * @param other   what it would be beyond the edge that it is close to
     * @param close   whether it still asks for the call
     * @param counted whether it belongs to the set's block
     * @param points  of the ring that it landed in
     * @param fromAim metres from the point aimed at, where there is one
     */
    public record JudgedView(
            Ruling ruling,
            @Nullable Ruling other,
            boolean close,
            boolean called,
            boolean counted,
            int points,
            @Nullable Double fromAim) {

        static JudgedView of(Shot shot) {
            Judged judged = shot.judged();
            return new JudgedView(
                    judged.ruling(),
                    judged.other().orElse(null),
                    shot.isClose(),
                    judged.called(),
                    judged.counted(),
                    judged.points(),
                    judged.fromAim().isPresent() ? judged.fromAim().getAsDouble() : null);
        }
    }

    /**
     * Who hit it and how, and what it was in the pattern.
     *
     * @param hitter where that was not the player
     * @param stroke that was said, where one was
     * @param step   the place of the pattern's step that it was for, where it was for one
     * @param after  the shot before it, of the same ball
     */
    public record StruckView(
            @Nullable Role hitter, @Nullable String stroke, @Nullable Integer step, @Nullable String after) {

        static StruckView of(Shot shot) {
            return new StruckView(
                    shot.struck().isOwn() ? null : shot.struck().hitter(),
                    shot.struck().stroke().isEmpty() ? null : shot.struck().stroke(),
                    shot.step() == Shot.NO_STEP ? null : Integer.valueOf(shot.step()),
                    shot.after().orElse(null));
        }
    }

    public static ShotView of(Shot shot) {
        return new ShotView(
                shot.id(),
                PlacedView.of(shot),
                JudgedView.of(shot),
                shot.seen().by(),
                shot.seen().at(),
                shot.team(),
                shot.seen().grain(),
                shot.notes(),
                shot.givenTo().orElse(null),
                StruckView.of(shot));
    }
}
