package bersaglio.core.match;

/** Of two who play against each other, by the order in which they were named; one player each or a pair. */
public enum Team {
    ONE,
    TWO;

    public Team other() {
        return this == ONE ? TWO : ONE;
    }
}
