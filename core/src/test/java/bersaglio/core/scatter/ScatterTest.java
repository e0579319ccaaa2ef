package bersaglio.core.scatter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Surface;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.problem.Refused;
import bersaglio.core.target.GoodBands;
import bersaglio.core.target.Ground;
import bersaglio.core.target.KeepAway;
import bersaglio.core.target.Target;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Predicate;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScatterTest {

    private static final Rectangle ALL = new Rectangle(-50, -50, 50, 50);

    private static final Rectangle ZONE = new Rectangle(-0.50, -0.38, 0.50, 0.38);

    @ParameterizedTest
    @CsvSource({"0.10, 0.05, 0, 0.5179", "0, 0, 0.4, 0.5491"})
    void theChanceOfAZoneIsAsWorkedOut(double offX, double offY, double correlation, double chance) {
        assertThat(scatter(offX, offY, Covariance.of(0.45, 0.35, correlation), 0)
                        .chance(ZONE, ALL))
                .isCloseTo(chance, within(5e-5));
    }

    @Test
    void whatTheNetKeepsIsNeverAHit() {
        Covariance spread = Covariance.of(0.45, 0.35, 0);
        assertThat(scatter(0, 0, spread, 0.2).chance(ZONE, ALL))
                .isCloseTo(0.8 * scatter(0, 0, spread, 0).chance(ZONE, ALL), within(1e-12));
    }

    @Test
    void aDiscOfAnEvenSpreadIsAsTheClosedFormSays() {
        double chance = scatter(0, 0, Covariance.of(0.5, 0.5, 0), 0).chance(new Circle(new Point(0, 0), 0.7), ALL);
        assertThat(chance).isCloseTo(1 - Math.exp(-0.49 / 0.5), within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"0.50, 2.047", "0.90, 9.091"})
    void theEllipseOfEightPlacementsIsAsWorkedOut(double chance, double radiusSquared) {
        assertThat(scatter(0, 0, Covariance.of(1, 1, 0), 0).radiusSquared(chance))
                .isCloseTo(radiusSquared, within(5e-4));
    }

    @Test
    void anEllipseLiesAlongTheGreatestSpread() {
        Ellipse ellipse = scatter(1, 2, Covariance.of(0.4, 0.4, 0.6), 0).ellipse(0.5);
        assertThat(ellipse.middle()).isEqualTo(new Point(1, 2));
        assertThat(ellipse.direction().x()).isCloseTo(Math.sqrt(0.5), within(1e-9));
        assertThat(ellipse.direction().y()).isCloseTo(Math.sqrt(0.5), within(1e-9));
        assertThat(ellipse.major()).isCloseTo(Math.sqrt(2.047 * 0.16 * 1.6), within(1e-3));
        assertThat(ellipse.minor()).isCloseTo(Math.sqrt(2.047 * 0.16 * 0.4), within(1e-3));
    }

    @Test
    void halfAWidthForAChanceIsAsWorkedOut() {
        assertThat(Scatter.halfWidthFor(0.45, 0.7)).isCloseTo(0.4664, within(5e-5));
    }

    @Property(tries = 50)
    void aZoneScaledForAChanceIsHitWithIt(@ForAll @DoubleRange(min = 0.05, max = 0.95) double chance) {
        Scatter scatter = scatter(0.2, -0.1, Covariance.of(0.5, 0.3, 0.2), 0);
        double scale = scatter.scaleFor(Ground.good(ZONE), ALL, chance).orElseThrow();
        assertThat(scatter.chance(ZONE.scaled(scale), ALL)).isCloseTo(chance, within(1e-6));
    }

    /** A triangle of a sixth of a square metre, made smaller than its corners could be told apart. */
    @Test
    void aSmallPolygonGetsItsSize() {
        Scatter scatter = scatter(0, 0, Covariance.of(0.2, 0.2, 0), 0);
        Polygon small = new Polygon(List.of(new Point(-0.3, -0.2), new Point(0.3, -0.2), new Point(0, 0.35)));
        double scale = scatter.scaleFor(Ground.good(small), ALL, 0.5).orElseThrow();
        assertThat(scatter.chance(small.scaled(scale), ALL)).isCloseTo(0.5, within(1e-4));
    }

    @Test
    void noSizeGivesAChanceThatTheNetRulesOut() {
        assertThat(scatter(0, 0, Covariance.of(0.4, 0.4, 0), 0.3).scaleFor(Ground.good(ZONE), ALL, 0.75))
                .isEmpty();
        assertThatThrownBy(() -> scatter(0, 0, Covariance.of(0.4, 0.4, 0), 0).scaleFor(Ground.good(ZONE), ALL, 1))
                .isInstanceOf(Refused.class);
    }

    @Test
    void aZoneAsWideAsTheCourtCanBeScaledToo() {
        Scatter scatter = scatter(0, 3, Covariance.of(0.5, 0.8, 0), 0);
        Rectangle court = new Rectangle(-5.5, 0, 5.5, 12);
        Rectangle strip = new Rectangle(-5.5, 2.9, 5.5, 3.1);
        assertThat(scatter.scaleFor(Ground.good(strip), court, 0.6)).isPresent();
        assertThat(scatter.scaleFor(Ground.good(new Circle(new Point(0, 3), 3)), court, 0.6))
                .isPresent();
    }

    @Test
    void aSpreadAlongOneLineIsIntegratedAsFinelyAsItNeeds() {
        Scatter scatter = scatter(0, 0, Covariance.of(1, 1, 0.9999), 0);
        // Nearly x = y: in the square when both are within 0.5, 2Φ(0.5) − 1, less the little that strays.
        assertThat(scatter.chance(new Rectangle(-0.5, -0.5, 0.5, 0.5), ALL)).isBetween(0.3765, 0.3830);
    }

    @Test
    void theChartersErrorIsTakenOffAlongTheAxesAndNeverWhole() {
        Scatter scatter = scatter(0, 0, Covariance.of(0.5, 0.26, 0), 0);
        Scatter.Own own = scatter.withoutCharter(0.25);
        assertThat(own.covariance().xx()).isCloseTo(0.25 - 0.0625, within(1e-12));
        assertThat(own.covariance().yy()).isCloseTo(0.1 * 0.0676, within(1e-12));
        assertThat(own.limited()).isTrue();
        assertThat(scatter.withoutCharter(0.05).limited()).isFalse();
    }

    @Test
    void fewerThanEightPlacementsSayNothing() {
        List<Point> seven = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            seven.add(new Point(i, i % 2));
        }
        assertThat(Scatter.of(seven, 3)).isEmpty();
        seven.add(new Point(7, 1));
        assertThat(Scatter.of(seven, 2)).hasValueSatisfying(scatter -> {
            assertThat(scatter.mean()).isEqualTo(new Point(3.5, 0.5));
            assertThat(scatter.netRate()).isEqualTo(0.2);
            // Sum of squares 42, over n - 1.
            assertThat(scatter.covariance().xx()).isCloseTo(6, within(1e-5));
        });
    }

    @Test
    void placementsAllInOnePlaceAreNoFault() {
        List<Point> same = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            same.add(new Point(0.1, 0.1));
        }
        Scatter scatter = Scatter.of(same, 0).orElseThrow();
        assertThat(scatter.chance(ZONE, ALL)).isCloseTo(1, within(1e-4));
        assertThat(scatter.chance(ZONE.moved(3, 0), ALL)).isCloseTo(0, within(1e-4));
    }

    /** Drawn shots against the integral, on areas of every shape; four standard errors of 100,000 draws. */
    @Property(tries = 30, seed = "2026")
    void theChanceOfAnyAreaAgreesWithDrawnShots(@ForAll long seed) {
        Random random = new Random(seed);
        Covariance spread =
                Covariance.of(0.2 + random.nextDouble(), 0.2 + random.nextDouble(), random.nextDouble() * 1.8 - 0.9);
        Scatter scatter = scatter(random.nextDouble() - 0.5, random.nextDouble() - 0.5, spread, 0);
        List<Point> shots = shots(scatter, new Random(7));
        for (Area area : List.of(ZONE, new Circle(new Point(0.2, 0.1), 0.6), notched(random))) {
            for (Area inUse : partsInUse()) {
                double drawn = share(shots, place -> area.contains(place) && inUse.contains(place));
                double error = Math.sqrt(Math.max(drawn * (1 - drawn), 1e-4) / 100_000);
                assertThat(scatter.chance(area, inUse)).isCloseTo(drawn, within(4 * error));
            }
        }
    }

    /** A zone that reaches past a slanted or round edge is good only on this side of it. */
    @Test
    void onlyWhatIsInUseCountsWhateverItsForm() {
        Scatter scatter = scatter(0, 0, Covariance.of(0.5, 0.5, 0), 0);
        Polygon underTheDiagonal = Polygon.of(new Point(-9, -9), new Point(9, -9), new Point(9, 9));
        Rectangle square = new Rectangle(-0.5, -0.5, 0.5, 0.5);
        assertThat(scatter.chance(square, underTheDiagonal)).isCloseTo(scatter.chance(square, ALL) / 2, within(1e-5));
        assertThat(scatter.chance(underTheDiagonal, square)).isCloseTo(scatter.chance(square, ALL) / 2, within(1e-5));
        Circle disc = new Circle(new Point(0, 0), 0.4);
        assertThat(scatter.chance(square, disc)).isCloseTo(1 - Math.exp(-0.16 / 0.5), within(1e-6));
        assertThat(scatter.chance(ground(new KeepAway(square)), underTheDiagonal))
                .isCloseTo(0.5 - scatter.chance(square, ALL) / 2, within(1e-4));
    }

    private static List<Area> partsInUse() {
        return List.of(
                ALL,
                new Rectangle(-0.4, -0.3, 0.7, 0.45),
                new Circle(new Point(0.5, 0.2), 0.7),
                new Circle(new Point(-0.3, 0.1), 0.5),
                Polygon.of(new Point(-0.6, -0.8), new Point(0.9, 0), new Point(0, 0.2), new Point(-0.2, 0.9)));
    }

    @Property(tries = 50)
    void theMirroredScatterHasTheSameChanceOfTheMirroredZone(@ForAll long seed) {
        Random random = new Random(seed);
        Covariance spread = Covariance.of(0.5, 0.3, 0.4);
        Covariance mirrored = new Covariance(spread.xx(), -spread.xy(), spread.yy());
        Polygon area = notched(random);
        assertThat(scatter(-0.3, 0.1, mirrored, 0).chance(area.mirrored(), ALL))
                .isCloseTo(scatter(0.3, 0.1, spread, 0).chance(area, ALL), within(1e-6));
    }

    @Test
    void aZoneAtALineGrowsOnlyIntoTheCourt() {
        Rectangle court = new Rectangle(-2, 0, 0.5, 0.38);
        Rectangle corner = new Rectangle(0, 0, 0.5, 0.38);
        ZoneChance known =
                ZoneChance.of(spread(20), 0, Ground.good(corner), court, 0.2).orElseThrow();
        Rectangle sized = (Rectangle) known.sized().orElseThrow();
        assertThat(sized.right()).isEqualTo(0.5);
        assertThat(sized.far()).isEqualTo(0.38);
        assertThat(Scatter.of(spread(20), 0).orElseThrow().chance(sized, ALL)).isCloseTo(0.2, within(1e-6));
        assertThat(ZoneChance.of(spread(20), 0, Ground.good(corner), court, 0.9)
                        .orElseThrow()
                        .sized())
                .isEmpty();
    }

    /** A bad middle takes its share away; to keep away from a zone is the easier the smaller it is. */
    @Test
    void aSpoiltMiddleAndAZoneToAvoidAreCountedOut() {
        Scatter scatter = scatter(0, 0, Covariance.of(0.5, 0.4, 0), 0.1);
        Rectangle middle = new Rectangle(-0.2, -0.2, 0.2, 0.2);
        Target.OnSurface bands = new GoodBands(ZONE, middle);
        Target.OnSurface avoid = new KeepAway(ZONE);
        assertThat(scatter.chance(ground(bands), ALL))
                .isCloseTo(scatter.chance(ZONE, ALL) - scatter.chance(middle, ALL), within(1e-9));
        assertThat(scatter.chance(ground(avoid), ALL)).isCloseTo(0.9 - scatter.chance(ZONE, ALL), within(1e-4));
        double scale = scatter.scaleFor(ground(avoid), ALL, 0.7).orElseThrow();
        assertThat(scatter.chance(ground(avoid).scaled(scale), ALL)).isCloseTo(0.7, within(1e-5));
        assertThat(scatter.aimedBy(0.3, -0.2).chance(ZONE.moved(0.3, -0.2), ALL))
                .isCloseTo(scatter.chance(ZONE, ALL), within(1e-4));
    }

    private static Ground ground(Target.OnSurface asks) {
        Surface floor = Courts.BADMINTON.main();
        return asks.on(floor, floor.firstRegion(), Optional.empty());
    }

    /** A quarter of a metre on each axis, drawn with a fixed seed, is found again; a steady error is a part of it. */
    @Test
    void theChartersOwnErrorIsMeasuredFromKnownSpots() {
        Random random = new Random(3);
        List<CharterCheck.Try> tries = new ArrayList<>();
        List<CharterCheck.Try> steady = new ArrayList<>();
        for (int i = 0; i < 100; i++) {
            Point known = new Point(i % 5, i % 7);
            tries.add(new CharterCheck.Try(
                    known, known.moved(0.25 * random.nextGaussian(), 0.25 * random.nextGaussian())));
            steady.add(new CharterCheck.Try(known, known.moved(0.3, -0.4)));
        }
        assertThat(CharterCheck.sd(tries)).isCloseTo(0.25, within(0.04));
        assertThat(CharterCheck.sd(steady)).isCloseTo(0.5 / Math.sqrt(2), within(1e-12));
        assertThatThrownBy(() -> CharterCheck.sd(tries.subList(0, 7))).isInstanceOf(Refused.class);
    }

    @Test
    void aSizeIsARangeWhileThePlacementsAreFew() {
        ZoneChance few =
                ZoneChance.of(spread(12), 0, Ground.good(ZONE), ALL, 0.7).orElseThrow();
        assertThat(few.range()).hasValueSatisfying(range -> {
            assertThat(range.least().size())
                    .isLessThan(few.sized().orElseThrow().size());
            assertThat(range.most().size())
                    .isGreaterThan(few.sized().orElseThrow().size());
        });
        ZoneChance enough =
                ZoneChance.of(spread(20), 0, Ground.good(ZONE), ALL, 0.7).orElseThrow();
        assertThat(enough.range()).isEmpty();
        assertThat(enough.sized()).isPresent();
        assertThat(ZoneChance.of(spread(7), 0, Ground.good(ZONE), ALL, 0.7)).isEmpty();
        assertThat(ZoneChance.of(spread(20), 10, Ground.good(ZONE), ALL, 0.7)
                        .orElseThrow()
                        .sized())
                .isEmpty();
    }

    private static List<Point> spread(int count) {
        Random random = new Random(3);
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            places.add(new Point(0.4 * random.nextGaussian(), 0.4 * random.nextGaussian()));
        }
        return places;
    }

    private static Polygon notched(Random random) {
        return Polygon.of(
                new Point(-1, -0.5 - random.nextDouble()),
                new Point(1, -0.5),
                new Point(0.2, 0.1 + 0.3 * random.nextDouble()),
                new Point(1, 1),
                new Point(-0.8, 0.9));
    }

    private static List<Point> shots(Scatter scatter, Random random) {
        Covariance spread = scatter.covariance();
        double slope = spread.xy() / spread.xx();
        double rest = Math.sqrt(spread.yy() - spread.xy() * slope);
        List<Point> shots = new ArrayList<>();
        for (int i = 0; i < 100_000; i++) {
            double x = Math.sqrt(spread.xx()) * random.nextGaussian();
            shots.add(scatter.mean().moved(x, slope * x + rest * random.nextGaussian()));
        }
        return shots;
    }

    private static double share(List<Point> shots, Predicate<Point> good) {
        return (double) shots.stream().filter(good).count() / shots.size();
    }

    private static Scatter scatter(double x, double y, Covariance covariance, double netRate) {
        return new Scatter(8, new Point(x, y), covariance, netRate);
    }
}
