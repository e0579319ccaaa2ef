package bersaglio.core.court;

import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;

/**
 * Areas and places in words. Across comes first, to the hitter's right; then away from the hitter, or up a wall. What is
 * drawn from an opponent counts reaches across.
 */
public enum AreaWords {
    IN_METRES("m"),
    IN_REACHES("reaches");

    private final String across;

    AreaWords(String across) {
        this.across = across;
    }

    public Area read(Reader from) {
        return from.at(() -> area(from));
    }

    private Area area(Reader from) {
        if (from.takes("from")) {
            return Rectangle.read(from, this);
        } else if (from.takes("circle of")) {
            return Circle.read(from, this);
        }
        from.needs("corners");
        return Polygon.read(from, this);
    }

    public Point point(Reader from) {
        double x = across(from);
        return new Point(x, from.metres());
    }

    double across(Reader from) {
        return this == IN_METRES ? from.metres() : reaches(from);
    }

    private static double reaches(Reader from) {
        double number = from.number();
        from.needs("reaches");
        return number;
    }

    Sentence across(Sentence to, double number) {
        return to.number(number).say(across);
    }

    public void write(Sentence to, Point point) {
        to.say("(" + across(new Sentence(), point.x()).comma().metres(point.y()) + ")");
    }
}
