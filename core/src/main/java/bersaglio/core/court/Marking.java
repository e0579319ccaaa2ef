package bersaglio.core.court;

/** What is painted on a surface, along the edge that the law measures to. */
public sealed interface Marking {

    /** Which game it is painted for. */
    enum Use {
        BOTH,
        SINGLES,
        DOUBLES
    }

    /** What it is called, such as {@code back}; several pieces of one line share a name. */
    String name();

    Use use();

    /** In the line of the net. */
    Marking reflected();

    /** A straight line. */
    record Line(String name, Point from, Point to, Use use) implements Marking {
        @Override
        public Line reflected() {
            return new Line(name, from.reflected(), to.reflected(), use);
        }
    }

    /** A part of a circle, drawn counter-clockwise; angles in degrees from the right. */
    record Arc(String name, Point middle, double radius, double fromDegrees, double toDegrees, Use use)
            implements Marking {
        @Override
        public Arc reflected() {
            return new Arc(name, middle.reflected(), radius, 360 - toDegrees, 360 - fromDegrees, use);
        }
    }
}
