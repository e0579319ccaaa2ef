package bersaglio.core.drill;

/** How open a drill is, from a fed ball to a match. */
public enum Freedom {
    FED,
    FIXED,
    RANDOM,
    SEMI_OPEN,
    GAME,
    MATCH
}
