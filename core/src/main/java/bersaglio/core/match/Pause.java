package bersaglio.core.match;

/** Why play rests before the next rally. */
public enum Pause {
    NONE,
    /** In the middle of a game. */
    INTERVAL,
    /** The teams change ends. */
    ENDS,
    /** Between two sets, or two games where these make no set. */
    PART,
    OVER
}
