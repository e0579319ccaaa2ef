package bersaglio.core.target;

import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Side;
import bersaglio.core.court.StraightLine;
import bersaglio.core.court.StraightLine.Way;
import bersaglio.core.court.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * How to put a piece of a zone down: each marker by two distances, each square to a line that can be seen.
 *
 * @param number of the ring, from 1 for the innermost; 0 for another piece
 * @param radius of the cord to draw a circle with about the only marker; 0 where corners are marked
 */
public record LayingCard(Piece piece, int number, List<Marker> markers, double radius) {

    /** What is put down. */
    public enum Piece {
        ZONE,
        RING,
        BAD_MIDDLE,
        AIM
    }

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

    /** @return a card for each piece; none when the surface has no line across or none along to measure from */
    public static List<LayingCard> of(Ground ground, Surface surface) {
        if (lines(surface, Way.ACROSS).isEmpty() || lines(surface, Way.ALONG).isEmpty()) {
            return List.of();
        }
        List<LayingCard> cards = new ArrayList<>();
        for (int ring = 1; ring <= ground.rings().size(); ring++) {
            cards.add(card(Piece.RING, ring, ground.rings().get(ring - 1).area(), surface));
        }
        if (cards.isEmpty()) {
            cards.add(card(Piece.ZONE, 0, ground.whole(), surface));
        }
        ground.badMiddle().ifPresent(middle -> cards.add(card(Piece.BAD_MIDDLE, 0, middle, surface)));
        ground.aim().ifPresent(aim -> cards.add(new LayingCard(Piece.AIM, 0, List.of(marker(aim, surface)), 0)));
        return cards;
    }

    private static LayingCard card(Piece piece, int number, Area area, Surface surface) {
        List<Marker> markers =
                places(area).stream().map(place -> marker(place, surface)).toList();
        return new LayingCard(piece, number, markers, area instanceof Circle circle ? circle.radius() : 0);
    }

    private static Marker marker(Point place, Surface surface) {
        return new Marker(place, nearest(surface, place, Way.ACROSS), nearest(surface, place, Way.ALONG));
    }

    private static List<Point> places(Area area) {
        if (area instanceof Polygon polygon) {
            return polygon.corners();
        }
        if (area instanceof Rectangle box) {
            return box.corners();
        }
        return List.of(area.middle());
    }

    private static List<StraightLine> lines(Surface surface, Way way) {
        return surface.straightLines().stream()
                .filter(line -> line.way() == way)
                .toList();
    }

    /** The nearest line that runs beside the place; where none does, the nearest whose lengthening would. */
    private static Offset nearest(Surface surface, Point place, Way way) {
        Offset best = null;
        boolean bestBeside = false;
        for (StraightLine line : lines(surface, way)) {
            double at = way == Way.ACROSS ? place.y() : place.x();
            double beside = way == Way.ACROSS ? place.x() : place.y();
            double away = Math.abs(at - line.at());
            boolean isBeside = beside >= line.from() - ON_LINE && beside <= line.to() + ON_LINE;
            if (best == null || isBeside && !bestBeside || isBeside == bestBeside && away < best.metres() - ON_LINE) {
                best = new Offset(line.name(), away, side(way, at - line.at()));
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
}
