package bersaglio.core.tactic;

import bersaglio.core.match.Spots;
import bersaglio.core.match.Spots.Lane;
import java.util.Optional;

/** Which way a shot goes, seen by who hits it. */
public enum Going {
    /** By its stroke. */
    DOWN,
    UP,
    SHORT,
    DEEP,
    LEFT,
    RIGHT,
    CENTRE,
    /** To the other side than it is hit from. */
    CROSS,
    STRAIGHT;

    /** @return nothing where the place of the shot, or of the one before it, is not known */
    Optional<Boolean> holds(RallyShot shot) {
        return switch (this) {
            case DOWN -> shot.isDown();
            case UP -> shot.isDown().map(down -> !down);
            case SHORT -> spot(shot).map(spot -> Spots.row(spot) == Spots.Row.FRONT);
            case DEEP -> spot(shot).map(spot -> Spots.row(spot) == Spots.Row.BACK);
            case LEFT -> lane(shot).map(lane -> lane == Lane.LEFT);
            case RIGHT -> lane(shot).map(lane -> lane == Lane.RIGHT);
            case CENTRE -> lane(shot).map(lane -> lane == Lane.MIDDLE);
            case STRAIGHT -> staysOnItsSide(shot);
            case CROSS -> staysOnItsSide(shot).map(stays -> !stays);
        };
    }

    private static Optional<Integer> spot(RallyShot shot) {
        return Optional.of(shot.spot()).filter(spot -> spot > 0);
    }

    private static Optional<Lane> lane(RallyShot shot) {
        return spot(shot).map(Spots::lane);
    }

    /** Nothing to or from the middle, which is no side. */
    private static Optional<Boolean> staysOnItsSide(RallyShot shot) {
        Optional<Lane> to = lane(shot).filter(lane -> lane != Lane.MIDDLE);
        Optional<Lane> from = shot.takenAt().map(Spots::lane).filter(lane -> lane != Lane.MIDDLE);
        return to.flatMap(there -> from.map(there::equals));
    }
}
