package bersaglio.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.problem.Refused;
import bersaglio.wire.format.EventBodyFormat;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EventCodecTest {

    /** Every event version that was ever released stays readable, and is raised to the present one. */
    @Test
    void everyReleasedEventReadsAsWhatItIsToday() throws IOException {
        List<JsonValue> present = fixture("events-v9.json");
        for (String released : List.of(
                "events-v1.json",
                "events-v2.json",
                "events-v3.json",
                "events-v4.json",
                "events-v5.json",
                "events-v6.json",
                "events-v7.json",
                "events-v8.json")) {
            List<JsonValue> older = fixture(released);
            for (int i = 0; i < older.size(); i++) {
                assertThat(EventCodec.encode(EventCodec.decode(older.get(i)))).isEqualTo(present.get(i));
            }
        }
        for (JsonValue released : present) {
            assertThat(EventCodec.encode(EventCodec.decode(released))).isEqualTo(released);
        }
    }

    @Test
    void theFixtureHoldsEveryKind() throws IOException {
        assertThat(fixture("events-v9.json"))
                .extracting(event -> event.asObject().getString("kind", ""))
                .contains(EventBodyFormat.KINDS.split(", "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "kind | \"shot.dreamt\" | unknown_kind | kind",
                "v | 10 | newer_version | v",
                "v | 0 | out_of_range | v",
                "id | \"no spaces please\" | bad_id | id",
                "id | 7 | wrong_type | id",
                "pen | 1.5 | wrong_type | pen",
                "wall | -1 | out_of_range | wall",
                "body | [] | wrong_type | body",
                "body | {\"x\": 100, \"y\": 1, \"by\": \"COACH\"} | out_of_range | body.x",
                "body | {\"x\": 1e999, \"y\": 1, \"by\": \"COACH\"} | wrong_type | body.x",
                "body | {\"x\": \"left\", \"y\": 1, \"by\": \"COACH\"} | wrong_type | body.x",
                "body | {\"y\": 1, \"by\": \"COACH\"} | missing | body.x",
                "body | {\"x\": 1, \"y\": 1, \"by\": \"NOBODY\"} | not_allowed | body.by"
            })
    void aBadEventIsRefusedAtItsField(String field, String value, String code, String at) throws IOException {
        JsonObject event = landing().set(field, Json.parse(value));
        assertThatThrownBy(() -> EventCodec.decode(event))
                .isInstanceOfSatisfying(Refused.class, refused -> assertThat(refused.problem())
                        .returns(code, problem -> problem.code())
                        .returns(at, problem -> problem.field()));
    }

    @Test
    void brokenTextIsRefusedWithItsPlace() {
        assertThatThrownBy(() -> Fields.parse("{\"events\": [}"))
                .isInstanceOfSatisfying(Refused.class, refused -> assertThat(refused.problem())
                        .returns("broken_json", problem -> problem.code())
                        .returns("line 1, column 13", problem -> problem.value()));
    }

    private static JsonObject landing() throws IOException {
        return fixture("events-v1.json").stream()
                .map(JsonValue::asObject)
                .filter(event -> event.getString("kind", "").equals("shot.landed"))
                .findFirst()
                .orElseThrow();
    }

    private static List<JsonValue> fixture(String name) throws IOException {
        try (InputStream in = Objects.requireNonNull(EventCodecTest.class.getResourceAsStream(name))) {
            List<JsonValue> events = new ArrayList<>();
            Json.parse(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .asArray()
                    .forEach(events::add);
            return events;
        }
    }
}
