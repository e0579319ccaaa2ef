package bersaglio.server.drills;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class DrillsTest {

    private static final String GOAL = "/api/drills/straight-clear/levels/2/goal";

    private StartedServer server;

    @BeforeEach
    void start() throws IOException {
        server = StartedServer.on(Files.createTempDirectory("club"));
    }

    @AfterEach
    void stop() {
        server.close();
    }

    @Test
    void anotherGoalIsANewVersionAndTheSameAgainIsNone() {
        JsonNode changed = asking("{\"kind\":\"RUN\",\"hits\":5}");
        assertThat(changed.get("id").asString()).isEqualTo("straight-clear-2");
        assertThat(changed.at("/levels/1/goal/kind").asString()).isEqualTo("RUN");
        assertThat(changed.at("/levels/1/goal/misses/does").asString()).isEqualTo("RESTART_RUN");
        assertThat(changed.at("/levels/0/goal/kind").asString()).isEqualTo("QUOTA");
        assertThat(asking("{\"kind\":\"RUN\",\"hits\":5}").get("id").asString()).isEqualTo("straight-clear-2");
        assertThat(versions()).isEqualTo(2);
    }

    private long versions() {
        return server.drills().stream().map(drill -> drill.get("family").asString()).toList().stream()
                .filter("straight-clear"::equals)
                .count();
    }

    private JsonNode asking(String goal) {
        return StartedServer.JSON.readTree(server.post(GOAL, goal).body());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"kind\":\"QUOTA\",\"hits\":9,\"balls\":8} | hits | out_of_range",
                "{\"kind\":\"WINDOW\",\"hits\":6,\"of\":8,\"balls\":7} | balls | out_of_range",
                "{\"kind\":\"LADDER\",\"stations\":[]} | stations | empty_ladder",
                "{\"kind\":\"DAYDREAM\"} | kind | not_allowed",
                "{\"hits\": 3} | kind | missing",
                "{\"kind\" | body | broken_json"
            })
    void aGoalThatCannotBeIsRefusedAtItsFieldAndNothingIsStored(String goal, String field, String code) {
        var refused = server.post(GOAL, goal);
        assertThat(refused.statusCode()).isEqualTo(400);
        JsonNode problem = StartedServer.JSON.readTree(refused.body());
        assertThat(problem.get("field").asString()).isEqualTo(field);
        assertThat(problem.get("code").asString()).isEqualTo(code);
        assertThat(versions()).isEqualTo(1);
    }

    @Test
    void aNewDrillIsStoredOnceAndAChangedOneIsItsNextVersion() {
        String drill = server.drill("straight-clear").toString();
        assertThat(put("own-clear", 0, drill).at("/version").asInt()).isEqualTo(1);
        assertThat(put("own-clear", 0, drill).at("/version").asInt()).isEqualTo(1);
        assertThat(put("own-clear", 1, drill.replace("High serve", "Low serve"))
                        .at("/id")
                        .asString())
                .isEqualTo("own-clear-2");
        assertThat(put("own-clear", 1, drill.replace("High serve", "Any serve"))
                        .at("/code")
                        .asString())
                .isEqualTo("changed_meanwhile");
        assertThat(put("own-clear", 0, drill.replace("\"Straight clear\"", "\" \""))
                        .at("/field")
                        .asString())
                .isEqualTo("name");
        assertThat(put("own-clear", 2, drill.replace("\"hits\":8", "\"hits\":13"))
                        .at("/field")
                        .asString())
                .isEqualTo("levels.0.goal.hits");
    }

    private JsonNode put(String family, int basedOn, String body) {
        return StartedServer.JSON.readTree(server.put("/api/drills/" + family + "?basedOn=" + basedOn, body)
                .body());
    }

    /** What is begun is seen on Today; what nobody began waits in the library. */
    @Test
    void aVersionIsToldOnceAndKeptAndSoIsNoOther() {
        String told = "straight-clear-1."
                + server.get("/api/club")
                        .get("drills")
                        .valueStream()
                        .filter(drill -> drill.get("id").asString().equals("straight-clear-1"))
                        .map(drill -> drill.get("tag").asString())
                        .findFirst()
                        .orElseThrow();
        HttpResponse<String> answer = server.send(server.request("/api/drills/versions?of=" + told));
        assertThat(answer.headers().allValues("Cache-Control")).containsExactly("private, max-age=31536000, immutable");
        assertThat(StartedServer.JSON.readTree(answer.body()).at("/0/id").asString())
                .isEqualTo("straight-clear-1");
        for (String other :
                List.of("straight-clear-1.00000000", "straight-clear-1", "straight-clear-99.00000000", ".")) {
            HttpResponse<String> refused = server.send(server.request("/api/drills/versions?of=" + other));
            assertThat(refused.statusCode()).isEqualTo(404);
            assertThat(refused.body()).contains("unknown_id", "\"of\"");
            assertThat(refused.headers().firstValue("Cache-Control")).hasValue("no-store");
        }
        String many = String.join("&", Collections.nCopies(41, "of=" + told));
        assertThat(server.send(server.request("/api/drills/versions?" + many)).body())
                .contains("out_of_range");
    }

    @Test
    void aReadyDrillIsWorkedOnOnceASetOfItWasOpened() throws IOException {
        try (StartedServer club = StartedServer.withDemo()) {
            assertThat(club.drills().size()).isGreaterThan(30);
            String player = Device.newId();
            club.put("/api/players/" + player, "{\"name\":\"Aria Tester\",\"hand\":\"RIGHT\"}");
            assertThat(club.get("/api/players/" + player).get("records").findValuesAsString("drill"))
                    .doesNotContain("fast-hands-1");
            Device device = new Device(club);
            assertThat(device.fates(List.of(device.opened(player, "fast-hands-1", 1))))
                    .containsExactly("STORED");
            assertThat(club.get("/api/players/" + player).get("records").findValuesAsString("drill"))
                    .startsWith("fast-hands-1");
        }
    }
}
