package bersaglio.core.pattern;

/** Who plays in a pattern, by the place taken in it and not by name. */
public enum Actor {
    A,
    B,
    C,
    D,
    FEEDER
}
