package bersaglio.core.written;

import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import java.util.ArrayList;
import java.util.List;

/**
 * Areas and places in words. Across comes first, to the hitter's right; then away from the hitter, or up a wall. What is
 * drawn from an opponent counts reaches across.
 */
enum AreaWords {
    IN_METRES("m"),
    IN_REACHES("reaches");

    private final String across;

    AreaWords(String across) {
        this.across = across;
    }

    Area read(Reader from) {
        return from.at(() -> area(from));
    }

    private Area area(Reader from) {
        if (from.takes("from")) {
            double left = across(from);
            from.needs("to");
            double right = across(from);
            from.needs("across from");
            double near = from.metres();
            from.needs("to");
            double far = from.metres();
            if (!from.takes("up")) {
                from.needs("away");
            }
            return new Rectangle(left, near, right, far);
        } else if (from.takes("circle of")) {
            double radius = from.metres();
            from.needs("about");
            return new Circle(point(from), radius);
        }
        from.needs("corners");
        List<Point> corners = new ArrayList<>();
        do {
            corners.add(point(from));
        } while (from.numberIsNext());
        return new Polygon(corners);
    }

    Point point(Reader from) {
        double x = across(from);
        return new Point(x, from.metres());
    }

    private double across(Reader from) {
        return this == IN_METRES ? from.metres() : reaches(from);
    }

    private static double reaches(Reader from) {
        double number = from.number();
        from.needs("reaches");
        return number;
    }

    void write(Sentence to, Area area) {
        if (area instanceof Rectangle box) {
            to.say("from").number(box.left()).say(across).say("to").number(box.right());
            to.say(across).say("across").comma();
            to.say("from").number(box.near()).say("to").metres(box.far()).say("away");
        } else if (area instanceof Circle circle) {
            write(to.say("circle of").metres(circle.radius()).say("about"), circle.middle());
        } else {
            List<Point> corners = ((Polygon) area).corners();
            to.say("corners");
            for (int i = 0; i < corners.size(); i++) {
                write(i == 0 ? to : to.comma(), corners.get(i));
            }
        }
    }

    void write(Sentence to, Point point) {
        to.say("(" + new Sentence().number(point.x()).say(across).comma().metres(point.y()) + ")");
    }
}
