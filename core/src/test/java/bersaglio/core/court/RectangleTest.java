package bersaglio.core.court;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.problem.Refused;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RectangleTest {

    private final Rectangle zone = new Rectangle(1, 2, 3, 6);

    @ParameterizedTest
    @CsvSource({
        "2, 4, 1.0", // inside, nearest to a side line
        "2, 2.25, 0.25", // inside, nearest to the near edge
        "0.5, 4, 0.5", // beside it
        "4, 7, 1.41421356", // past a corner
        "3, 5, 0" // on the edge
    })
    void theDistanceToTheEdgeIsMeasuredFromEitherSide(double x, double y, double metres) {
        assertThat(zone.distanceToEdge(new Point(x, y))).isCloseTo(metres, within(1e-8));
    }

    @ParameterizedTest
    @CsvSource({"3, 2, 1, 6, right", "1, 6, 3, 2, far", "1, 2, 1, 6, right", "-101, 2, 3, 6, left", "1, NaN, 3, 6, near"
    })
    void anAreaThatIsNoneIsRefusedAtItsField(double left, double near, double right, double far, String field) {
        assertThatThrownBy(() -> new Rectangle(left, near, right, far))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.problem().field()).isEqualTo(field));
    }

    @Property(tries = 200)
    void mirroredTwiceIsTheSameAndHoldsTheMirroredPoints(
            @ForAll @DoubleRange(min = -5, max = 5) double x, @ForAll @DoubleRange(min = 0, max = 8) double y) {
        Point point = new Point(x, y);
        assertThat(zone.mirrored().mirrored()).isEqualTo(zone);
        assertThat(zone.mirrored().contains(point.mirrored())).isEqualTo(zone.contains(point));
    }

    @Property(tries = 200)
    void carriedOverTheEdgeAPointIsJustOutsideAndNotFarAway(
            @ForAll @DoubleRange(min = 1, max = 3) double x, @ForAll @DoubleRange(min = 2, max = 6) double y) {
        Point inside = new Point(x, y);
        Point out = zone.acrossEdge(inside, 0.001);
        assertThat(zone.contains(out)).isFalse();
        assertThat(Math.hypot(out.x() - x, out.y() - y)).isCloseTo(zone.distanceToEdge(inside) + 0.001, within(1e-9));
    }
}
