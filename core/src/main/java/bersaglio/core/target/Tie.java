package bersaglio.core.target;

/** What a zone is tied to: it mirrors when that flips, and only then. */
public enum Tie {
    COURT,
    HITTER_HAND
}
