package bersaglio.server.targets;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.server.DemoServer;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import bersaglio.wire.Fields;
import bersaglio.wire.format.TargetSetFormat;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(DemoServer.class)
class TargetsTest {

    private final StartedServer server;

    TargetsTest(StartedServer server) {
        this.server = server;
    }

    @Test
    void theStarterDrillUsesATargetOfTheShelf() {
        JsonNode corner = onShelf("rear-corner");
        assertThat(corner.at("/usedBy/0/drill").asString()).isEqualTo("straight-clear");
        assertThat(corner.at("/lying/stages/0/zones/0/cards/0/markers")).hasSize(4);
        assertThat(corner.at("/lying/stages/0/zones/0/share").asDouble()).isBetween(0.05, 0.2);
    }

    @Test
    void aTargetThatIsChangedGetsAVersionAndSentTwiceOnlyOne() {
        String id = Device.newId();
        assertThat(version(put(id, 0, disc("Net drop", 0.5)))).isEqualTo(1);
        assertThat(version(put(id, 0, disc("Net drop", 0.5)))).isEqualTo(1);
        assertThat(version(put(id, 1, disc("Net drop", 0.4)))).isEqualTo(2);
        HttpResponse<String> late = put(id, 1, disc("Net drop", 0.3));
        assertThat(late.statusCode()).isEqualTo(409);
        assertThat(problem(late).get("code").asString()).isEqualTo("changed_meanwhile");
        assertThat(onShelf(id).at("/target/version").asInt()).isEqualTo(2);
    }

    @Test
    void whatTheServerWritesOfATargetIsWhatThePageReads() {
        JsonNode given = onShelf("rear-corner").get("target");
        Drill drill = server.bean(Drills.class).version(Device.DRILL).orElseThrow();
        assertThat(TargetSetFormat.decode(Fields.read(given.toString())))
                .isEqualTo(drill.level(1).target());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"radius\":-1 | out_of_range | zones.0.asks.area.radius",
                "\"radius\":\"wide\" | wrong_type | zones.0.asks.area.radius",
                "\"radius\":99 | out_of_range | zones.0.asks.area.radius"
            })
    void aBadTargetIsRefusedAtItsPlaceAndNothingIsStored(String radius, String code, String field) {
        String id = Device.newId();
        HttpResponse<String> answer = put(id, 0, disc("Bad", 0.5).replace("\"radius\":0.5", radius));
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(problem(answer).get("code").asString()).isEqualTo(code);
        assertThat(problem(answer).get("field").asString()).isEqualTo(field);
        assertThat(server.get("/api/targets"))
                .noneMatch(one -> one.at("/target/id").asString().equals(id));
    }

    /** Exported, taken off, and brought in again, it is the same; a further version of it is told apart. */
    @Test
    void outAsGeoJsonAndInAgainItIsTheSame() {
        String id = Device.newId();
        put(id, 0, disc("Out and in", 0.5));
        String file = server.send(server.request("/api/exchange/targets/" + id)).body();
        JsonNode before = onShelf(id).get("target");
        assertThat(server.send(server.request("/api/targets/" + id).DELETE()).statusCode())
                .isEqualTo(204);
        assertThat(server.get("/api/targets"))
                .noneMatch(one -> one.at("/target/id").asString().equals(id));
        HttpResponse<String> taken = server.post("/api/exchange/targets", file);
        assertThat(taken.statusCode()).isEqualTo(201);
        assertThat(onShelf(id).get("target")).isEqualTo(before);
        assertThat(server.post("/api/exchange/targets", file.replace("Out and in", "Renamed"))
                        .body())
                .contains("\"version\":2");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"type\": | broken_json | body",
                "[] | wrong_type | body",
                "{\"type\":\"Feature\"} | not_allowed | type",
                "{\"type\":\"FeatureCollection\"} | missing | bersaglio",
                "{\"type\":\"FeatureCollection\",\"bersaglio\":{\"format\":2}} | newer_format | bersaglio.format",
                "{\"type\":\"FeatureCollection\",\"bersaglio\":{\"format\":1}} | missing | bersaglio.target"
            })
    void aBrokenFileIsRefusedWithItsPlace(String file, String code, String field) {
        HttpResponse<String> answer = server.post("/api/exchange/targets", file);
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(problem(answer).get("code").asString()).isEqualTo(code);
        assertThat(problem(answer).get("field").asString()).isEqualTo(field);
    }

    @Test
    void aFileOfOverAMegabyteIsRefusedAndOneUnderItIsRead() {
        HttpResponse<String> huge = server.post("/api/exchange/targets", " ".repeat(1024 * 1024 + 1));
        assertThat(huge.statusCode()).isEqualTo(413);
        assertThat(problem(huge).get("code").asString()).isEqualTo("too_large");
        HttpResponse<String> large = server.post("/api/exchange/targets", " ".repeat(600 * 1024) + "[]");
        assertThat(problem(large).get("code").asString()).isEqualTo("wrong_type");
        assertThat(server.put("/api/targets/x?basedOn=0", " ".repeat(300 * 1024))
                        .statusCode())
                .isEqualTo(413);
    }

    /** A drill that is given another target is a new version; its players go on from the rung they had reached. */
    @Test
    void aDrillAimedElsewhereIsANewVersionAndItsPlayersGoOn() throws Exception {
        try (StartedServer own = StartedServer.withDemo()) {
            String id = Device.newId();
            put(own, id, 0, disc("Smaller", 0.3));
            JsonNode before = own.get("/api/today").get("due");
            JsonNode drill = StartedServer.JSON.readTree(
                    own.post("/api/drills/straight-clear/levels/2/target", "{\"target\":\"" + id + "\"}")
                            .body());
            assertThat(drill.get("id").asString()).isEqualTo("straight-clear-2");
            assertThat(drill.at("/levels/1/target/id").asString()).isEqualTo(id);
            assertThat(own.post("/api/drills/straight-clear/levels/2/target", "{\"target\":\"" + id + "\"}")
                            .body())
                    .as("asked twice, changed once")
                    .contains("straight-clear-2");
            assertThat(levels(own.get("/api/today").get("due"))).containsExactlyInAnyOrderElementsOf(levels(before));
            JsonNode due = onStraightClear(before);
            String nora = due.get("player").asString();
            assertThat(own.get("/api/players/" + nora + "/ledger?drill=straight-clear-2")
                            .get("start")
                            .asInt())
                    .isEqualTo(due.get("level").asInt());
            assertThat(own.get("/api/players/" + nora).get("records"))
                    .extracting(record -> record.get("drill").asString())
                    .containsSubsequence("straight-clear-2", "straight-clear-1");
        }
    }

    private static JsonNode onStraightClear(JsonNode due) {
        for (JsonNode one : due) {
            if (one.get("drill").asString().equals(Device.DRILL)) {
                return one;
            }
        }
        throw new AssertionError("nobody is due on " + Device.DRILL);
    }

    private static List<String> levels(JsonNode due) {
        List<String> levels = new ArrayList<>();
        due.forEach(
                one -> levels.add(one.get("name").asString() + one.get("level").asInt()));
        return levels;
    }

    /** Rings are laid once; each level says which of them counts. */
    @Test
    void aLevelNamesTheRingThatCounts() throws Exception {
        try (StartedServer own = StartedServer.withDemo()) {
            String ringed = "{\"target\":\"net-drop\",\"ring\":2}";
            JsonNode drill = StartedServer.JSON.readTree(own.post("/api/drills/straight-clear/levels/1/target", ringed)
                    .body());
            assertThat(drill.at("/levels/0/ring").asInt()).isEqualTo(2);
            assertThat(drill.at("/levels/0/forRight/stages/0/zones/0/good/radius")
                            .asDouble())
                    .isEqualTo(0.6);
            assertThat(own.post("/api/drills/straight-clear/levels/1/target", ringed.replace("2}", "9}"))
                            .statusCode())
                    .isEqualTo(400);
        }
    }

    @Test
    void aDrillAndALevelThatAreNotThereAreRefused() {
        assertThat(server.post("/api/drills/none/levels/1/target", "{\"target\":\"rear-corner\"}")
                        .statusCode())
                .isEqualTo(404);
        assertThat(server.post("/api/drills/straight-clear/levels/1/target", "{\"target\":\"nowhere\"}")
                        .statusCode())
                .isEqualTo(404);
        assertThat(server.post("/api/drills/straight-clear/levels/77/target", "{\"target\":\"rear-corner\"}")
                        .statusCode())
                .isEqualTo(400);
    }

    /** Landings aimed at the corner, carried to where a new zone lies. */
    @Test
    void whatATargetAsksOfAPlayerRestsOnTheLandingsKnown() {
        String nora = playerNamed("Nora Ginestra");
        JsonNode corner = aim(nora, onShelf("rear-corner").get("target").toString());
        assertThat(corner.get("drill").asString()).isEqualTo(Device.DRILL);
        assertThat(corner.at("/zones/0/report/chance").asDouble()).isBetween(0.2, 0.99);
        double small = aim(nora, disc("D", 0.25)).at("/zones/0/report/chance").asDouble();
        double large = aim(nora, disc("D", 0.9)).at("/zones/0/report/chance").asDouble();
        assertThat(small).isLessThan(large);
        JsonNode unseen = aim(playerNamed("Ugo Alloro"), disc("D", 0.5));
        assertThat(unseen.has("drill")).isFalse();
        assertThat(unseen.at("/zones/0/report").has("chance")).isFalse();
        assertThat(unseen.at("/zones/0/report/size").asDouble()).isGreaterThan(0.7);
    }

    private JsonNode aim(String player, String target) {
        return StartedServer.JSON.readTree(
                server.post("/api/players/" + player + "/aim", target).body());
    }

    private String playerNamed(String name) {
        for (JsonNode player : server.get("/api/club").get("players")) {
            if (player.get("name").asString().equals(name)) {
                return player.get("id").asString();
            }
        }
        throw new AssertionError("no player " + name);
    }

    private JsonNode onShelf(String id) {
        for (JsonNode one : server.get("/api/targets")) {
            if (one.at("/target/id").asString().equals(id)) {
                return one;
            }
        }
        throw new AssertionError("no target " + id);
    }

    private HttpResponse<String> put(String id, int basedOn, String body) {
        return put(server, id, basedOn, body);
    }

    private static HttpResponse<String> put(StartedServer server, String id, int basedOn, String body) {
        return server.put("/api/targets/" + id + "?basedOn=" + basedOn, body);
    }

    private static int version(HttpResponse<String> answer) {
        return StartedServer.JSON.readTree(answer.body()).at("/target/version").asInt();
    }

    private static JsonNode problem(HttpResponse<String> answer) {
        return StartedServer.JSON.readTree(answer.body());
    }

    private static String disc(String name, double radius) {
        return """
                {"id":"x","version":1,"name":"%s","court":"badminton","inUse":{"region":"singles","tie":"COURT"},\
                "bounce":"FIRST","zones":[{"number":1,"name":"%s","plane":"FLOOR","tie":"HITTER_HAND",\
                "asks":{"kind":"SPOT","area":{"kind":"CIRCLE","middle":{"x":1.5,"y":5},"radius":%s}}}],\
                "precedence":[]}"""
                .formatted(name, name, radius);
    }
}
