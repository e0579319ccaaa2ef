package bersaglio.wire.view;

import bersaglio.core.court.Point;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Shot;
import org.jspecify.annotations.Nullable;

/**
 * A charted shot.
 *
 * @param x       metres to the hitter's right, absent when it has no place
 * @param y       metres from the net
 * @param ruling  what counts
 * @param other   what it would be beyond the edge that it is close to
 * @param close   whether it still asks for the call
 * @param counted whether it belongs to the set's block
 * @param at      milliseconds since the set's start
 */
public record ShotView(
        String id,
        @Nullable Double x,
        @Nullable Double y,
        RulingView ruling,
        @Nullable RulingView other,
        boolean close,
        boolean called,
        boolean counted,
        Caller by,
        long at) {

    public static ShotView of(Shot shot) {
        return new ShotView(
                shot.id(),
                shot.landing().map(Point::x).orElse(null),
                shot.landing().map(Point::y).orElse(null),
                RulingView.of(shot.ruling()),
                shot.other().map(RulingView::of).orElse(null),
                shot.isClose(),
                shot.called(),
                shot.counted(),
                shot.by(),
                shot.at());
    }
}
