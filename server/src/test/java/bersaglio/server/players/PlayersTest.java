package bersaglio.server.players;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.server.DemoServer;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import bersaglio.wire.DrillCodec;
import bersaglio.wire.Fields;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(DemoServer.class)
class PlayersTest {

    private final StartedServer server;

    PlayersTest(StartedServer server) {
        this.server = server;
    }

    @Test
    void theDemoClubIsThereWithItsProgression() {
        JsonNode club = server.get("/api/club");
        assertThat(club.get("players"))
                .extracting(player -> player.get("name").asString())
                .contains(
                        "Nora Ginestra",
                        "Elio Corbezzolo",
                        "Livia Sambuco",
                        "Teo Mirtillo",
                        "Ada Rosmarino",
                        "Ugo Alloro");
        assertThat(club.at("/drills/0/levels")).hasSizeGreaterThanOrEqualTo(5);
    }

    @Test
    void todayListsWhoIsDueTheNeediestFirst() {
        JsonNode due = server.get("/api/today").get("due");
        assertThat(server.get("/api/today").get("day").asString()).isEqualTo("2026-11-25");
        double last = Double.MAX_VALUE;
        for (JsonNode one : due) {
            if (one.get("setsToday").asInt() == 0) {
                assertThat(one.get("need").asDouble()).isLessThanOrEqualTo(last);
                last = one.get("need").asDouble();
            }
        }
        assertThat(due).extracting(one -> one.get("name").asString()).doesNotContain("Ugo Alloro");
    }

    @Test
    void aPlayerPageHoldsSetsRatesAndLandings() {
        JsonNode nora = playerNamed("Nora Ginestra");
        JsonNode record =
                server.get("/api/players/" + nora.get("id").asString()).at("/records/0");
        assertThat(record.get("sets")).hasSizeGreaterThan(8);
        assertThat(record.get("rates")).hasSizeGreaterThan(2);
        assertThat(record.get("landings")).hasSizeGreaterThan(80);
        for (JsonNode set : record.get("sets")) {
            assertThat(set.at("/verdict/luckChance").asDouble()).isBetween(0.0, 1.0);
        }
    }

    @Test
    void aPlayerSentTwiceIsThereOnce() {
        String id = Device.newId();
        server.put("/api/players/" + id, "{\"name\":\"Twice\",\"hand\":\"LEFT\"}");
        assertThat(server.put("/api/players/" + id, "{\"name\":\"Twice\",\"hand\":\"LEFT\"}")
                        .statusCode())
                .isEqualTo(201);
        assertThat(server.get("/api/club").get("players"))
                .filteredOn(player -> player.get("id").asString().equals(id))
                .hasSize(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"name\":\"  \",\"hand\":\"LEFT\"} | name",
                "{\"name\":\"A name\"} | hand",
                "{\"name\":\"A name\",\"hand\":\"BOTH\"} | body",
                "{\"name\": | body"
            })
    void aBadPlayerIsRefusedAtTheField(String body, String field) {
        HttpResponse<String> answer = server.put("/api/players/" + Device.newId(), body);
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(StartedServer.JSON.readTree(answer.body()).get("field").asString())
                .isEqualTo(field);
    }

    /** What the server's serialiser writes of a drill is what the codec of the page reads. */
    @Test
    void thePageReadsTheDrillThatTheServerWrites() {
        String given = server.get("/api/club").at("/drills/0").toString();
        Drill drill = server.bean(Drills.class).version(Device.DRILL).orElseThrow();
        assertThat(DrillCodec.decode(Fields.parse(given))).isEqualTo(drill);
    }

    private JsonNode playerNamed(String name) {
        for (JsonNode player : server.get("/api/club").get("players")) {
            if (player.get("name").asString().equals(name)) {
                return player;
            }
        }
        throw new AssertionError("no player " + name);
    }
}
