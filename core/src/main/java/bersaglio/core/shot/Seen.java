package bersaglio.core.shot;

import bersaglio.core.court.Point;
import java.util.List;

/**
 * What was seen of a shot.
 *
 * @param places where the ball was touched in, in the order in which it came there; none when it has no place
 * @param at     milliseconds since the set's start
 * @param grain  how finely it was charted
 */
public record Seen(List<Point> places, Caller by, long at, Grain grain) {
    public Seen {
        places = List.copyOf(places);
    }
}
