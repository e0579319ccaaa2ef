package bersaglio.core.court.sport;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.court.Court;
import bersaglio.core.court.Marking;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Region;
import bersaglio.core.court.Side;
import bersaglio.core.court.Surface;
import bersaglio.core.problem.Refused;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class CourtsTest {

    /** Overall width and depth of what is hit into, from the published rules. */
    @ParameterizedTest
    @CsvSource({
        "badminton, FLOOR, 6.10, 6.70",
        "tennis, FLOOR, 10.97, 11.885",
        "padel, FLOOR, 10, 10",
        "table-tennis, TABLE, 1.525, 1.37",
        "pickleball, FLOOR, 6.10, 6.705",
        "squash, FLOOR, 6.40, 9.75",
        "volleyball, FLOOR, 9, 9",
        "basketball, FLOOR, 15, 14",
        "mini, FLOOR, 5.49, 5.485"
    })
    void aCourtIsAsLargeAsItsRulesSay(String court, Plane plane, double width, double depth) {
        Rectangle extent = Courts.named(court).surface(plane).extent();
        assertThat(extent.width()).isCloseTo(width, within(1e-9));
        assertThat(extent.depth()).isCloseTo(depth, within(1e-9));
    }

    /** Distance of a line from the origin line of its surface: across ones by y, the others by x. */
    @ParameterizedTest
    @CsvSource({
        "badminton, FLOOR, short-service, 1.98",
        "badminton, FLOOR, long-service, 5.94",
        "badminton, FLOOR, right-singles-side, 2.59",
        "badminton, FLOOR, back, 6.70",
        "tennis, FLOOR, service, 6.40",
        "tennis, FLOOR, right-singles-side, 4.115",
        "padel, FLOOR, service, 6.95",
        "pickleball, FLOOR, non-volley, 2.13",
        "squash, FLOOR, short, 5.49",
        "squash, FRONT_WALL, tin, 0.48",
        "squash, FRONT_WALL, service, 1.78",
        "squash, FRONT_WALL, out, 4.57",
        "volleyball, FLOOR, attack, 3",
        "basketball, FLOOR, free-throw, 8.20",
        "basketball, FLOOR, lane, 2.45",
        "wall-tennis, FRONT_WALL, net-line, 0.914"
    })
    void aLineLiesWhereItsRulesPutIt(String court, Plane plane, String name, double distance) {
        assertThat(lines(Courts.named(court).surface(plane)))
                .filteredOn(line -> line.name().equals(name))
                .isNotEmpty()
                .allSatisfy(line -> assertThat(
                                line.from().y() == line.to().y()
                                        ? line.from().y()
                                        : Math.abs(line.from().x()))
                        .isCloseTo(distance, within(1e-9)));
    }

    @ParameterizedTest
    @CsvSource({
        "badminton, 1.524, 1.55",
        "tennis, 0.914, 1.07",
        "padel, 0.88, 0.92",
        "table-tennis, 0.1525, 0.1525",
        "pickleball, 0.864, 0.914",
        "volleyball, 2.43, 2.43",
        "mini, 0.80, 0.80"
    })
    void aNetIsAsHighAsItsRulesSay(String court, double middle, double sides) {
        assertThat(Courts.named(court).main().net()).hasValueSatisfying(net -> {
            assertThat(net.middle()).isEqualTo(middle);
            assertThat(net.sides()).isEqualTo(sides);
        });
    }

    static List<Surface> surfaces() {
        return Courts.all().stream().flatMap(court -> court.surfaces().stream()).toList();
    }

    @ParameterizedTest
    @MethodSource("surfaces")
    void allMarkingsAndRegionsLieOnTheirSurface(Surface surface) {
        assertThat(lines(surface)).allSatisfy(line -> {
            assertThat(surface.extent().contains(line.from())).isTrue();
            assertThat(surface.extent().contains(line.to())).isTrue();
        });
        assertThat(surface.regions()).extracting(Region::id).doesNotHaveDuplicates();
        for (Region region : surface.regions()) {
            Rectangle bounds = region.area().bounds();
            assertThat(surface.extent().contains(new Point(bounds.left(), bounds.near())))
                    .isTrue();
            assertThat(surface.extent().contains(new Point(bounds.right(), bounds.far())))
                    .isTrue();
        }
    }

    /** Left and right parts of a court are each other's mirror images, lines that are out included. */
    @ParameterizedTest
    @MethodSource("surfaces")
    void leftAndRightPartsMirror(Surface surface) {
        for (Region left : surface.regions()) {
            if (left.id().startsWith("left-")) {
                Region right = surface.region("right-" + left.id().substring(5));
                assertThat(right.area()).isEqualTo(left.area().mirrored());
                assertThat(right.outEdges())
                        .containsExactlyInAnyOrderElementsOf(
                                left.outEdges().stream().map(Side::mirrored).toList());
            }
        }
    }

    @Test
    void theThreePointLineMeetsItsStraightParts() {
        Surface floor = Courts.named("basketball").surface(Plane.FLOOR);
        Marking.Arc arc = floor.markings().stream()
                .filter(Marking.Arc.class::isInstance)
                .map(Marking.Arc.class::cast)
                .filter(one -> one.name().equals("three-points"))
                .findFirst()
                .orElseThrow();
        assertThat(arc.middle().y()).isCloseTo(12.425, within(1e-9));
        double end = Math.toRadians(arc.toDegrees());
        Point onArc = new Point(
                arc.middle().x() + arc.radius() * Math.cos(end), arc.middle().y() + arc.radius() * Math.sin(end));
        assertThat(lines(floor))
                .filteredOn(line -> line.name().equals("three-points"))
                .anySatisfy(line -> assertThat(line.from().distanceTo(onArc)).isLessThan(1e-9));
    }

    /** Whether a line is in is the sport's to say, and for the serve its own. */
    @ParameterizedTest
    @CsvSource({
        "badminton, FLOOR, singles, 2.59, 6.70, true",
        "tennis, FLOOR, right-box, 4.115, 6.40, true",
        "padel, FLOOR, left-box, -5, 6.95, true",
        "pickleball, FLOOR, whole, 1, 2.13, true",
        "pickleball, FLOOR, right-box, 1, 2.13, false",
        "pickleball, FLOOR, right-box, 1, 2.14, true",
        "pickleball, FLOOR, right-box, 3.05, 5, true",
        "squash, FRONT_WALL, rally, 1, 4.57, false",
        "squash, FRONT_WALL, rally, 1, 0.48, false",
        "squash, FRONT_WALL, rally, 1, 0.49, true",
        "squash, FRONT_WALL, serve, 1, 1.80, false",
        "squash, FLOOR, left-quarter, -1, 5.49, false",
        "squash, LEFT_WALL, rally, 4.875, 3.40, false",
        "squash, LEFT_WALL, rally, 4.875, 3.34, true",
        "volleyball, FLOOR, whole, 4.5, 9, true",
        "basketball, FLOOR, whole, 7.5, 3, false",
        "basketball, FLOOR, whole, 7.49, 3, true",
        "basketball, RING, ring, 0.2, 0.1, true",
        "basketball, RING, ring, 0.2, 0.2, false"
    })
    void aLineIsInOrOutByItsSport(String court, Plane plane, String region, double x, double y, boolean in) {
        assertThat(Courts.named(court).surface(plane).region(region).contains(new Point(x, y)))
                .isEqualTo(in);
    }

    @Test
    void whatDoesNotExistIsRefusedWithWhatDoes() {
        assertRefused("court", "badminton, tennis", () -> Courts.named("croquet"));
        Court squash = Courts.named("squash");
        assertRefused("surface", "FLOOR, FRONT_WALL, LEFT_WALL, RIGHT_WALL", () -> squash.surface(Plane.RING));
        assertRefused("inUse", "singles, doubles", () -> Courts.BADMINTON.main().region("attic"));
        assertRefused("court", "a court on which shots have a place", Courts.NONE::main);
    }

    private static void assertRefused(String field, String allowed, Runnable work) {
        assertThatThrownBy(work::run).isInstanceOfSatisfying(Refused.class, refused -> assertThat(refused.problem())
                .returns(field, problem -> problem.field())
                .satisfies(problem -> assertThat(problem.allowed()).contains(allowed)));
    }

    private static List<Marking.Line> lines(Surface surface) {
        return surface.markings().stream()
                .filter(Marking.Line.class::isInstance)
                .map(Marking.Line.class::cast)
                .toList();
    }
}
