package bersaglio.server.charting;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.server.DemoServer;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(DemoServer.class)
class GroupsTest {

    private static final String FORM =
            """
            {"kind":"ROTATION","courts":1,"hitters":1,"feeders":1,"opponents":0,\
            "change":{"by":"MINUTES","every":5,"ahead":20}}""";

    private final StartedServer server;

    GroupsTest(StartedServer server) {
        this.server = server;
    }

    private List<String> players(int count) {
        List<String> ids = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            String id = Device.newId();
            server.put("/api/players/" + id, "{\"name\":\"Group Tester\",\"hand\":\"RIGHT\"}");
            ids.add(id);
        }
        return ids;
    }

    private static String opened(Device device, List<String> players) {
        return device.event(
                "group.opened", "{\"form\":%s,\"players\":[\"%s\"]}".formatted(FORM, String.join("\",\"", players)));
    }

    @Test
    void aGroupIsStoredAnsweredAndListed() {
        Device device = new Device(server);
        List<String> players = players(3);
        assertThat(device.fates(List.of(
                        opened(device, players),
                        device.event("group.changed", "{}"),
                        device.event("group.left", "{\"player\":\"%s\"}".formatted(players.get(0))))))
                .containsOnly("STORED");
        JsonNode run = device.stored();
        assertThat(run.get("kind").asString()).isEqualTo("group");
        assertThat(run.has("set")).isFalse();
        assertThat(run.at("/group/turn").asInt()).isEqualTo(2);
        assertThat(run.at("/group/on")).hasSize(2);
        LocalDate day = LocalDate.ofInstant(
                Instant.ofEpochMilli(run.at("/group/openedAt").asLong()), ZoneId.systemDefault());
        assertThat(server.get("/api/groups/" + day)).anySatisfy(line -> {
            assertThat(line.get("run").asString()).isEqualTo(device.run());
            assertThat(line.get("players")).hasSize(3);
            assertThat(line.get("ended").asBoolean()).isFalse();
        });
    }

    @Test
    void whatAGroupCannotTakeIsRefusedByItsField() {
        Device device = new Device(server);
        List<String> players = players(2);
        assertThat(device.send(List.of(opened(device, List.of(players.get(0), Device.newId()))))
                        .body())
                .contains("REFUSED", "unknown_id");
        assertThat(device.send(List.of(opened(device, List.of(players.get(0), players.get(0)))))
                        .body())
                .contains("REFUSED", "players.1");
        assertThat(device.send(List.of(opened(device, List.of(players.get(0))))).body())
                .contains("REFUSED", "out_of_range", "2 to 12");
        assertThat(device.fates(List.of(opened(device, players)))).containsOnly("STORED");
        assertThat(device.send(List.of(device.event("group.came", "{\"player\":\"%s\"}".formatted(Device.newId()))))
                        .body())
                .contains("REFUSED", "unknown_id");
        assertThat(device.send(List.of(opened(device, players))).body()).contains("already_opened");
    }

    @Test
    void aDayIsAskedForByItsDate() {
        assertThat(server.send(server.request("/api/groups/tomorrow")).statusCode())
                .isEqualTo(400);
        assertThat(server.send(server.request("/api/groups/9999-01-01")).body())
                .contains("out_of_range", "2000 to 2999");
        assertThat(server.get("/api/groups/2001-01-01")).isEmpty();
    }
}
