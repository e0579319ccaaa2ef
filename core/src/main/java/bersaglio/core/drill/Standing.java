package bersaglio.core.drill;

/** How a goal stands. */
public enum Standing {
    OPEN,
    MET,
    OUT_OF_REACH
}
