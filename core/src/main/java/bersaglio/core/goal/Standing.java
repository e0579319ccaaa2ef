package bersaglio.core.goal;

/** How a goal stands. */
public enum Standing {
    OPEN,
    MET,
    /** Whatever comes, this set cannot meet it any more. */
    OUT_OF_REACH,
    /** Played to its end, with nothing in it to pass. */
    DONE
}
