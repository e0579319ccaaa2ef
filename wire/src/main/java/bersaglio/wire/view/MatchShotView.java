package bersaglio.wire.view;

import bersaglio.core.court.Side;
import bersaglio.core.format.Flat;
import bersaglio.core.match.Bounce;
import bersaglio.core.match.MatchShot;
import bersaglio.core.match.Team;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A shot.
 *
 * @param x where the court was touched, seen by who hit it
 */
public record MatchShotView(
        String id,
        Team team,
        int player,
        String stroke,
        int spot,
        @Nullable Double x,
        @Nullable Double y,
        @Nullable Bounce bounce,
        Outcome outcome,
        @Flat WayView way,
        List<Note> notes) {

    /**
     * How it came.
     *
     * @param cause the earlier shot that caused it, where somebody said so
     */
    public record WayView(Side side, int serve, boolean gap, @Nullable String cause) {}

    static MatchShotView of(MatchShot shot) {
        var placed = shot.placed();
        var place = placed.flatMap(MatchShot.Placed::place);
        return new MatchShotView(
                shot.id(),
                shot.by().team(),
                shot.by().player(),
                shot.stroke(),
                shot.spot(),
                place.isPresent() ? Double.valueOf(place.get().x()) : null,
                place.isPresent() ? Double.valueOf(place.get().y()) : null,
                placed.isPresent() ? placed.get().kind() : null,
                shot.ruling().outcome(),
                new WayView(
                        shot.ruling().side(),
                        shot.serve(),
                        shot.gap(),
                        shot.cause().isEmpty() ? null : shot.cause()),
                shot.notes());
    }
}
