package bersaglio.server.players;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.server.DemoServer;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Where passes break: own steps 1 and 3 of a pattern, to the net and to the rear left. */
@ExtendWith(DemoServer.class)
class PassesTest {

    private static final String DRILL = "drop-lift-clear-1";
    private static final String PARTNER_MISSED = "{\"how\":\"ERROR\",\"by\":\"PARTNER\"}";

    private final StartedServer server;
    private final Device device;
    private final String player;

    PassesTest(StartedServer server) {
        this.server = server;
        this.device = new Device(server);
        this.player = Device.newId();
        server.put("/api/players/" + player, "{\"name\":\"Passes Tester\",\"hand\":\"RIGHT\"}");
    }

    private String step(boolean first, boolean held) {
        return first ? device.landed(-2, held ? 0.7 : 4) : device.landed(held ? -2 : 0, 6);
    }

    private JsonNode passes() {
        return server.get("/api/players/" + player + "/passes?drill=" + DRILL);
    }

    @Test
    void theStepsOfClosedSetsAreTold() {
        List<String> events = new ArrayList<>(List.of(device.opened(player, DRILL, 1)));
        for (int pass = 0; pass < 3; pass++) {
            events.addAll(List.of(step(true, true), step(false, true)));
        }
        events.addAll(List.of(step(true, true), step(false, false), step(true, false)));
        events.addAll(List.of(step(true, true), device.event("rally.ended", PARTNER_MISSED)));
        assertThat(device.fates(events)).containsOnly("STORED");
        JsonNode set = device.stored().get("set");
        assertThat(set.at("/passes/whole").asInt()).isEqualTo(3);
        assertThat(set.at("/passes/expected").toString()).isEqualTo("[1]");
        assertThat(set.get("trials").asInt()).as("the partner's miss is none").isEqualTo(5);
        assertThat(passes()).as("not closed").isEmpty();

        device.fates(List.of(device.closed()));
        JsonNode report = passes().get(0).get("report");
        assertThat(report.get("whole").asInt()).isEqualTo(3);
        assertThat(report.get("broken").asInt()).isEqualTo(2);
        assertThat(report.get("byOthers").asInt()).isEqualTo(1);
        assertThat(report.at("/steps/0/rate").toString()).contains("\"hits\":5,\"trials\":6");
        assertThat(report.at("/steps/1/rate").toString()).contains("\"hits\":3,\"trials\":4");
        assertThat(report.at("/survival/1/survives").asDouble()).isCloseTo(5.0 / 6 * 3 / 4, within(1e-9));
        assertThat(report.has("weakest")).as("not clear yet").isFalse();

        device.fates(List.of(device.event("set.struck", "{}")));
        assertThat(passes()).isEmpty();
    }

    @Test
    void ralliesAreToldByWhoErred() {
        String drill = "out-of-the-middle-1";
        List<String> events = new ArrayList<>(List.of(device.opened(player, drill, 1)));
        for (String rally : List.of("4 PLAYER", "6 FEEDER", "2 PLAYER")) {
            for (int contact = 0; contact < 2 * (rally.charAt(0) - '0'); contact++) {
                String by = contact % 2 == 0 ? "PLAYER" : "FEEDER";
                events.add(device.event("contact.made", "{\"by\":\"" + by + "\"}"));
            }
            events.add(device.event("rally.ended", "{\"how\":\"ERROR\",\"by\":\"" + rally.substring(2) + "\"}"));
        }
        events.add(device.closed());
        assertThat(device.fates(events)).containsOnly("STORED");
        JsonNode report = server.get("/api/players/" + player + "/rallies?drill=" + drill)
                .get(0)
                .get("report");
        assertThat(report.get("counts").asString()).isEqualTo("ALL");
        assertThat(report.at("/best/length").asDouble()).isEqualTo(12);
        assertThat(report.get("median").asDouble()).isEqualTo(8);
        assertThat(report.at("/errors").toString()).contains("\"hits\":2,\"trials\":14");
        assertThat(report.at("/othersErrors").toString()).contains("\"hits\":1,\"trials\":13");
        assertThat(report.at("/survival/2/survives").asDouble()).isCloseTo(2.0 / 3, within(1e-9));
        assertThat(report.get("target").asInt()).isEqualTo(5);
    }

    @Test
    void whatIsNotThereIsRefused() {
        assertThat(server.send(server.request("/api/players/" + player + "/passes?drill=no-such-1"))
                        .statusCode())
                .isEqualTo(404);
        assertThat(server.send(server.request("/api/players/" + player + "/passes?drill=" + DRILL + "&track=BACKHAND"))
                        .statusCode())
                .isEqualTo(400);
        assertThat(server.send(server.request("/api/players/" + Device.newId() + "/passes?drill=" + DRILL))
                        .statusCode())
                .isEqualTo(404);
    }
}
