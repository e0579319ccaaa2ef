package bersaglio.wire.view;

import bersaglio.core.court.Side;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;

/** An outcome with the side missed. */
public record RulingView(Outcome outcome, Side side) {

    public static RulingView of(Ruling ruling) {
        return new RulingView(ruling.outcome(), ruling.side());
    }
}
