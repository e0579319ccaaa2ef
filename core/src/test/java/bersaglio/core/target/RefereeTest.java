package bersaglio.core.target;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.Samples;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Region;
import bersaglio.core.court.Side;
import bersaglio.core.court.Surface;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import java.util.List;
import java.util.OptionalInt;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RefereeTest {

    private final Surface floor = Courts.BADMINTON.surface(Plane.FLOOR);
    private final Referee referee = referee(floor, floor.region("singles"), Samples.CORNER);

    @ParameterizedTest
    @CsvSource({
        "2.00, 6.20, HIT, NONE",
        "1.59, 5.70, HIT, NONE", // the zone's own edge
        "2.59, 6.70, HIT, NONE", // the back corner: both lines are in
        "1.40, 6.20, IN, LEFT",
        "2.00, 5.00, IN, SHORT",
        "0.00, 5.69, IN, LEFT", // missed by more to the left than short
        "0.60, 4.71, IN, SHORT", // by 0.99 both ways: a tie goes to the depth
        "2.00, 6.71, LONG, NONE",
        "2.60, 6.00, WIDE, RIGHT",
        "-2.70, 3.00, WIDE, LEFT",
        "2.79, 6.90, LONG, NONE", // out by 0.20 beyond both lines: a tie is long
        "2.99, 6.90, WIDE, RIGHT",
        "0.00, -0.20, NET, NONE" // fell on the hitter's own side
    })
    void aLandingIsRuledByWhereItFell(double x, double y, Outcome outcome, Side side) {
        assertThat(referee.rule(new Point(x, y))).isEqualTo(new Ruling(outcome, side, outcome == Outcome.HIT ? 1 : 0));
    }

    /** What falls short is the net's only where a net stands; a line that is out names its own miss. */
    @ParameterizedTest
    @CsvSource({
        "pickleball, FLOOR, right-box, 1.5, 2.13, SHORT", // a serve on the non-volley line
        "pickleball, FLOOR, right-box, 1.5, 1.00, SHORT",
        "pickleball, FLOOR, right-box, 1.5, -0.10, NET",
        "pickleball, FLOOR, right-box, 1.5, 3.00, HIT",
        "squash, FRONT_WALL, rally, 1.5, 0.48, SHORT", // the top of the tin
        "squash, FRONT_WALL, rally, 1.5, 4.57, LONG", // the out line
        "squash, FRONT_WALL, rally, 1.5, 3.00, HIT",
        "wall-tennis, FRONT_WALL, over-net-line, 1.5, 0.80, NET",
        "wall-tennis, FRONT_WALL, over-net-line, 1.5, 0.914, IN",
        "basketball, FLOOR, whole, 1.5, 14.00, LONG", // boundary lines are out
        "basketball, FLOOR, whole, 7.50, 5.00, WIDE"
    })
    void aMissIsNamedByTheSurfaceItHappensOn(
            String court, Plane plane, String inUse, double x, double y, Outcome outcome) {
        Surface surface = Courts.named(court).surface(plane);
        Referee there = referee(surface, surface.region(inUse), new Rectangle(1, 2.5, 2, 4));
        assertThat(there.rule(new Point(x, y)).outcome()).isEqualTo(outcome);
    }

    @Test
    void inDoublesTheTramlineIsIn() {
        Referee doubles = referee(floor, floor.region("doubles"), Samples.CORNER);
        assertThat(doubles.rule(new Point(2.8, 6.0))).isEqualTo(new Ruling(Outcome.IN, Side.RIGHT));
    }

    @ParameterizedTest
    @CsvSource({
        "1.56, 6.20, HIT", // just outside the zone: may have been in it
        "1.62, 6.20, IN", // just inside
        "2.00, 6.67, LONG", // in the zone, close to the back line
        "-2.60, 3.00, IN", // out by a finger far from the zone
        "-2.58, 3.00, WIDE"
    })
    void closeToAnEdgeTheOtherSideIsOffered(double x, double y, Outcome other) {
        assertThat(referee.otherSideOfCloseEdge(new Point(x, y), 0.25))
                .map(Ruling::outcome)
                .contains(other);
    }

    @Test
    void closeIsWithinAFewCentimetresOnly() {
        assertThat(Referee.closeMargin(Samples.CORNER, 0.25)).isCloseTo(0.05, within(1e-12));
        assertThat(Referee.closeMargin(Samples.CORNER, 0.02)).isEqualTo(0.02);
        assertThat(referee.otherSideOfCloseEdge(new Point(2.0, 6.2), 0.25)).isEmpty();
        assertThat(referee.otherSideOfCloseEdge(new Point(1.0, 6.2), 0.25)).isEmpty();
    }

    @Property(tries = 200)
    void mirroredHitterAndMirroredLandingGiveTheMirroredRuling(
            @ForAll @DoubleRange(min = -4, max = 4) double x, @ForAll @DoubleRange(min = -1, max = 8) double y) {
        Referee left =
                referee(floor, Region.of("mirrored", referee.inPlay().area().mirrored()), Samples.CORNER.mirrored());
        Ruling ruled = referee.rule(new Point(x, y));
        assertThat(left.rule(new Point(x, y).mirrored()))
                .isEqualTo(new Ruling(ruled.outcome(), ruled.side().mirrored(), ruled.zone()));
    }

    @Property(tries = 200)
    void whatIsOfferedAcrossACloseEdgeIsNeverWhatStands(
            @ForAll @DoubleRange(min = -4, max = 4) double x, @ForAll @DoubleRange(min = -1, max = 8) double y) {
        Point landing = new Point(x, y);
        referee.otherSideOfCloseEdge(landing, 0.25).ifPresent(other -> assertThat(other.outcome())
                .isNotEqualTo(referee.rule(landing).outcome()));
    }

    private static Referee referee(Surface surface, Region inPlay, Rectangle zone) {
        return new Referee(
                surface, inPlay, Bounce.FIRST, List.of(new Patch(1, Ground.good(zone))), OptionalInt.empty());
    }
}
