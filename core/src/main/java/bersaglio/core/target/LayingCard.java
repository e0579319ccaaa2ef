package bersaglio.core.target;

import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Marking;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Side;
import bersaglio.core.court.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * How to put a target down: each marker by two distances, each square to a line that can be seen.
 *
 * @param radius of the cord to draw a circle with about the only marker; 0 where corners are marked
 */
public record LayingCard(List<Marker> markers, double radius) {

    /** Two lines that pass a place this near are as good as through it, in metres. */
    private static final double ON_LINE = 0.005;

    /** A place to put a marker, with its distances from a line across the surface and from one along it. */
    public record Marker(Point place, Offset across, Offset along) {}

    /**
     * A distance from a line.
     *
     * @param line   the name of the line
     * @param metres 0 when the marker stands on it
     * @param side   the side of the line on which the marker stands
     */
    public record Offset(String line, double metres, Side side) {}

    public LayingCard {
        markers = List.copyOf(markers);
    }

    /** @return nothing when the surface has no line across or none along to measure from */
    public static Optional<LayingCard> of(Area area, Surface surface) {
        if (seen(surface, Way.ACROSS).isEmpty() || seen(surface, Way.ALONG).isEmpty()) {
            return Optional.empty();
        }
        List<Marker> markers = new ArrayList<>();
        for (Point place : places(area)) {
            markers.add(new Marker(place, nearest(surface, place, Way.ACROSS), nearest(surface, place, Way.ALONG)));
        }
        return Optional.of(new LayingCard(markers, area instanceof Circle circle ? circle.radius() : 0));
    }

    private static List<Point> places(Area area) {
        if (area instanceof Polygon polygon) {
            return polygon.corners();
        }
        if (area instanceof Rectangle box) {
            return List.of(
                    new Point(box.left(), box.near()),
                    new Point(box.right(), box.near()),
                    new Point(box.right(), box.far()),
                    new Point(box.left(), box.far()));
        }
        return List.of(area.middle());
    }

    private enum Way {
        ACROSS,
        ALONG
    }

    /** The nearest line that runs beside the place; where none does, the nearest whose lengthening would. */
    private static Offset nearest(Surface surface, Point place, Way way) {
        Offset best = null;
        boolean bestBeside = false;
        for (Seen line : seen(surface, way)) {
            double at = way == Way.ACROSS ? place.y() : place.x();
            double beside = way == Way.ACROSS ? place.x() : place.y();
            double away = Math.abs(at - line.at);
            boolean isBeside = beside >= line.from - ON_LINE && beside <= line.to + ON_LINE;
            if (best == null || isBeside && !bestBeside || isBeside == bestBeside && away < best.metres() - ON_LINE) {
                best = new Offset(line.name, away, side(way, at - line.at));
                bestBeside = isBeside;
            }
        }
        return Objects.requireNonNull(best);
    }

    private static Side side(Way way, double beyond) {
        if (Math.abs(beyond) <= ON_LINE) {
            return Side.NONE;
        }
        if (way == Way.ACROSS) {
            return beyond < 0 ? Side.SHORT : Side.DEEP;
        }
        return beyond < 0 ? Side.LEFT : Side.RIGHT;
    }

    /** A straight line of the surface, where it lies and from where to where it runs. */
    private record Seen(String name, double at, double from, double to) {}

    private static List<Seen> seen(Surface surface, Way way) {
        List<Seen> lines = new ArrayList<>();
        if (way == Way.ACROSS && surface.net().isPresent() && surface.extent().near() == 0) {
            lines.add(
                    new Seen("net", 0, surface.extent().left(), surface.extent().right()));
        }
        for (Marking marking : surface.markings()) {
            if (marking instanceof Marking.Line line) {
                Point from = line.from();
                Point to = line.to();
                if (way == Way.ACROSS && from.y() == to.y()) {
                    lines.add(new Seen(line.name(), from.y(), Math.min(from.x(), to.x()), Math.max(from.x(), to.x())));
                } else if (way == Way.ALONG && from.x() == to.x()) {
                    lines.add(new Seen(line.name(), from.x(), Math.min(from.y(), to.y()), Math.max(from.y(), to.y())));
                }
            }
        }
        return lines;
    }
}
