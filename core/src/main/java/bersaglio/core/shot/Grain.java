package bersaglio.core.shot;

/** How finely a trial was charted; it is kept with it. */
public enum Grain {
    LANDING,
    ZONE,
    HIT_OR_MISS,
    /** So many of so many, in no order. */
    COUNT_ONLY
}
