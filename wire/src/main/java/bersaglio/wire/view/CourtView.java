package bersaglio.wire.view;

import bersaglio.core.court.CourtHalf;
import bersaglio.core.court.Line;
import java.util.List;

/**
 * The half of a court that a player hits into, for drawing.
 *
 * @param margin how far around it a touch still has a place, in metres
 */
public record CourtView(String name, AreaView singles, AreaView doubles, double margin, List<LineView> lines) {

    /** A painted line, and the game it is painted for. */
    public record LineView(double x1, double y1, double x2, double y2, Line.Use use) {}

    public static CourtView of(CourtHalf court) {
        return new CourtView(
                court.name(),
                AreaView.of(court.singles()),
                AreaView.of(court.doubles()),
                court.margin(),
                court.lines().stream()
                        .map(line -> new LineView(
                                line.from().x(),
                                line.from().y(),
                                line.to().x(),
                                line.to().y(),
                                line.use()))
                        .toList());
    }
}
