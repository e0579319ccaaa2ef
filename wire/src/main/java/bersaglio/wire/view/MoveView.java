package bersaglio.wire.view;

import bersaglio.core.charting.LevelMove;

/** A level move that stands. */
public record MoveView(int from, int to, LevelMove.By by, boolean unmet) {

    public static MoveView of(LevelMove move) {
        return new MoveView(move.from(), move.to(), move.by(), move.unmet());
    }
}
