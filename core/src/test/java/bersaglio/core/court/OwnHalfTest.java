package bersaglio.core.court;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.court.StraightLine.Way;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.problem.Refused;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The hitter's own half and the plane above the net, made from the half that is hit into. */
class OwnHalfTest {

    static List<Court> courtsWithNets() {
        return Courts.all().stream().filter(court -> court.has(Plane.OWN_HALF)).toList();
    }

    @ParameterizedTest
    @MethodSource("courtsWithNets")
    void theOwnHalfIsTheOtherOneReflectedInTheNet(Court court) {
        Surface own = court.surface(Plane.OWN_HALF);
        assertThat(own.extent().reflected()).isEqualTo(court.main().extent());
        assertThat(own.extent().far()).isZero();
        for (Region region : court.main().regions()) {
            Region there = own.region(region.id());
            assertThat(there.area().size()).isCloseTo(region.area().size(), within(1e-9));
            assertThat(there.area().reflected()).isEqualTo(region.area());
            assertThat(there.outEdges()).hasSameSizeAs(region.outEdges());
        }
        assertThat(own.markings()).hasSameSizeAs(court.main().markings());
    }

    @ParameterizedTest
    @MethodSource("courtsWithNets")
    void aBallIsOverTheNetWhereItIsAboveTheTape(Court court) {
        Surface over = court.surface(Plane.OVER_NET);
        Net net = court.main().net().orElseThrow();
        Region region = over.firstRegion();
        assertThat(region.contains(new Point(0, net.middle()))).isTrue();
        assertThat(region.contains(new Point(0, net.middle() - 0.01))).isFalse();
        assertThat(region.contains(new Point(over.extent().right(), net.sides())))
                .isTrue();
        assertThat(region.contains(new Point(over.extent().right(), net.sides() - 0.01)))
                .isFalse();
        // Halfway to the post the tape of a net that sags is halfway up.
        double halfway = (net.middle() + net.sides()) / 2;
        assertThat(region.contains(new Point(over.extent().right() / 2, halfway + 0.001)))
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({"ACROSS, SHORT, 3, 5, 4", "ACROSS, DEEP, 5, 6.7, 1.7", "ALONG, LEFT, 1, 2, 1", "ALONG, RIGHT, 2, 3, 1"})
    void aStripEndsWhereWhatIsInUseDoes(Way way, Side side, double from, double to, double width) {
        Rectangle box = new Rectangle(1, 3, 3, 6.7);
        StraightLine line = new StraightLine("line", way, way == Way.ACROSS ? 5 : 2, 0, 9);
        Rectangle strip = line.stripOf(box, side, width);
        assertThat(way == Way.ACROSS ? strip.near() : strip.left()).isCloseTo(from, within(1e-9));
        assertThat(way == Way.ACROSS ? strip.far() : strip.right()).isCloseTo(to, within(1e-9));
        assertThat(way == Way.ACROSS ? strip.width() : strip.depth())
                .isCloseTo(way == Way.ACROSS ? box.width() : box.depth(), within(1e-9));
    }

    @Test
    void aSlantedLineIsNoLineToMeasureFrom() {
        Surface wall = Courts.named("squash").surface(Plane.LEFT_WALL);
        assertThat(wall.straightLines()).isEmpty();
        assertThat(Courts.BADMINTON.main().straightLines())
                .extracting(StraightLine::name)
                .contains("net", "back");
        assertThatThrownBy(() ->
                        new StraightLine("line", Way.ACROSS, 9, 0, 1).stripOf(new Rectangle(0, 0, 1, 1), Side.DEEP, 1))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.problem().code()).isEqualTo("off_court"));
    }
}
