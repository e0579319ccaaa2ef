package bersaglio.core.shot;

/** Who hits in a rally, seen from the player whose set it is. */
public enum Role {
    PLAYER,
    /** Who plays with the player. */
    PARTNER,
    FEEDER,
    /** Who plays against the player. */
    OPPONENT
}
