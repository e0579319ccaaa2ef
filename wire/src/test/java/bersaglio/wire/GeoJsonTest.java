package bersaglio.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.Samples;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.measure.LocalMeasure;
import bersaglio.core.place.Place;
import bersaglio.core.problem.Refused;
import bersaglio.core.target.GoodBands;
import bersaglio.core.target.OneArea;
import bersaglio.core.target.Target;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Tie;
import bersaglio.core.target.Zone;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class GeoJsonTest {

    @ParameterizedTest
    @MethodSource("bersaglio.wire.TargetCodecTest#sets")
    void everyKindOfTargetComesBackTheSame(TargetSet set) {
        assertThat(GeoJson.decodeTarget(sent(GeoJson.encode(set)))).isEqualTo(set);
    }

    @ParameterizedTest
    @ValueSource(strings = {"badminton", "squash", "basketball", "none"})
    void aPlaceOnAnyCourtComesBackTheSame(String court) {
        Place place = new Place(
                "hall-2",
                3,
                "Hall court 2",
                Courts.named(court),
                List.of(new LocalMeasure("tile", "tiles", 0.3)),
                OptionalDouble.of(0.2));
        assertThat(GeoJson.decodePlace(sent(GeoJson.encode(place)))).isEqualTo(place);
    }

    /** Rings close, holes are the bad middles, and every part of the court says what it is. */
    @Test
    void whatIsDrawnIsLawfulGeometry() {
        TargetSet bands = TargetSet.of(
                "b",
                "Bands",
                Courts.BADMINTON,
                "singles",
                new Zone(
                        1,
                        "Bands",
                        Plane.FLOOR,
                        Tie.COURT,
                        new GoodBands(new Rectangle(-2, 4, 2, 6), new Rectangle(-2, 4.8, 2, 5.2))));
        JsonArray features = GeoJson.encode(bands).get("features").asArray();
        for (JsonValue feature : features) {
            JsonObject geometry = feature.asObject().get("geometry").asObject();
            if (geometry.getString("type", "").equals("Polygon")) {
                for (JsonValue ring : geometry.get("coordinates").asArray()) {
                    assertThat(ring.asArray().get(0))
                            .isEqualTo(ring.asArray().get(ring.asArray().size() - 1));
                }
            }
        }
        JsonObject zone = features.get(features.size() - 1).asObject();
        assertThat(zone.get("properties").asObject().getString("role", "")).isEqualTo("zone");
        assertThat(zone.get("geometry").asObject().get("coordinates").asArray()).hasSize(2);
        assertThat(features)
                .extracting(feature ->
                        feature.asObject().get("properties").asObject().getString("role", ""))
                .contains("surface", "region", "line", "zone");
    }

    /** What another program drew comes in by its shape, and its hole as a bad middle. */
    @Test
    void aPolygonDrawnElsewhereIsAZoneOfThatShape() {
        JsonObject file = GeoJson.encode(Samples.TARGET);
        JsonObject zone = lastFeature(file);
        zone.get("properties").asObject().remove("asks");
        zone.set("geometry", Json.parse("{\"type\":\"Polygon\",\"coordinates\":[[[0,2],[2,2],[2,5],[0,2]]]}"));
        Target asks = GeoJson.decodeTarget(file).zones().get(0).asks();
        assertThat(((OneArea) asks).area().size()).isCloseTo(3, within(1e-9));
        zone.set(
                "geometry",
                Json.parse("{\"type\":\"Polygon\",\"coordinates\":"
                        + "[[[0,2],[2,2],[2,5],[0,5],[0,2]],[[0.5,3],[1.5,3],[1.5,4],[0.5,4],[0.5,3]]]}"));
        assertThat(GeoJson.decodeTarget(file).zones().get(0).asks()).isInstanceOf(GoodBands.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"type\":\"Point\",\"coordinates\":[0,2]} | not_allowed | features.10.geometry.type",
                "{\"type\":\"Polygon\",\"coordinates\":[]} | wrong_type | features.10.geometry.coordinates",
                "{\"type\":\"Polygon\",\"coordinates\":[[[0,2],[2,2]]]} | wrong_type | features.10.geometry.coordinates",
                "{\"type\":\"Polygon\",\"coordinates\":[[[0,2],[2,2],[2,5],[1,5]]]} | wrong_type | features.10.geometry.coordinates",
                "{\"type\":\"Polygon\",\"coordinates\":[[[0,2],[2,\"a\"],[2,5],[0,2]]]} | wrong_type | features.10.geometry.coordinates",
                "{\"type\":\"Polygon\",\"coordinates\":[[[0,2],[2,4],[2,2],[0,4],[0,2]]]} | crosses_itself | features.10.geometry.corners.2"
            })
    void brokenGeometryIsRefusedWithItsPlace(String geometry, String code, String field) {
        JsonObject file = GeoJson.encode(Samples.TARGET);
        JsonArray features = new JsonArray();
        for (int i = 0; i < 10; i++) {
            features.add(file.get("features").asArray().get(i));
        }
        JsonObject zone = lastFeature(file);
        zone.get("properties").asObject().remove("asks");
        features.add(zone.set("geometry", Json.parse(geometry)));
        file.set("features", features);
        assertThatThrownBy(() -> GeoJson.decodeTarget(file))
                .isInstanceOfSatisfying(Refused.class, refused -> assertThat(refused.problem())
                        .returns(code, problem -> problem.code())
                        .returns(field, problem -> problem.field()));
    }

    private static JsonObject lastFeature(JsonObject file) {
        JsonArray features = file.get("features").asArray();
        return features.get(features.size() - 1).asObject();
    }

    private static JsonValue sent(JsonObject json) {
        return Json.parse(json.toString());
    }
}
