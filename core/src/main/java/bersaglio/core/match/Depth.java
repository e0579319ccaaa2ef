package bersaglio.core.match;

/** How much of each rally is charted. */
public enum Depth {
    /** Who won it, and how. */
    POINTS(0),
    /** The serve, the return and the last shot. */
    ENDS(2),
    /** The first four shots and the last. */
    OPENING(4),
    /** Every shot. */
    FULL(Integer.MAX_VALUE);

    private final int first;

    Depth(int first) {
        this.first = first;
    }

    /** Shots from the serve on that are charted, besides the last. */
    public int first() {
        return first;
    }

    /** What is left where this cannot be kept up with. */
    public Depth shallower() {
        return this == POINTS ? POINTS : values()[ordinal() - 1];
    }
}
