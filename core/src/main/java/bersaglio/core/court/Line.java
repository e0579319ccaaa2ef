package bersaglio.core.court;

/** A painted line, along its outer edge, from one point to another; where it bounds play is named. */
public record Line(Point from, Point to, Use use) {

    /** Which game the line is painted for. */
    public enum Use {
        BOTH,
        SINGLES,
        DOUBLES
    }
}
