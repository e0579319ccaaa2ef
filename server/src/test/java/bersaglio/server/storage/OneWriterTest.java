package bersaglio.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.server.DemoServer;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** The writer as the server uses it: nobody writes beside it, and who waits too long is told so. */
@ExtendWith(DemoServer.class)
class OneWriterTest {

    private final StartedServer server;

    OneWriterTest(StartedServer server) {
        this.server = server;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "update session set next_position = 1",
                "insert into run (id, session_id) values (random_uuid(), random_uuid())",
                "delete from chart_event",
                "drop table setting",
                "create table beside (id int)"
            })
    void theDatabaseItselfLetsNobodyElseWrite(String statement) {
        JdbcTemplate jdbc = server.bean(JdbcTemplate.class);
        assertThatThrownBy(() -> jdbc.execute(statement)).hasMessageContaining("rights");
        assertThat(jdbc.queryForObject("select count(*) from chart_event", Long.class))
                .isPositive();
    }

    @Test
    void whoWaitsLongerThanTwoSecondsIsToldToComeBackAndNothingOfItIsDone() {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch goOn = new CountDownLatch(1);
        CompletableFuture<Void> holding =
                CompletableFuture.runAsync(() -> server.bean(Writer.class).run(() -> {
                    begun.countDown();
                    until(goOn);
                }));
        until(begun);
        String late = Device.newId();
        try {
            HttpResponse<String> answer = addPlayer(server, late);
            assertThat(answer.statusCode()).isEqualTo(503);
            assertThat(answer.headers().firstValue("Retry-After")).contains("2");
            assertThat(answer.body()).contains("\"code\":\"busy\"");
            assertThat(server.send(server.request("/api/today")).statusCode())
                    .as("reads go on beside")
                    .isEqualTo(200);
        } finally {
            goOn.countDown();
            holding.join();
        }
        assertThat(addPlayer(server, Device.newId()).statusCode()).isEqualTo(201);
        assertThat(server.send(server.request("/api/players/" + late)).statusCode())
                .isEqualTo(404);
    }

    @Test
    void onAFullDiscPagesAreServedAndWhatWritesIsToldWhatIsSafe(@TempDir Path data) {
        String player = Device.newId();
        try (StartedServer roomy = StartedServer.on(data)) {
            addPlayer(roomy, player);
        }
        try (StartedServer full = StartedServer.on(data, "--bersaglio.reserve-megabytes=100000000")) {
            Device device = new Device(full);
            List<String> events = new ArrayList<>(List.of(device.opened(player, 1)));
            HttpResponse<String> answer = device.send(events);
            assertThat(answer.statusCode()).isEqualTo(507);
            assertThat(answer.headers().firstValue("Retry-After")).contains("30");
            assertThat(answer.body()).contains("\"code\":\"disc_full\"", "is safe on this device");
            assertThat(full.send(full.request("/api/today")).statusCode()).isEqualTo(200);
            assertThat(full.send(full.request("/api/players/" + player)).statusCode())
                    .isEqualTo(200);
        }
    }

    private static HttpResponse<String> addPlayer(StartedServer server, String id) {
        return server.put("/api/players/" + id, "{\"name\":\"Some Player\",\"hand\":\"RIGHT\"}");
    }

    private static void until(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException stopped) {
            throw new IllegalStateException(stopped);
        }
    }
}
