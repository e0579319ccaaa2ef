package bersaglio.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.Samples;
import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.problem.Refused;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class DrillCodecTest {

    @ParameterizedTest
    @MethodSource("rules")
    void aDrillComesBackTheSame(AdvanceRule rule) {
        Drill drill = Samples.drill(rule);
        assertThat(DrillCodec.decode(Json.parse(DrillCodec.encode(drill).toString())))
                .isEqualTo(drill);
    }

    static Stream<AdvanceRule> rules() {
        return Stream.of(new OneMetQuota(), new MetInLast(2, 3), new Evidence(0.85, 20, 36));
    }

    @ParameterizedTest
    @MethodSource("areas")
    void aZoneOfAnyShapeComesBackTheSame(Area area) {
        assertThat(AreaCodec.decode(
                        Fields.of("", Json.parse(AreaCodec.encode(area).toString()))))
                .isEqualTo(area);
    }

    static Stream<Area> areas() {
        return Stream.of(
                Samples.CORNER,
                new Circle(new Point(-1.25, 4.5), 0.75),
                Polygon.of(new Point(0, 2), new Point(2.5, 2), new Point(2, 6.1)));
    }

    @Test
    void theRateThatALevelAsksForIsSaidAndNeverRead() {
        JsonObject told = DrillCodec.encode(Samples.drill());
        told.get("levels").asArray().get(0).asObject().set("targetRate", 0.99);
        assertThat(DrillCodec.decode(told).level(1).targetRate())
                .isEqualTo(Samples.drill().level(1).targetRate());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "freedom | \"SOMETIMES\" | not_allowed | freedom",
                "levels | [] | empty_progression | levels",
                "levels | {} | wrong_type | levels",
                "version | 0 | out_of_range | version",
                "id | \"with spaces\" | bad_id | id"
            })
    void aBadDrillIsRefusedAtItsField(String field, String value, String code, String at) {
        JsonObject drill = DrillCodec.encode(Samples.drill()).set(field, Json.parse(value));
        assertRefused(drill, code, at);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "quota | {\"hits\": 13, \"balls\": 12} | out_of_range | hits",
                "quota | {\"hits\": 8} | missing | levels.0.quota.balls",
                "tries | 21 | out_of_range | tries",
                "number | 2 | out_of_range | levels.0.number",
                "coachTarget | 1.2 | out_of_range | coachTarget",
                "ring | 1 | out_of_range | ring",
                "target | 7 | wrong_type | levels.0.target",
                "advance | {\"rule\": \"a_hunch\"} | not_allowed | levels.0.advance.rule",
                "advance | {\"rule\": \"met_in_last\", \"times\": 4, \"sets\": 3} | out_of_range | times"
            })
    void aBadLevelIsRefusedAtItsField(String field, String value, String code, String at) {
        JsonObject drill = DrillCodec.encode(Samples.drill());
        drill.get("levels").asArray().get(0).asObject().set(field, Json.parse(value));
        assertRefused(drill, code, at);
    }

    private static void assertRefused(JsonObject drill, String code, String at) {
        assertThatThrownBy(() -> DrillCodec.decode(drill))
                .isInstanceOfSatisfying(Refused.class, refused -> assertThat(refused.problem())
                        .returns(code, problem -> problem.code())
                        .returns(at, problem -> problem.field()));
    }
}
