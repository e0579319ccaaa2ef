package bersaglio.server.forecasts;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.server.DemoServer;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(DemoServer.class)
class FairDuelTest {

    private static final String DUEL = "duel-at-the-net-1";

    private final StartedServer server;

    FairDuelTest(StartedServer server) {
        this.server = server;
    }

    private String player(String row) {
        String player = Device.newId();
        server.put("/api/players/" + player, "{\"name\":\"Duel Tester\",\"hand\":\"RIGHT\"}");
        if (!row.isEmpty()) {
            Device device = new Device(server);
            List<String> events = new ArrayList<>(List.of(device.opened(player, DUEL, 1)));
            for (char ball : row.toCharArray()) {
                String outcome = ball == '1' ? "HIT" : "NET";
                events.add(device.event(
                        "shot.keyed",
                        "{\"outcome\":\"%s\",\"side\":\"NONE\",\"zone\":0,\"by\":\"COACH\"}".formatted(outcome)));
            }
            events.add(device.closed());
            assertThat(device.fates(events)).containsOnly("STORED");
        }
        return player;
    }

    private JsonNode fair(String player, String other, String drill) {
        return server.get("/api/players/%s/fair-duel?with=%s&drill=%s&level=1".formatted(player, other, drill));
    }

    @Test
    void theWeakerIsGivenAHeadStart() {
        String better = player("111011110111101111011110");
        String weaker = player("010010100101001010010100");
        JsonNode duel = fair(better, weaker, DUEL).get("duel");
        assertThat(duel.get("rate").asDouble())
                .isGreaterThan(duel.get("otherRate").asDouble());
        assertThat(duel.get("chance").asDouble()).isGreaterThan(0.7);
        assertThat(duel.at("/goal/headStarts/0").asInt()).isZero();
        assertThat(duel.at("/goal/headStarts/1").asInt()).isPositive();
        double off = Math.abs(duel.get("withHeadStart").asDouble() - 0.5);
        assertThat(off).isLessThan(0.2);
        assertThat(duel.get("even").asBoolean()).isEqualTo(2 * off <= 0.01);
    }

    /** In a set of two sides the balls of the other say nothing of the player. */
    @Test
    void theOtherSidesBallsAreTheOthers() {
        String player = player("");
        Device device = new Device(server);
        List<String> events = new ArrayList<>(List.of(device.opened(player, DUEL, 1)));
        for (int ball = 0; ball < 40; ball++) {
            events.add(device.event(
                    "shot.keyed",
                    "{\"outcome\":\"%s\",\"side\":\"NONE\",\"zone\":0,\"by\":\"COACH\",\"team\":%d}"
                            .formatted(ball % 2 == 0 && ball % 10 != 0 ? "HIT" : "NET", ball % 2)));
        }
        events.add(device.closed());
        assertThat(device.fates(events)).containsOnly("STORED");
        JsonNode duel = fair(player, player("010010100101001010010100"), DUEL).get("duel");
        assertThat(duel.get("rate").asDouble()).isGreaterThan(0.6);
    }

    @Test
    void ofWhomTooLittleIsKnownNothingIsSaid() {
        assertThat(fair(player("1111100000"), player(""), DUEL).has("duel")).isFalse();
    }

    @Test
    void anotherGoalIsNoDuel() {
        String player = player("");
        var answer = server.send(server.request(
                "/api/players/%s/fair-duel?with=%s&drill=straight-clear-1&level=1".formatted(player, player)));
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(answer.body()).contains("a level whose goal is a duel");
    }
}
