package bersaglio.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.Samples;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;
import bersaglio.core.target.AimPoint;
import bersaglio.core.target.Change;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.GoodBands;
import bersaglio.core.target.KeepAway;
import bersaglio.core.target.LayingCard;
import bersaglio.core.target.OneArea;
import bersaglio.core.target.Rings;
import bersaglio.core.target.Rings.Ring;
import bersaglio.core.target.Target;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Tie;
import bersaglio.core.target.Zone;
import bersaglio.wire.format.ConditionsFormat;
import bersaglio.wire.view.LyingView;
import bersaglio.wire.view.LyingView.LyingZoneView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is drawn, laid and measured of a target, and what a page may ask about it. */
class LyingTest {

    private static final Circle DISC = new Circle(new Point(1, 4), 0.5);

    @Test
    void aZoneLiesWhereTheHandHasItWithItsSizeAndItsShare() {
        LyingZoneView right = zone(Samples.TARGET, 0, Conditions.AS_DRAWN);
        LyingZoneView left = zone(Samples.TARGET, 0, Conditions.AS_DRAWN.with(Hand.LEFT));
        assertThat(right.size()).isCloseTo(1, within(1e-9));
        assertThat(right.share()).isCloseTo(1 / (5.18 * 6.7), within(1e-9));
        assertThat(left.whole().bounds().left()).isEqualTo(-2.59);
        assertThat(right.cards()).hasSize(1);
        assertThat(right.cards().get(0).markers()).hasSize(4);
    }

    @Test
    void ringsAreLaidEachAndTheOneThatCountsIsTheGoodPart() {
        TargetSet rings = set(new Rings(List.of(new Ring(DISC, 3), new Ring(DISC.scaled(2), 1))));
        LyingZoneView inner = zone(rings, 1, Conditions.AS_DRAWN);
        assertThat(inner.good()).isNotNull();
        assertThat(inner.good().radius()).isEqualTo(0.5);
        assertThat(inner.rings()).hasSize(2);
        assertThat(inner.cards()).extracting(card -> card.piece()).containsOnly(LayingCard.Piece.RING);
        assertThat(zone(rings, 0, Conditions.AS_DRAWN).good())
                .as("the outermost is the whole")
                .isNull();
    }

    @Test
    void anAimABadMiddleAndAZoneToAvoidAreToldApart() {
        LyingZoneView aim = zone(set(new AimPoint(new Point(1.1, 4), DISC)), 0, Conditions.AS_DRAWN);
        assertThat(aim.cards())
                .extracting(card -> card.piece())
                .containsExactly(LayingCard.Piece.ZONE, LayingCard.Piece.AIM);
        Rectangle whole = new Rectangle(-2, 4, 2, 6);
        LyingZoneView bands = zone(set(new GoodBands(whole, new Rectangle(-2, 4.8, 2, 5.2))), 0, Conditions.AS_DRAWN);
        assertThat(bands.spoilt()).isNotNull();
        assertThat(bands.size()).isCloseTo(8 - 1.6, within(1e-9));
        LyingZoneView avoid = zone(set(new KeepAway(whole)), 0, Conditions.AS_DRAWN);
        assertThat(avoid.avoid()).isTrue();
        assertThat(avoid.spoilt()).as("all of it is to be kept away from").isNull();
        assertThat(avoid.size()).isCloseTo(8, within(1e-9));
    }

    /** What the page sends of conditions is read as it is meant, and what it cannot mean is refused at its field. */
    @Test
    void conditionsAreReadWithWhatWasLaidAndWhereTheOpponentsStand() {
        JsonObject given = Json.parse(
                        """
                        {"hand":"LEFT","from":"LEFT","opponent":"RIGHT",
                         "stance":{"opponents":[{"x":0,"y":4}],"reach":1.5},
                         "laid":[{"zone":1,"area":{"kind":"CIRCLE","middle":{"x":1,"y":4},"radius":0.4}}]}""")
                .asObject();
        Conditions conditions = ConditionsFormat.decode(Fields.of("conditions", given));
        assertThat(conditions.hitter()).isEqualTo(Hand.LEFT);
        assertThat(conditions.from()).isEqualTo(From.LEFT);
        assertThat(conditions.stance()).isPresent();
        assertThat(conditions.laid()).hasSize(1);
        assertThat(zone(set(new OneArea(DISC)), 0, conditions.withStance(conditions.stance()))
                        .whole()
                        .radius())
                .isEqualTo(0.4);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "hand | \"BOTH\" | conditions.hand",
                "from | 7 | conditions.from",
                "laid | [{\"zone\":1}] | conditions.laid.0.area",
                "laid | [{\"zone\":12,\"area\":{\"kind\":\"CIRCLE\",\"middle\":{\"x\":1,\"y\":4},\"radius\":0.4}}] | conditions.laid.0.zone",
                "stance | {\"opponents\":[]} | conditions.stance.reach"
            })
    void badConditionsAreRefusedAtTheirField(String field, String value, String at) {
        JsonObject given = Json.parse("{\"hand\":\"LEFT\",\"from\":\"LEFT\",\"opponent\":\"RIGHT\"}")
                .asObject()
                .set(field, Json.parse(value));
        assertThatThrownBy(() -> ConditionsFormat.decode(Fields.of("conditions", given)))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.problem().field()).isEqualTo(at));
    }

    @Test
    void aChangeIsReadByItsKind() {
        assertThat(ConditionsCodec.change(Json.parse("{\"kind\":\"MIRROR\"}"))).isInstanceOf(Change.Mirrored.class);
        assertThat(ConditionsCodec.change(Json.parse("{\"kind\":\"OTHER_END\"}")))
                .isInstanceOf(Change.OtherEnd.class);
        assertThat(ConditionsCodec.change(Json.parse("{\"kind\":\"SCALE\",\"factor\":2,\"about\":{\"x\":1,\"y\":4}}")))
                .isEqualTo(new Change.Scaled(2, new Point(1, 4)));
        assertThatThrownBy(() -> ConditionsCodec.change(Json.parse("{\"kind\":\"SCALE\",\"factor\":2}")))
                .isInstanceOf(Refused.class);
    }

    private static LyingZoneView zone(TargetSet set, int ring, Conditions conditions) {
        return LyingView.of(set, ring, conditions).stages().get(0).zones().get(0);
    }

    private static TargetSet set(Target asks) {
        return TargetSet.of("t", "T", Courts.BADMINTON, "singles", new Zone(1, "T", Plane.FLOOR, Tie.COURT, asks));
    }
}
