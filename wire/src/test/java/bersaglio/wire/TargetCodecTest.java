package bersaglio.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.Samples;
import bersaglio.core.court.Circle;
import bersaglio.core.court.OwnCourt;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Side;
import bersaglio.core.court.StraightLine;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.problem.Refused;
import bersaglio.core.target.AimPoint;
import bersaglio.core.target.Bounce;
import bersaglio.core.target.ByStance;
import bersaglio.core.target.Effect;
import bersaglio.core.target.GoodBands;
import bersaglio.core.target.HeightBand;
import bersaglio.core.target.InOrder;
import bersaglio.core.target.InUse;
import bersaglio.core.target.KeepAway;
import bersaglio.core.target.OneArea;
import bersaglio.core.target.PastLine;
import bersaglio.core.target.Rings;
import bersaglio.core.target.Stance;
import bersaglio.core.target.Strip;
import bersaglio.core.target.Target;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Tie;
import bersaglio.core.target.Zone;
import bersaglio.wire.format.TargetSetFormat;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class TargetCodecTest {

    private static final Circle DISC = new Circle(new Point(0.5, 4), 0.5);
    private static final Rectangle BOX = new Rectangle(-1, 3, 2, 6);

    @ParameterizedTest
    @MethodSource("sets")
    void everyKindOfTargetComesBackTheSame(TargetSet set) {
        assertThat(TargetSetFormat.decode(
                        Fields.of("", Json.parse(TargetSetFormat.encode(set).toString()))))
                .isEqualTo(set);
    }

    static Stream<TargetSet> sets() {
        return Stream.concat(
                Stream.of(
                                new OneArea(Polygon.of(new Point(0, 2), new Point(2.5, 2), new Point(2, 6.1))),
                                new Strip("back", Side.SHORT, 0.76),
                                new PastLine("short-service", Side.DEEP),
                                new Rings(List.of(new Rings.Ring(DISC, 5), new Rings.Ring(DISC.scaled(2), 1))),
                                new KeepAway(DISC),
                                new GoodBands(BOX, new Rectangle(-1, 4, 2, 5)),
                                new AimPoint(new Point(0.25, 4), DISC),
                                new ByStance(Stance.Anchor.BETWEEN, new Rectangle(-0.5, -1, 0.5, 1)),
                                new Effect(Effect.What.LET_IT_GO),
                                new InOrder(List.of(
                                        new InOrder.Part(Plane.OVER_NET, "over", new HeightBand(1.6, 2)),
                                        new InOrder.Part(Plane.FLOOR, "singles", new OneArea(BOX)))))
                        .map(asks -> set(InUse.named("singles"), asks)),
                Stream.of(
                        set(new InUse(new InUse.Beyond("short-service", Side.DEEP), Tie.COURT), new OneArea(BOX)),
                        set(new InUse(new InUse.Drawn(DISC), Tie.SIDE), new OneArea(BOX)),
                        TargetSet.of(
                                "yard",
                                "Yard",
                                new OwnCourt(
                                                "yard-1",
                                                4,
                                                7,
                                                1.1,
                                                List.of(new OwnCourt.OwnLine("blue", StraightLine.Way.ALONG, 1)))
                                        .court(),
                                "left-half",
                                Zone.spot(3, "Far", Plane.FLOOR, BOX))));
    }

    private static TargetSet set(InUse inUse, Target asks) {
        return new TargetSet(
                "t-1",
                4,
                "Every kind",
                Courts.BADMINTON,
                inUse,
                Bounce.FIRST,
                List.of(new Zone(2, "One", Plane.FLOOR, Tie.SIDE, asks)),
                List.of(2),
                Optional.of(new Stance(List.of(new Point(0, 4), new Point(1, 2)), 1.5)));
    }

    /** What is refused is named by its whole path, so that the page can show it in its place. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "name | \"\" | bad_name | name",
                "court | \"the moon\" | not_allowed | court",
                "inUse | {\"region\":\"attic\",\"tie\":\"COURT\"} | not_allowed | inUse",
                "bounce | \"THIRD\" | not_allowed | bounce",
                "zones | [] | out_of_range | zones",
                "precedence | [1.5] | wrong_type | precedence",
                "precedence | [4] | not_allowed | precedence",
                "stance | {\"opponents\":[],\"reach\":1} | out_of_range | stance.opponents"
            })
    void aBadSetIsRefusedAtItsField(String field, String value, String code, String at) {
        JsonObject set = TargetSetFormat.encode(Samples.TARGET).set(field, Json.parse(value));
        assertRefused(set, code, at);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"kind\":\"DART\"} | not_allowed | zones.0.asks.kind",
                "{\"kind\":\"STRIP\",\"line\":\"back\",\"side\":\"SHORT\"} | missing | zones.0.asks.width",
                "{\"kind\":\"STRIP\",\"line\":\"back\",\"side\":\"SHORT\",\"width\":-1} | out_of_range | zones.0.asks.width",
                "{\"kind\":\"STRIP\",\"line\":\"sea\",\"side\":\"SHORT\",\"width\":1} | not_allowed | zones.0.line",
                "{\"kind\":\"SPOT\",\"area\":{\"kind\":\"POLYGON\",\"corners\":[{\"x\":0,\"y\":1},{\"x\":2,\"y\":3},{\"x\":2,\"y\":1},{\"x\":0,\"y\":3}]}} | crosses_itself | zones.0.asks.area.corners.2",
                "{\"kind\":\"SPOT\",\"area\":{\"kind\":\"CIRCLE\",\"middle\":{\"x\":30,\"y\":1},\"radius\":1}} | off_court | zones.0",
                "{\"kind\":\"IN_ORDER\",\"parts\":[]} | out_of_range | zones.0.asks.parts"
            })
    void aBadZoneIsRefusedAtItsField(String asks, String code, String at) {
        JsonObject set = TargetSetFormat.encode(Samples.TARGET);
        set.get("zones").asArray().get(0).asObject().set("asks", Json.parse(asks));
        assertRefused(set, code, at);
    }

    @Test
    void aDrillIsRefusedWithTheWholePathToItsTarget() {
        JsonObject drill = DrillCodec.encode(Samples.drill());
        drill.get("levels").asArray().get(1).asObject().get("target").asObject().set("court", "the moon");
        assertThatThrownBy(() -> DrillCodec.decode(drill)).isInstanceOfSatisfying(Refused.class, refused -> assertThat(
                        refused.problem().field())
                .isEqualTo("levels.1.target.court"));
    }

    private static void assertRefused(JsonObject set, String code, String at) {
        assertThatThrownBy(() -> TargetSetFormat.decode(Fields.of("", set)))
                .isInstanceOfSatisfying(Refused.class, refused -> assertThat(refused.problem())
                        .returns(code, problem -> problem.code())
                        .returns(at, problem -> problem.field()));
    }
}
