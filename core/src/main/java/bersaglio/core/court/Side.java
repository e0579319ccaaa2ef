package bersaglio.core.court;

import bersaglio.core.words.Said;

/** A side in the hitter's frame: nearer the net, farther from it, or to the hitter's left or right. */
public enum Side implements Said {
    NONE(""),
    SHORT("short of"),
    DEEP("deep of"),
    LEFT("left of"),
    RIGHT("right of");

    private final String words;

    Side(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }

    public Side reflected() {
        return switch (this) {
            case SHORT -> DEEP;
            case DEEP -> SHORT;
            case LEFT, RIGHT, NONE -> this;
        };
    }

    public Side mirrored() {
        return switch (this) {
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
            case SHORT, DEEP, NONE -> this;
        };
    }
}
