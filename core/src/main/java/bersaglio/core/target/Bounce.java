package bersaglio.core.target;

/** Which bounce of a ball a target looks at. */
public enum Bounce {
    FIRST,
    /** Where the second one falls, or would fall; it can be off the court. */
    SECOND
}
