package bersaglio.core.court;

/** A sport gives its courts their words: for the ball, the court and the misses. */
public enum Sport {
    BADMINTON,
    TENNIS,
    PADEL,
    TABLE_TENNIS,
    PICKLEBALL,
    SQUASH,
    VOLLEYBALL,
    BASKETBALL,
    ANY
}
