package bersaglio.wire.view;

import bersaglio.core.court.Side;
import bersaglio.core.target.LayingCard;
import java.util.List;

/**
 * How to put a piece of a zone down.
 *
 * @param number of the ring, from 1 for the innermost; 0 for another piece
 * @param radius of the cord for a circle about the only marker; 0 where corners are marked
 */
public record CardView(LayingCard.Piece piece, int number, List<MarkerView> markers, double radius) {

    /** One marker: its distances from a line across the court and from one along it. */
    public record MarkerView(OffsetView across, OffsetView along) {}

    /** So many metres to a side of a line, seen by the hitter; {@code NONE} stands on it. */
    public record OffsetView(String line, double metres, Side side) {}

    public static CardView of(LayingCard card) {
        return new CardView(
                card.piece(),
                card.number(),
                card.markers().stream()
                        .map(marker -> new MarkerView(of(marker.across()), of(marker.along())))
                        .toList(),
                card.radius());
    }

    private static OffsetView of(LayingCard.Offset offset) {
        return new OffsetView(offset.line(), offset.metres(), offset.side());
    }
}
