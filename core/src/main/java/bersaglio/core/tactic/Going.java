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
        if (this == DOWN) {
            return shot.isDown();
        } else if (this == UP) {
            return shot.isDown().map(down -> !down);
        } else if (shot.spot() == 0) {
            return Optional.empty();
        }
        Lane lane = Spots.lane(shot.spot());
        return switch (this) {
            case SHORT -> Optional.of(Spots.row(shot.spot()) == Spots.Row.FRONT);
            case DEEP -> Optional.of(Spots.row(shot.spot()) == Spots.Row.BACK);
            case LEFT -> Optional.of(lane == Lane.LEFT);
            case RIGHT -> Optional.of(lane == Lane.RIGHT);
            case CENTRE -> Optional.of(lane == Lane.MIDDLE);
            default ->
                shot.takenAt()
                        .map(Spots::lane)
                        .flatMap(from -> from == Lane.MIDDLE || lane == Lane.MIDDLE
                                ? Optional.empty()
                                : Optional.of(from == lane == (this == STRAIGHT)));
        };
    }
}
