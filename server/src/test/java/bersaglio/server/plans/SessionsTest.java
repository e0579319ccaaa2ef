package bersaglio.server.plans;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.server.DemoServer;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(DemoServer.class)
class SessionsTest {

    /** When a device of these tests writes: Wednesday 25 November 2026. */
    private static final String DAY = "2026-11-25";

    private final StartedServer server;

    SessionsTest(StartedServer server) {
        this.server = server;
    }

    private String player(String name) {
        String id = Device.newId();
        server.put("/api/players/" + id, "{\"name\":\"%s\",\"hand\":\"RIGHT\"}".formatted(name));
        return id;
    }

    private static String idOf(String event) {
        return StartedServer.JSON.readTree(event).get("id").asString();
    }

    /** Ten shots of a pair: one corrected, one not seen, three looked at, one of them off the net cord. */
    private Device pairSet(String player, String partner) {
        return pairSet(player, partner, Device.DRILL);
    }

    private Device pairSet(String player, String partner, String drill) {
        Device device = new Device(server);
        List<String> events = new ArrayList<>();
        events.add(device.event(
                "set.opened",
                """
                {"player":"%s","hand":"RIGHT","drill":"%s","level":1,"standpoint":"BEHIND","partners":["%s"]}"""
                        .formatted(player, drill, partner)));
        List<String> shots = device.row("1101110110");
        events.addAll(shots);
        events.add(device.event("shot.keyed", "{\"outcome\":\"NOT_SEEN\",\"side\":\"NONE\",\"by\":\"COACH\"}"));
        events.add(device.event(
                "shot.called",
                "{\"shot\":\"%s\",\"outcome\":\"HIT\",\"side\":\"NONE\"}".formatted(idOf(shots.get(2)))));
        for (String note : List.of("0 WATCH_KEPT", "1 WATCH_KEPT", "9 WATCH_LOST", "0 NET_CLIP")) {
            String[] parts = note.split(" ");
            events.add(device.event(
                    "shot.noted",
                    "{\"shot\":\"%s\",\"note\":\"%s\",\"on\":true}"
                            .formatted(idOf(shots.get(Integer.parseInt(parts[0]))), parts[1])));
        }
        events.add(device.closed());
        assertThat(device.fates(events)).containsOnly("STORED");
        return device;
    }

    @Test
    void aDayTellsItsSetsItsWorkAndWhatWasPutRight() {
        JsonNode before = session();
        String player = player("Session One");
        String partner = player("Session Two");
        pairSet(player, partner);
        JsonNode session = session();
        assertThat(session.get("sets").size()).isEqualTo(before.get("sets").size() + 1);
        for (String kind : List.of("corrected", "notSeen")) {
            assertThat(session.at("/amends/" + kind).asInt())
                    .isEqualTo(before.at("/amends/" + kind).asInt() + 1);
        }
        assertThat(session.get("work").valueStream().map(work -> work.get("balls")
                        .asInt()))
                .as("who hit most first")
                .isSortedAccordingTo(Comparator.reverseOrder());
        assertThat(workOf(session, player).get("balls").asInt()).isEqualTo(6);
        assertThat(workOf(session, player).at("/rate/hits").asInt()).isEqualTo(8);
        assertThat(workOf(session, partner).get("balls").asInt()).isEqualTo(5);
        assertThat(session.get("before").asString()).isLessThan(DAY);
    }

    @Test
    void aPlayersPageTellsTheWatchPointTheNetClipsAndTheWorkInOthersSets() {
        String player = player("Page One");
        String partner = player("Page Two");
        Device device = pairSet(player, partner);
        JsonNode page = server.get("/api/players/" + player);
        assertThat(page.at("/watched/0/there").get("hits").asInt()).isEqualTo(2);
        assertThat(page.at("/watched/0/there").get("trials").asInt()).isEqualTo(3);
        assertThat(page.at("/watched/0/withIt/hits").asInt()).isEqualTo(2);
        assertThat(page.at("/watched/0/withoutIt/trials").asInt()).isEqualTo(1);
        JsonNode other = server.get("/api/players/" + partner);
        assertThat(other.at("/withOthers/0/run").asString()).isEqualTo(device.run());
        assertThat(other.at("/withOthers/0/balls").asInt()).isEqualTo(5);
        assertThat(other.at("/load/0/balls").asInt()).isEqualTo(5);
        assertThat(other.at("/load/0/rate/trials").asInt())
                .as("another's hits are not the partner's")
                .isZero();
        pairSet(player, partner, "low-serve-1");
        JsonNode record = server.get("/api/players/" + player + "/record?drill=" + Device.DRILL);
        assertThat(record.at("/rates/0/trials").asInt()).isEqualTo(10);
        assertThat(record.at("/rates/0/clean/hits").asInt()).isEqualTo(7);
        assertThat(record.at("/rates/0/clean/trials").asInt()).isEqualTo(9);
    }

    @ParameterizedTest
    @ValueSource(strings = {"today", "2026-13-01", "1999-12-31", "+999999999-12-31", "-5000-01-01"})
    void aDayThatIsNoneIsRefusedAtTheField(String day) {
        JsonNode problem = server.get("/api/sessions/" + day);
        assertThat(problem.get("status").asInt()).isEqualTo(400);
        assertThat(problem.get("field").asString()).isEqualTo("day");
    }

    private JsonNode session() {
        return server.get("/api/sessions/" + DAY);
    }

    private static JsonNode workOf(JsonNode session, String player) {
        for (JsonNode work : session.get("work")) {
            if (work.get("player").asString().equals(player)) {
                return work;
            }
        }
        throw new AssertionError("no work of " + player);
    }
}
