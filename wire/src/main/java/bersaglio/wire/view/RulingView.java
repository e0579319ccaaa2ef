package bersaglio.wire.view;

import bersaglio.core.court.Side;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;

/** An outcome with the side missed, and the number of the zone that decided, 0 where none did. */
public record RulingView(Outcome outcome, Side side, int zone) {

    public static RulingView of(Ruling ruling) {
        return new RulingView(ruling.outcome(), ruling.side(), ruling.zone());
    }
}
