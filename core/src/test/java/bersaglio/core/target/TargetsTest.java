package bersaglio.core.target;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Court;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Side;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import bersaglio.core.target.Conditions.Laid;
import bersaglio.core.target.Rings.Ring;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Predicate;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Each kind of target, against what can be said of it without it: by hand, by inequalities, or by another library. */
class TargetsTest {

    private static final GeometryFactory JTS = new GeometryFactory();
    private static final Court BADMINTON = Courts.BADMINTON;
    private static final Rectangle BACK_COURT = new Rectangle(-2.59, 4.5, 2.59, 6.70);

    @Property(tries = 100)
    void everyKindHitsWhereItsOwnWordsSay(@ForAll long seed) {
        Random random = new Random(seed);
        Circle inner = new Circle(at(0.5, 5), 0.3);
        Circle outer = new Circle(at(0.5, 5.1), 0.9);
        Polygon kite = Polygon.of(at(0, 3), at(1, 4.2), at(0, 6), at(-1.2, 4));
        hitsWhere(random, new Strip("back", Side.SHORT, 0.76), p -> p.y() >= 5.94);
        hitsWhere(random, new Strip("centre", Side.LEFT, 0.5), p -> p.x() <= 0 && p.x() >= -0.5);
        hitsWhere(random, new Strip("net", Side.DEEP, 1.2), p -> p.y() <= 1.2);
        hitsWhere(random, new PastLine("long-service", Side.DEEP), p -> p.y() >= 5.94);
        hitsWhere(random, new PastLine("short-service", Side.SHORT), p -> p.y() <= 1.98);
        hitsWhere(random, new KeepAway(inner), p -> p.distanceTo(inner.middle()) > 0.3);
        hitsWhere(
                random,
                new GoodBands(BACK_COURT, new Rectangle(-2.59, 5.2, 2.59, 6)),
                p -> p.y() >= 4.5 && (p.y() <= 5.2 || p.y() >= 6));
        hitsWhere(random, new AimPoint(at(0.6, 5), outer), p -> p.distanceTo(outer.middle()) <= 0.9);
        hitsWhere(
                random,
                new Rings(List.of(new Ring(inner, 5), new Ring(outer, 2))),
                p -> p.distanceTo(outer.middle()) <= 0.9);
        Geometry same = jts(kite);
        hitsWhere(random, new OneArea(kite), p -> same.covers(JTS.createPoint(new Coordinate(p.x(), p.y()))));
    }

    private static void hitsWhere(Random random, Target asks, Predicate<Point> good) {
        Umpire umpire = set(asks).umpire(0, Conditions.AS_DRAWN);
        for (int i = 0; i < 20; i++) {
            Point place = at(random.nextDouble() * 6 - 3, random.nextDouble() * 7);
            Ruling ruling = umpire.rule(List.of(place));
            boolean in = Math.abs(place.x()) <= 2.59 && place.y() <= 6.70;
            assertThat(ruling.outcome() == Outcome.HIT)
                    .as("%s at %s", asks, place)
                    .isEqualTo(in && good.test(place));
            assertThat(ruling.outcome() == Outcome.HIT || ruling.outcome() == Outcome.IN)
                    .isEqualTo(in);
        }
    }

    /** A zone's own edge is always in; of a bad middle the edge belongs to the good bands, of one to avoid to it. */
    @Test
    void edgesBelongToTheZoneThatTheyBound() {
        assertThat(rule(new Strip("back", Side.SHORT, 0.76), 1, 5.94)).isEqualTo(Ruling.hit(1));
        assertThat(rule(new PastLine("centre", Side.LEFT), 0, 3)).isEqualTo(Ruling.hit(1));
        GoodBands bands = new GoodBands(BACK_COURT, new Rectangle(-2.59, 5.2, 2.59, 6));
        assertThat(rule(bands, 0, 5.2)).isEqualTo(Ruling.hit(1));
        assertThat(rule(bands, 0, 4.5)).isEqualTo(Ruling.hit(1));
        assertThat(rule(new KeepAway(new Circle(at(0, 3), 1)), 0, 4).outcome()).isEqualTo(Outcome.IN);
        assertThat(rule(new KeepAway(new Circle(at(0, 3), 1)), 0, 4.001).outcome())
                .isEqualTo(Outcome.HIT);
    }

    @Test
    void aBadMiddleIsMissedTowardsItsNearerBand() {
        GoodBands bands = new GoodBands(BACK_COURT, new Rectangle(-2.59, 5.2, 2.59, 6));
        assertThat(rule(bands, 0, 5.9)).isEqualTo(new Ruling(Outcome.IN, Side.SHORT, 1));
        assertThat(rule(bands, 0, 5.3)).isEqualTo(new Ruling(Outcome.IN, Side.DEEP, 1));
        assertThat(rule(bands, 0, 4.0)).isEqualTo(new Ruling(Outcome.IN, Side.SHORT));
    }

    /** Rings are laid once for a group; each level says which of them counts, and points are of the innermost one hit. */
    @ParameterizedTest
    @CsvSource({
        "1, 0.1, HIT, 5",
        "1, 0.5, IN, 3",
        "2, 0.5, HIT, 3",
        "2, 0.8, IN, 1",
        "3, 0.8, HIT, 1",
        "0, 0.8, HIT, 1",
        "3, 1.1, IN, 0"
    })
    void theLevelNamesTheRingThatCounts(int ring, double out, Outcome outcome, int points) {
        Rings rings = new Rings(List.of(
                new Ring(new Circle(at(0, 4), 0.3), 5),
                new Ring(new Circle(at(0, 4), 0.6), 3),
                new Ring(new Circle(at(0, 4), 0.9), 1)));
        Umpire umpire = set(rings).umpire(ring, Conditions.AS_DRAWN);
        List<Point> landing = List.of(at(out, 4));
        assertThat(umpire.rule(landing).outcome()).isEqualTo(outcome);
        assertThat(umpire.points(landing)).isEqualTo(points);
    }

    @Test
    void howFarFromTheAimIsKeptWithTheArea() {
        Umpire umpire = set(new AimPoint(at(1, 5), new Circle(at(1, 5.2), 1))).umpire(0, Conditions.AS_DRAWN);
        assertThat(umpire.fromAim(List.of(at(1.3, 5.4))).orElseThrow()).isCloseTo(0.5, within(1e-12));
        assertThat(umpire.rule(List.of(at(1.3, 5.4)))).isEqualTo(Ruling.hit(1));
        assertThat(umpire.fromAim(List.of(at(-2, 1))).orElseThrow()).isCloseTo(5, within(1e-12));
    }

    @Test
    void ofZonesThatOverlapTheOneThatComesFirstDecides() {
        Zone small = Zone.spot(1, "Corner", Plane.FLOOR, new Rectangle(1.6, 5.7, 2.59, 6.7));
        Zone wide = Zone.spot(2, "Back", Plane.FLOOR, new Rectangle(-2.59, 5.5, 2.59, 6.7));
        Zone avoid = new Zone(3, "Middle", Plane.FLOOR, Tie.COURT, new KeepAway(new Rectangle(-0.5, 5.4, 0.5, 6.7)));
        Umpire smallFirst = set(List.of(1, 3, 2), small, wide, avoid).umpire(0, Conditions.AS_DRAWN);
        assertThat(smallFirst.rule(List.of(at(2, 6)))).isEqualTo(Ruling.hit(1));
        assertThat(smallFirst.rule(List.of(at(-2, 6)))).isEqualTo(Ruling.hit(2));
        assertThat(smallFirst.rule(List.of(at(0, 6)))).isEqualTo(new Ruling(Outcome.IN, Side.NONE, 3));
        assertThat(smallFirst.rule(List.of(at(1.2, 3))).side()).isEqualTo(Side.SHORT);
        Umpire wideFirst = set(List.of(2, 3, 1), small, wide, avoid).umpire(0, Conditions.AS_DRAWN);
        assertThat(wideFirst.rule(List.of(at(2, 6)))).isEqualTo(Ruling.hit(2));
        assertThat(wideFirst.rule(List.of(at(0, 6)))).isEqualTo(Ruling.hit(2));
    }

    /** Where two zones meet, the neighbour is what a close shot may have been. */
    @Test
    void besideAnotherZoneTheOtherNumberIsOffered() {
        Umpire umpire = set(
                        List.of(),
                        Zone.spot(1, "Left", Plane.FLOOR, new Rectangle(-2, 4, 0, 6)),
                        Zone.spot(2, "Right", Plane.FLOOR, new Rectangle(0, 4, 2, 6)))
                .umpire(0, Conditions.AS_DRAWN);
        assertThat(umpire.rule(List.of(at(-0.02, 5)))).isEqualTo(Ruling.hit(1));
        assertThat(umpire.otherSideOfCloseEdge(List.of(at(-0.02, 5)), 0.25)).contains(Ruling.hit(2));
    }

    @Test
    void theSecondBounceMayFallOffTheCourt() {
        Zone deep = Zone.spot(1, "Dies late", Plane.FLOOR, new Rectangle(-2, 6, 2, 7.4));
        TargetSet second = new TargetSet(
                "s",
                1,
                "Second",
                BADMINTON,
                InUse.named("singles"),
                Bounce.SECOND,
                List.of(deep),
                List.of(),
                Optional.empty());
        Umpire umpire = second.umpire(0, Conditions.AS_DRAWN);
        assertThat(umpire.rule(List.of(at(0, 7.2)))).isEqualTo(Ruling.hit(1));
        assertThat(umpire.rule(List.of(at(2.9, 7.2)))).isEqualTo(new Ruling(Outcome.IN, Side.RIGHT));
    }

    @Test
    void anEffectIsAPersonsToSayOfAnyShotInPlay() {
        Umpire umpire = set(new Effect(Effect.What.MOVED_BEFORE_HITTING)).umpire(0, Conditions.AS_DRAWN);
        assertThat(umpire.rule(List.of(at(0, 3)))).isEqualTo(Ruling.of(Outcome.IN));
        assertThat(umpire.otherSideOfCloseEdge(List.of(at(0, 3)), 0.25)).contains(Ruling.hit(1));
        assertThat(umpire.rule(List.of(at(0, 7.5))).outcome()).isEqualTo(Outcome.LONG);
        assertThat(umpire.otherSideOfCloseEdge(List.of(at(0, 7.5)), 0.25)).isEmpty();
    }

    /** Badminton serve: over the net within 40 cm, then in front of 2.40. */
    @ParameterizedTest
    @CsvSource({
        "0.5, 1.70, 1.0, 2.2, HIT",
        "0.5, 1.52, 1.0, 2.2, NET", // the middle of the net is 1.524 high, and it rises to the sides
        "0.5, 2.10, 1.0, 2.2, IN",
        "3.2, 1.70, 1.0, 2.2, WIDE",
        "0.5, 1.70, 1.0, 3.0, IN",
        "0.5, 1.70, 1.0, 1.9, SHORT",
        "0.5, 1.70, -0.1, 2.2, WIDE"
    })
    void overTheNetInABandAndThenTheLanding(double overX, double height, double x, double y, Outcome outcome) {
        InOrder serve = new InOrder(List.of(
                new InOrder.Part(Plane.OVER_NET, "over", new HeightBand(1.5, 1.95)),
                new InOrder.Part(Plane.FLOOR, "right-box", new OneArea(new Rectangle(0, 1.98, 2.59, 2.40)))));
        Umpire umpire = compound(BADMINTON, serve);
        assertThat(umpire.rule(List.of(at(overX, height), at(x, y))).outcome()).isEqualTo(outcome);
    }

    /** Squash: front wall above the service line, floor in the back quarter, then the side wall low down. */
    @Test
    void frontWallThenFloorThenSideWall() {
        InOrder lob = new InOrder(List.of(
                new InOrder.Part(Plane.FRONT_WALL, "rally", new HeightBand(1.83, 4.57)),
                new InOrder.Part(Plane.FLOOR, "left-half", new OneArea(new Rectangle(-3.2, 5.49, -1, 9.75))),
                new InOrder.Part(Plane.LEFT_WALL, "rally", new HeightBand(0, 0.6))));
        Umpire umpire = compound(Courts.named("squash"), lob);
        Point high = at(-1, 3);
        Point floor = at(-2.5, 7);
        assertThat(umpire.rule(List.of(high, floor, at(8, 0.4)))).isEqualTo(Ruling.hit(1));
        assertThat(umpire.rule(List.of(high, floor, at(8, 0.9)))).isEqualTo(new Ruling(Outcome.IN, Side.DEEP));
        assertThat(umpire.rule(List.of(at(-1, 0.3))).outcome()).isEqualTo(Outcome.SHORT); // the tin
        assertThat(umpire.rule(List.of(high, at(1, 7))).outcome()).isEqualTo(Outcome.WIDE);
        assertThat(umpire.rule(List.of(high, floor)).outcome()).isEqualTo(Outcome.IN); // it never came to the wall
        assertThat(umpire.goesOn(List.of(high))).isTrue();
        assertThat(umpire.goesOn(List.of(at(-1, 0.3)))).isFalse();
        assertThat(umpire.goesOn(List.of(high, floor, at(8, 0.4)))).isFalse();
    }

    /** A table-tennis serve bounces on the server's own side first. */
    @Test
    void theFirstBounceIsOnTheServersOwnSide() {
        InOrder serve = new InOrder(List.of(
                new InOrder.Part(Plane.OWN_HALF, "whole", new OneArea(new Rectangle(-0.76, -1.37, 0.76, 0))),
                new InOrder.Part(Plane.TABLE, "whole", new OneArea(new Rectangle(0, 0, 0.76, 0.5)))));
        Umpire umpire = compound(Courts.named("table-tennis"), serve);
        assertThat(umpire.rule(List.of(at(0.1, -0.8), at(0.3, 0.3)))).isEqualTo(Ruling.hit(1));
        assertThat(umpire.rule(List.of(at(0.1, 0.3))).outcome()).isEqualTo(Outcome.FAULT);
        assertThat(umpire.rule(List.of(at(0.1, -0.8), at(0.3, 1.2)))).isEqualTo(new Ruling(Outcome.IN, Side.DEEP));
    }

    @Test
    void aZoneDrawnFromTheStanceFollowsItAndTheReach() {
        ByStance body = new ByStance(Stance.Anchor.OPPONENT, new Rectangle(-0.25, -0.5, 0.25, 0.5));
        Stance start = new Stance(List.of(at(0, 4)), 1.6);
        TargetSet set = new TargetSet(
                "b",
                1,
                "Body",
                BADMINTON,
                InUse.named("singles"),
                Bounce.FIRST,
                List.of(new Zone(1, "Body", Plane.FLOOR, Tie.OPPONENT_HAND, body)),
                List.of(),
                Optional.of(start));
        assertThat(whole(set, Conditions.AS_DRAWN)).isEqualTo(new Rectangle(-0.4, 3.5, 0.4, 4.5));
        Conditions moved = Conditions.AS_DRAWN.with(new Stance(List.of(at(1, 5)), 0.8));
        assertThat(whole(set, moved)).isEqualTo(new Rectangle(0.8, 4.5, 1.2, 5.5));
    }

    @ParameterizedTest
    @CsvSource({"BETWEEN, -0.5, 4", "FRONT, -2, 2", "GAP, 1.795, 6", "OPPONENT, 1, 6"})
    void aPairIsMeasuredFromAsAPair(Stance.Anchor anchor, double x, double y) {
        Stance pair = new Stance(List.of(at(1, 6), at(-2, 2)), 1.5);
        Point place = pair.place(anchor, new Rectangle(-2.59, 0, 2.59, 6.7));
        if (anchor == Stance.Anchor.GAP) {
            assertThat(place.x())
                    .as("3 m between them is wider than 1.59 m at the side")
                    .isCloseTo(-0.5, within(1e-9));
        } else {
            assertThat(place).isEqualTo(at(x, y));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "COURT, LEFT, LEFT, LEFT, 1", "HITTER_HAND, LEFT, RIGHT, RIGHT, -1", "HITTER_HAND, RIGHT, LEFT, LEFT, 1",
        "SIDE, RIGHT, LEFT, RIGHT, -1", "SIDE, LEFT, RIGHT, LEFT, 1", "OPPONENT_HAND, RIGHT, RIGHT, LEFT, -1",
        "OPPONENT_HAND, LEFT, LEFT, RIGHT, 1"
    })
    void aZoneMirrorsWithWhatItIsTiedToAndOnlyThen(Tie tie, Hand hitter, From from, Hand opponent, double side) {
        TargetSet set = TargetSet.of(
                "t",
                "T",
                BADMINTON,
                "singles",
                Zone.spot(1, "T", Plane.FLOOR, new Circle(at(1, 5), 0.4)).tiedTo(tie));
        Conditions conditions = new Conditions(hitter, from, opponent, Optional.empty(), List.of());
        assertThat(whole(set, conditions).middle()).isEqualTo(at(side, 5));
    }

    /** A box that is tied to the side served from mirrors with its zone, and what is out with it. */
    @Test
    void whatIsInUseMirrorsWithItsTie() {
        TargetSet serve = new TargetSet(
                "s",
                1,
                "Serve",
                Courts.named("pickleball"),
                new InUse(new InUse.Named("right-box"), Tie.SIDE),
                Bounce.FIRST,
                List.of(Zone.spot(1, "T", Plane.FLOOR, new Rectangle(0, 5, 1, 6.7))
                        .tiedTo(Tie.SIDE)),
                List.of(),
                Optional.empty());
        Umpire left = serve.umpire(0, Conditions.AS_DRAWN.with(From.LEFT));
        assertThat(left.rule(List.of(at(-0.5, 6)))).isEqualTo(Ruling.hit(1));
        assertThat(left.rule(List.of(at(0.5, 6)))).isEqualTo(new Ruling(Outcome.WIDE, Side.RIGHT));
        assertThat(left.rule(List.of(at(-0.5, 2.13))).outcome()).isEqualTo(Outcome.SHORT);
    }

    @Test
    void asLaidIsWhatIsJudged() {
        TargetSet set = set(new OneArea(new Rectangle(1, 5, 2, 6)));
        Rectangle put = new Rectangle(1.1, 5, 2.2, 6);
        Conditions laid = Conditions.AS_DRAWN.with(List.of(new Laid(1, put)));
        assertThat(set.umpire(0, laid).rule(List.of(at(2.1, 5.5)))).isEqualTo(Ruling.hit(1));
        assertThat(set.umpire(0, laid).rule(List.of(at(1.05, 5.5))).outcome()).isEqualTo(Outcome.IN);
        assertThat(laid.laidKey())
                .isNotEqualTo(Conditions.AS_DRAWN
                        .with(List.of(new Laid(1, put.moved(0.002, 0))))
                        .laidKey());
        assertThat(Conditions.AS_DRAWN.laidKey()).isEmpty();
    }

    @Test
    void whatWasLaidAsTheMirrorImageIsLaidOtherwise() {
        Polygon leaning = new Polygon(List.of(at(1, 5), at(2, 5), at(2, 6)));
        Polygon mirrored = new Polygon(List.of(at(1, 5), at(2, 5), at(1, 6)));
        assertThat(key(leaning)).isNotEqualTo(key(mirrored));
        assertThat(key(leaning)).isEqualTo(key(new Polygon(List.of(at(2, 6), at(1, 5), at(2, 5)))));
    }

    private static String key(Area area) {
        return Conditions.AS_DRAWN.with(List.of(new Laid(1, area))).laidKey();
    }

    @Test
    void nothingIsLaidOffTheCourt() {
        TargetSet set = set(new OneArea(new Rectangle(1, 5, 2, 6)));
        Conditions far = Conditions.AS_DRAWN.with(List.of(new Laid(1, new Rectangle(40, 5, 41, 6))));
        assertThatThrownBy(() -> set.requireLaid(far))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("off_court");
        set.requireLaid(Conditions.AS_DRAWN.with(List.of(new Laid(1, new Rectangle(1.1, 5, 2.1, 6)))));
    }

    @Property(tries = 100)
    void mirroredOrTurnedTwiceIsTheSame(@ForAll long seed) {
        Random random = new Random(seed);
        Circle circle = new Circle(at(random.nextInt(3) - 1, 2 + random.nextInt(3)), 0.5);
        List<Target.OnSurface> kinds = List.of(
                new OneArea(Polygon.of(at(0, 3), at(1, 4.2), at(0, 6), at(-1.2, 4))),
                new Strip("left-side", Side.RIGHT, 0.5),
                new PastLine("short-service", Side.DEEP),
                new KeepAway(circle),
                new GoodBands(BACK_COURT, new Rectangle(-1, 5.2, 2, 6)),
                new AimPoint(circle.middle(), circle),
                new Rings(List.of(new Ring(circle, 2), new Ring(circle.scaled(2), 1))));
        TargetSet set = new TargetSet(
                "m",
                1,
                "M",
                BADMINTON,
                new InUse(new InUse.Named("doubles"), Tie.COURT),
                Bounce.FIRST,
                List.of(new Zone(1, "M", Plane.FLOOR, Tie.SIDE, kinds.get(random.nextInt(kinds.size())))),
                List.of(),
                Optional.empty());
        for (Change change : List.of(new Change.Mirrored(), new Change.OtherEnd())) {
            TargetSet once = set.with(change);
            assertThat(whole(once.with(change), Conditions.AS_DRAWN).size())
                    .isCloseTo(whole(set, Conditions.AS_DRAWN).size(), within(1e-9));
            Point landing = at(random.nextDouble() * 6 - 3, random.nextDouble() * 6.7);
            Point there = change.of(landing);
            assertThat(once.umpire(0, Conditions.AS_DRAWN).rule(List.of(there)).outcome())
                    .as("%s %s", change, landing)
                    .isEqualTo(
                            outcomeOnOwnHalf(set.umpire(0, Conditions.AS_DRAWN).rule(List.of(landing)), change));
            assertThat(once.with(change).umpire(0, Conditions.AS_DRAWN).rule(List.of(landing)))
                    .isEqualTo(set.umpire(0, Conditions.AS_DRAWN).rule(List.of(landing)));
        }
    }

    /** Past the lines of the own half it is a fault, whichever line it is. */
    private static Outcome outcomeOnOwnHalf(Ruling ruling, Change change) {
        boolean out = ruling.outcome() != Outcome.HIT && ruling.outcome() != Outcome.IN;
        return out && change instanceof Change.OtherEnd ? Outcome.FAULT : ruling.outcome();
    }

    @Test
    void aZoneIsScaledAboutItsMiddle() {
        Zone zone =
                new Zone(1, "R", Plane.FLOOR, Tie.COURT, new GoodBands(BACK_COURT, new Rectangle(-2.59, 5.2, 2.59, 6)));
        Ground half = ((Target.OnSurface)
                        zone.with(new Change.Scaled(0.5, BACK_COURT.middle())).asks())
                .on(BADMINTON.main(), BADMINTON.main().firstRegion(), Optional.empty());
        assertThat(half.whole().size()).isCloseTo(BACK_COURT.size() / 4, within(1e-9));
        assertThat(half.whole().middle().distanceTo(BACK_COURT.middle())).isLessThan(1e-9);
        assertThat(half.size()).isCloseTo((BACK_COURT.size() - 5.18 * 0.8) / 4, within(1e-9));
    }

    private static Umpire compound(Court court, InOrder order) {
        Plane last = order.parts().get(order.parts().size() - 1).plane();
        String first = court.surface(last).firstRegion().id();
        return TargetSet.of("c", "C", court, first, new Zone(1, "C", last, Tie.COURT, order))
                .umpire(0, Conditions.AS_DRAWN);
    }

    private static Area whole(TargetSet set, Conditions conditions) {
        return set.umpire(0, conditions).last().patches().get(0).ground().whole();
    }

    private static Ruling rule(Target asks, double x, double y) {
        return set(asks).umpire(0, Conditions.AS_DRAWN).rule(List.of(at(x, y)));
    }

    private static TargetSet set(Target asks) {
        return TargetSet.of("t", "T", BADMINTON, "singles", new Zone(1, "T", Plane.FLOOR, Tie.COURT, asks));
    }

    private static TargetSet set(List<Integer> precedence, Zone... zones) {
        return new TargetSet(
                "t",
                1,
                "T",
                BADMINTON,
                InUse.named("singles"),
                Bounce.FIRST,
                List.of(zones),
                precedence,
                Optional.empty());
    }

    private static Geometry jts(Polygon polygon) {
        Coordinate[] ring = new Coordinate[polygon.corners().size() + 1];
        for (int i = 0; i < ring.length; i++) {
            Point corner = polygon.corners().get(i % polygon.corners().size());
            ring[i] = new Coordinate(corner.x(), corner.y());
        }
        return JTS.createPolygon(ring);
    }

    private static Point at(double x, double y) {
        return new Point(x, y);
    }
}
