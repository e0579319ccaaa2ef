package bersaglio.core.group;

/** What somebody does in a turn. */
public enum Post {
    HITTER,
    FEEDER,
    OPPONENT,
    /** With a partner or alone against others, all doing the same. */
    PLAYER,
    WAITING;

    boolean isOnCourt() {
        return this != WAITING;
    }
}
