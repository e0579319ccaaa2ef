package bersaglio.core.shot;

import bersaglio.core.court.Point;
import java.util.Optional;

/**
 * One charted shot as it stands: the mark stays as touched, the call counts.
 *
 * @param id      the event that logged it
 * @param landing where it was touched, when it has a place
 * @param ruling  what counts
 * @param other   what it would be beyond the edge that it is close to
 * @param called  whether a person's call replaced what the mark says
 * @param counted whether it belongs to the set's block; a shot past the block is kept and not counted
 * @param at      milliseconds since the set's start
 */
public record Shot(
        String id,
        Optional<Point> landing,
        Ruling ruling,
        Optional<Ruling> other,
        boolean called,
        boolean counted,
        Caller by,
        long at) {

    /** A shot is close while its edge is in doubt and nobody has called it. */
    public boolean isClose() {
        return other.isPresent() && !called;
    }
}
