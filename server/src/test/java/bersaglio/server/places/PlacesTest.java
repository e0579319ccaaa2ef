package bersaglio.server.places;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.server.DemoServer;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import java.net.http.HttpResponse;
import java.util.Collections;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(DemoServer.class)
class PlacesTest {

    private final StartedServer server;

    PlacesTest(StartedServer server) {
        this.server = server;
    }

    @Test
    void aPlaceKeepsItsMeasuresAndAChangeIsANewVersion() {
        String id = Device.newId();
        JsonNode first = put(id, 0, place("Hall court 2", "\"court\":\"badminton\""));
        assertThat(first.get("versionId").asString()).isEqualTo(id + "-1");
        assertThat(first.at("/measures/0/many").asString()).isEqualTo("tiles");
        assertThat(put(id, 1, place("Hall court 3", "\"court\":\"badminton\""))
                        .get("version")
                        .asInt())
                .isEqualTo(2);
        assertThat(inClub(id).get("name").asString()).isEqualTo("Hall court 3");
        assertThat(server.send(server.request("/api/places/" + id).DELETE()).statusCode())
                .isEqualTo(204);
        assertThat(server.get("/api/club").get("places"))
                .noneMatch(place -> place.get("id").asString().equals(id));
    }

    @Test
    void aMeasuredCourtIsListedWithTheCourts() {
        String id = Device.newId();
        put(id, 0, place("Yard", OWN));
        assertThat(server.get("/api/club").get("courts"))
                .filteredOn(court -> court.get("id").asString().equals("yard-1"))
                .hasSize(1)
                .allSatisfy(
                        court -> assertThat(court.at("/surfaces/0/extent/far").asDouble())
                                .isEqualTo(7.0));
    }

    /** Eight touches, each 30 cm to one side, are an error of 21 cm on each axis. */
    @Test
    void theChartersOwnErrorIsMeasuredAndKeptWithThePlace() {
        String id = Device.newId();
        put(id, 0, place("Check court", "\"court\":\"badminton\""));
        String touch = "{\"known\":{\"x\":1,\"y\":2},\"touched\":{\"x\":1.3,\"y\":2}}";
        HttpResponse<String> checked = check(id, String.join(",", Collections.nCopies(8, touch)));
        assertThat(StartedServer.JSON.readTree(checked.body()).get("charterSd").asDouble())
                .isCloseTo(0.3 / Math.sqrt(2), within(1e-9));
        assertThat(inClub(id).get("version").asInt()).isEqualTo(2);
        HttpResponse<String> few = check(id, touch);
        assertThat(few.statusCode()).isEqualTo(400);
        assertThat(few.body()).contains("\"field\":\"tries\"");
        assertThat(check(id, "{\"known\":{\"x\":1,\"y\":2}}").statusCode()).isEqualTo(400);
        assertThat(check("nowhere", touch).statusCode()).isEqualTo(404);
    }

    @Test
    void outAsGeoJsonAndInAgainItIsTheSame() {
        String id = Device.newId();
        JsonNode kept = put(id, 0, place("Out and in", OWN.replace("yard-1", "yard-2")));
        String file = server.send(server.request("/api/exchange/places/" + id)).body();
        server.send(server.request("/api/places/" + id).DELETE());
        assertThat(server.post("/api/exchange/places", file).statusCode()).isEqualTo(201);
        assertThat(inClub(id)).isEqualTo(kept);
    }

    private static final String OWN =
            """
            "court":"yard-1","ownCourt":{"id":"yard-1","width":4,"depth":7,"net":1.1,\
            "lines":[{"name":"blue","way":"ACROSS","at":2}]}""";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"court\":\"the moon\" | not_allowed | court",
                "\"court\":\"y\",\"ownCourt\":{\"id\":\"y\",\"width\":0,\"depth\":7,\"net\":1,\"lines\":[]} | out_of_range | ownCourt.width",
                "\"court\":\"y\",\"ownCourt\":{\"id\":\"y\",\"width\":4,\"depth\":7,\"net\":1} | missing | ownCourt.lines",
                "\"court\":\"badminton\",\"measures\":[{\"one\":\"m\",\"many\":\"ms\",\"metres\":1}] | bad_name | measures.0.one",
                "\"court\":\"badminton\",\"charterSd\":9 | out_of_range | charterSd"
            })
    void aBadPlaceIsRefusedAtItsFieldAndNothingIsStored(String what, String code, String field) {
        String id = Device.newId();
        HttpResponse<String> answer = server.put("/api/places/" + id + "?basedOn=0", place("Bad", what));
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(StartedServer.JSON.readTree(answer.body()).get("code").asString())
                .isEqualTo(code);
        assertThat(StartedServer.JSON.readTree(answer.body()).get("field").asString())
                .isEqualTo(field);
        assertThat(server.get("/api/club").get("places"))
                .noneMatch(place -> place.get("id").asString().equals(id));
    }

    private HttpResponse<String> check(String place, String tries) {
        return server.post("/api/places/" + place + "/check", "{\"tries\":[" + tries + "]}");
    }

    private JsonNode put(String id, int basedOn, String body) {
        return StartedServer.JSON.readTree(
                server.put("/api/places/" + id + "?basedOn=" + basedOn, body).body());
    }

    private JsonNode inClub(String id) {
        for (JsonNode place : server.get("/api/club").get("places")) {
            if (place.get("id").asString().equals(id)) {
                return place;
            }
        }
        throw new AssertionError("no place " + id);
    }

    private static String place(String name, String what) {
        String measures =
                what.contains("measures") ? "" : ",\"measures\":[{\"one\":\"tile\",\"many\":\"tiles\",\"metres\":0.3}]";
        return "{\"id\":\"x\",\"version\":1,\"name\":\"" + name + "\"," + what + measures + "}";
    }
}
