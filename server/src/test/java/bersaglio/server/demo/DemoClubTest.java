package bersaglio.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.server.ServerProcess;
import bersaglio.server.StartedServer;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

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

    private static String counts(StartedServer server) {
        return server.bean(JdbcTemplate.class)
                .queryForMap("select (select count(*) from player) as players, (select count(*) from run) as sets,"
                        + " (select count(*) from chart_event) as events, (select count(*) from progression) as progressions,"
                        + " (select count(*) from shelf_version) as shelves")
                .toString();
    }
}
