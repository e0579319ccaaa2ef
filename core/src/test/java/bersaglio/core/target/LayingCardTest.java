package bersaglio.core.target;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.Samples;
import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Marking;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Side;
import bersaglio.core.court.Surface;
import bersaglio.core.court.sport.Courts;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class LayingCardTest {

    private final Surface floor = Courts.BADMINTON.main();

    @Test
    void aCornerIsPutDownFromItsNearestLines() {
        LayingCard card = card(Samples.CORNER);
        assertThat(card.markers()).hasSize(4);
        assertThat(card.radius()).isZero();
        LayingCard.Marker nearLeft = card.markers().get(0);
        assertThat(nearLeft.across().line()).isEqualTo("long-service");
        assertThat(nearLeft.across().metres()).isCloseTo(0.24, within(1e-9));
        assertThat(nearLeft.across().side()).isEqualTo(Side.SHORT);
        assertThat(nearLeft.along().line()).isEqualTo("right-singles-side");
        assertThat(nearLeft.along().metres()).isCloseTo(1.0, within(1e-9));
        assertThat(nearLeft.along().side()).isEqualTo(Side.LEFT);
    }

    @Test
    void aMarkerOnALineIsSaidToStandOnIt() {
        LayingCard.Marker farRight = card(Samples.CORNER).markers().get(2);
        assertThat(farRight.across()).isEqualTo(new LayingCard.Offset("back", 0, Side.NONE));
        assertThat(farRight.along()).isEqualTo(new LayingCard.Offset("right-singles-side", 0, Side.NONE));
    }

    @Test
    void aCircleIsDrawnWithACordAboutItsMiddle() {
        LayingCard card = card(new Circle(new Point(0.3, 3), 0.5));
        assertThat(card.radius()).isEqualTo(0.5);
        assertThat(card.markers()).singleElement().satisfies(marker -> {
            assertThat(marker.along().line()).isEqualTo("centre");
            assertThat(marker.across().line()).isEqualTo("short-service");
        });
    }

    @Test
    void closeToTheNetItIsMeasuredFromTheNetAndNotFromALineThatEndsElsewhere() {
        LayingCard.Marker marker =
                card(new Rectangle(0.1, 0.3, 0.6, 0.8)).markers().get(0);
        assertThat(marker.across().line()).isEqualTo("net");
        assertThat(marker.along().line()).isEqualTo("right-singles-side");
    }

    @Test
    void whereThereAreNoLinesThereIsNoCard() {
        Surface ring = Courts.named("basketball").surface(Plane.RING);
        assertThat(LayingCard.of(Ground.good(new Circle(new Point(0, 0), 0.1)), ring))
                .isEmpty();
    }

    /** Going the two distances from the two lines leads to the place, wherever it is. */
    @Property(tries = 200)
    void theTwoDistancesLeadToThePlace(@ForAll long seed) {
        Random random = new Random(seed);
        Circle spot = new Circle(new Point(random.nextDouble() * 6 - 3, random.nextDouble() * 6.7), 0.1);
        LayingCard.Marker marker = card(spot).markers().get(0);
        double y = lineAt(marker.across().line()) + way(marker.across());
        double x = lineAt(marker.along().line()) + way(marker.along());
        assertThat(new Point(x, y).distanceTo(spot.middle())).isLessThan(0.01);
    }

    private LayingCard card(Area area) {
        return LayingCard.of(Ground.good(area), floor).get(0);
    }

    private double lineAt(String name) {
        if (name.equals("net")) {
            return 0;
        }
        return floor.markings().stream()
                .filter(marking -> marking.name().equals(name))
                .map(Marking.Line.class::cast)
                .map(line -> line.from().y() == line.to().y()
                        ? line.from().y()
                        : line.from().x())
                .findFirst()
                .orElseThrow();
    }

    private static double way(LayingCard.Offset offset) {
        return switch (offset.side()) {
            case SHORT, LEFT -> -offset.metres();
            default -> offset.metres();
        };
    }
}
