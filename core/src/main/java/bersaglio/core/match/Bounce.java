package bersaglio.core.match;

import bersaglio.core.court.Sport;

/** What a placement is the place of. The kinds are never counted together. */
public enum Bounce {
    /** Where it came down. */
    LANDED,
    /** Where the opponent met it, before it came down. */
    MET,
    /** Where it would have come down. */
    WOULD_LAND;

    /** What is touched in live play unless the charter says otherwise: a shuttle, and a ball that must not drop, is met. */
    public static Bounce usual(Sport sport) {
        return sport == Sport.BADMINTON || sport == Sport.VOLLEYBALL ? MET : LANDED;
    }
}
