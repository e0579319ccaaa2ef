package bersaglio.core.target;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.court.Circle;
import bersaglio.core.court.Court;
import bersaglio.core.court.OwnCourt;
import bersaglio.core.court.OwnCourt.OwnLine;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Side;
import bersaglio.core.court.StraightLine;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.problem.Refused;
import bersaglio.core.target.Conditions.Laid;
import bersaglio.core.target.Rings.Ring;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What cannot be laid is refused where it stands, with what can be. */
class RefusedTargetsTest {

    private static final Rectangle BOX = new Rectangle(0, 4, 1, 5);

    @Test
    void aZoneOffItsSurface() {
        refuses("off_court", "zones.0", "on what is in use", spot(1, BOX.moved(5, 0)));
        refuses("off_court", "zones.1", "on what is in use", spot(1, BOX), spot(2, new Circle(new Point(0, 9), 1)));
        refuses("off_court", "zones.0.line", "something of what is in use", zone(1, new PastLine("back", Side.DEEP)));
        // A left-hander's mirrored zone must lie on what is in use too.
        assertRefused(
                "off_court",
                "zones.0",
                "on what is in use",
                () -> set("right-half", List.of(), spot(1, BOX).tiedTo(Tie.HITTER_HAND)));
    }

    @Test
    void zonesThatOverlapWithoutAnOrder() {
        refuses("overlapping", "zones.1", "clear of zone 1", spot(1, BOX), spot(2, BOX.moved(0.5, 0)));
        assertThat(set("singles", List.of(2, 1), spot(1, BOX), spot(2, BOX.moved(0.5, 0)))
                        .zones())
                .hasSize(2);
        assertThat(set("singles", List.of(), spot(1, BOX), spot(2, BOX.moved(1, 0)))
                        .zones())
                .as("side by side is no overlap")
                .hasSize(2);
        refuses("number_taken", "zones.1.number", "a number of its own", spot(1, BOX), spot(1, BOX.moved(1, 0)));
        assertRefused("not_allowed", "precedence", "once", () -> set("singles", List.of(3), spot(1, BOX)));
    }

    @Test
    void ringsThatDoNotNestAndMiddlesOutsideTheirBands() {
        assertRefused(
                "not_nested",
                "rings.1",
                "around ring 1",
                () -> new Rings(List.of(
                        new Ring(new Circle(new Point(0, 4), 0.5), 2),
                        new Ring(new Circle(new Point(0.4, 4), 0.7), 1))));
        assertRefused(
                "not_nested", "rings.1", "around ring 1", () -> new Rings(List.of(new Ring(BOX, 2), new Ring(BOX, 1))));
        assertRefused("not_nested", "middle", "a part", () -> new GoodBands(BOX, BOX.moved(0.2, 0)));
        assertRefused("not_nested", "aim", "in the scoring area", () -> new AimPoint(new Point(0, 0), BOX));
    }

    @Test
    void aCompoundOnSurfacesThatTheCourtDoesNotHave() {
        InOrder wall = new InOrder(List.of(
                new InOrder.Part(Plane.FRONT_WALL, "rally", new HeightBand(1, 2)),
                new InOrder.Part(Plane.FLOOR, "singles", new OneArea(BOX))));
        refuses("not_allowed", "zones.0.parts.0.surface", "FLOOR, OWN_HALF, OVER_NET", zone(1, wall));
        InOrder net = new InOrder(List.of(
                new InOrder.Part(Plane.OVER_NET, "over", new HeightBand(1.6, 2)),
                new InOrder.Part(Plane.FLOOR, "attic", new OneArea(BOX))));
        refuses("not_allowed", "zones.0.parts.1.inUse", "singles", zone(1, net));
        InOrder good = new InOrder(List.of(
                new InOrder.Part(Plane.OVER_NET, "over", new HeightBand(1.6, 2)),
                new InOrder.Part(Plane.FLOOR, "singles", new OneArea(BOX))));
        refuses("not_alone", "zones.0", "alone", zone(1, good), spot(2, BOX));
        assertRefused(
                "not_allowed",
                "parts.1.plane",
                "another surface",
                () -> new InOrder(List.of(
                        new InOrder.Part(Plane.FLOOR, "singles", new OneArea(BOX)),
                        new InOrder.Part(Plane.FLOOR, "singles", new OneArea(BOX)))));
    }

    @Test
    void whatDoesNotFitItsSurfaceOrItsSet() {
        refuses("not_allowed", "zones.0.line", "net, back, short-service", zone(1, new Strip("river", Side.LEFT, 1)));
        refuses("not_allowed", "zones.0.side", "SHORT, DEEP", zone(1, new Strip("back", Side.LEFT, 1)));
        refuses("not_allowed", "zones.0.plane", "OVER_NET", zone(1, new HeightBand(1, 2)));
        assertRefused(
                "no_area",
                "zones.0.far",
                "greater than near",
                () -> set("over", List.of(), new Zone(1, "B", Plane.OVER_NET, Tie.COURT, new HeightBand(2, 2))));
        refuses("not_allowed", "zones.1.plane", "FLOOR", spot(1, BOX), Zone.spot(2, "W", Plane.OVER_NET, BOX));
        refuses("not_allowed", "zones.1.asks", "places only", spot(1, BOX), zone(2, new Effect(Effect.What.LET_IT_GO)));
        refuses(
                "missing",
                "zones.0.stance",
                "opponents",
                zone(1, new ByStance(Stance.Anchor.OPPONENT, new Rectangle(-1, -1, 1, 1))));
        assertRefused("not_allowed", "anchor", "OPPONENT or GAP", () -> new Stance(List.of(new Point(0, 3)), 1)
                .place(Stance.Anchor.BETWEEN, BOX));
        assertRefused(
                "not_allowed",
                "offsets",
                "RECTANGLE",
                () -> new ByStance(Stance.Anchor.OPPONENT, new Circle(new Point(0, 0), 1)));
        assertRefused("not_allowed", "zones.0.laid", "a single area", () -> set(
                        "singles", List.of(), zone(1, new GoodBands(BOX, BOX.scaled(0.5))))
                .umpire(0, Conditions.AS_DRAWN.with(List.of(new Laid(1, BOX)))));
    }

    @Test
    void aCourtOfOnesOwnMeasuresIsLaidOnLikeAnyOther() {
        Court own = new OwnCourt("hall-3", 5, 6, 1.2, List.of(new OwnLine("blue", StraightLine.Way.ACROSS, 2))).court();
        assertThat(own.surfaces())
                .extracting(surface -> surface.plane())
                .containsExactly(Plane.FLOOR, Plane.OWN_HALF, Plane.OVER_NET);
        Umpire umpire = TargetSet.of("o", "O", own, "whole", zone(1, new PastLine("blue", Side.DEEP)))
                .umpire(0, Conditions.AS_DRAWN);
        assertThat(umpire.rule(List.of(new Point(1, 2.1))).outcome().name()).isEqualTo("HIT");
        assertThat(umpire.rule(List.of(new Point(1, 6.1))).outcome().name()).isEqualTo("LONG");
        assertThat(new OwnCourt("yard", 4, 8, 0, List.of()).court().surfaces()).hasSize(1);
        assertRefused(
                "out_of_range",
                "lines.0.at",
                "0.0 to 6.0",
                () -> new OwnCourt("hall-3", 5, 6, 1.2, List.of(new OwnLine("blue", StraightLine.Way.ACROSS, 7))));
        assertRefused("out_of_range", "width", "0.5 to 60.0", () -> new OwnCourt("h", 0.1, 6, 0, List.of()));
    }

    private static void refuses(String code, String field, String allowed, Zone... zones) {
        assertRefused(code, field, allowed, () -> set("singles", List.of(), zones));
    }

    private static void assertRefused(String code, String field, String allowed, Runnable work) {
        assertThatThrownBy(work::run).isInstanceOfSatisfying(Refused.class, refused -> {
            assertThat(refused.problem().code()).isEqualTo(code);
            assertThat(refused.problem().field()).isEqualTo(field);
            assertThat(refused.problem().allowed()).contains(allowed);
        });
    }

    private static TargetSet set(String inUse, List<Integer> precedence, Zone... zones) {
        return new TargetSet(
                "t",
                1,
                "T",
                Courts.BADMINTON,
                InUse.named(inUse),
                Bounce.FIRST,
                List.of(zones),
                precedence,
                Optional.empty());
    }

    private static Zone spot(int number, bersaglio.core.court.Area area) {
        return Zone.spot(number, "Z" + number, Plane.FLOOR, area);
    }

    private static Zone zone(int number, Target asks) {
        return new Zone(number, "Z" + number, Plane.FLOOR, Tie.COURT, asks);
    }
}
