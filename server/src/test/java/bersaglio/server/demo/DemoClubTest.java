package bersaglio.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.goal.Goal;
import bersaglio.server.ServerProcess;
import bersaglio.server.StartedServer;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

class DemoClubTest {

    private static final String[] DEMO = {"--bersaglio.demo=true", "--bersaglio.day=2026-11-25"};

    @Test
    void aDemoClubThatWasKilledWhileItWasFilledIsWholeAfterTheNextStart(@TempDir Path data) throws Exception {
        ServerProcess filling = ServerProcess.launch(data, ServerProcess.onThisClassPath(), DEMO);
        filling.awaitSaid("Making the demo club");
        filling.killAndWait();
        assertThat(filling.isReady()).isFalse();
        try (StartedServer server = StartedServer.on(data, DEMO);
                StartedServer untouched = StartedServer.withDemo()) {
            assertThat(counts(server)).isEqualTo(counts(untouched));
            assertThat(server.get("/api/club").get("players")).hasSize(6);
        }
    }

    @Test
    void everyKindOfGoalAndBothCourtsHaveBeenChartedAndThereIsSomethingToDecide() throws Exception {
        try (StartedServer server = StartedServer.withDemo()) {
            Map<String, JsonNode> drills = new HashMap<>();
            for (JsonNode drill : server.drills()) {
                drills.put(drill.get("id").asString(), drill);
            }
            Set<String> goals = new TreeSet<>();
            Set<String> courts = new TreeSet<>();
            Set<String> states = new TreeSet<>();
            for (JsonNode member : server.get("/api/squad").get("members")) {
                for (JsonNode stand : member.get("stands")) {
                    JsonNode drill = drills.get(stand.get("drill").asString());
                    states.add(stand.get("state").asString());
                    courts.add(drill.get("court").asString());
                    if (stand.has("lastHeld")) {
                        drill.get("levels")
                                .forEach(level ->
                                        goals.add(level.at("/goal/kind").asString()));
                    }
                }
            }
            assertThat(goals).hasSize(Goal.class.getPermittedSubclasses().length);
            assertThat(courts).contains("badminton", "padel");
            assertThat(states).contains("READY", "STUCK", "GOING_ON");
            assertThat(server.get("/api/today").get("due"))
                    .extracting(due -> due.at("/says/growth").asString())
                    .contains("OUT_OF_REACH", "TOO_EASY", "STOPPED");
        }
    }

    private static String counts(StartedServer server) {
        return server.bean(JdbcTemplate.class)
                .queryForMap("select (select count(*) from player) as players, (select count(*) from run) as sets,"
                        + " (select count(*) from chart_event) as events, (select count(*) from progression) as progressions,"
                        + " (select count(*) from shelf_version) as shelves")
                .toString();
    }
}
