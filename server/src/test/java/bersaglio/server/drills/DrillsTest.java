package bersaglio.server.drills;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.server.StartedServer;
import java.io.IOException;
import java.nio.file.Files;
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
        assertThat(server.get("/api/club").get("drills")).hasSize(2);
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
        assertThat(server.get("/api/club").get("drills")).hasSize(1);
    }
}
