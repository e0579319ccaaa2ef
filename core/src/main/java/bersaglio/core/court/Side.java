package bersaglio.core.court;

/** A side in the hitter's frame: nearer the net, farther from it, or to the hitter's left or right. */
public enum Side {
    NONE,
    SHORT,
    DEEP,
    LEFT,
    RIGHT;

    public Side reflected() {
        return switch (this) {
            case SHORT -> DEEP;
            case DEEP -> SHORT;
            default -> this;
        };
    }

    public Side mirrored() {
        return switch (this) {
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
            default -> this;
        };
    }
}
