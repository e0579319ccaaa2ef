package bersaglio.server.players;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.server.DemoServer;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import bersaglio.wire.DrillCodec;
import bersaglio.wire.Fields;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
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
        assertThat(server.drill("straight-clear").get("levels")).hasSizeGreaterThanOrEqualTo(5);
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
        assertThat(due)
                .filteredOn(one -> one.get("name").asString().equals("Ugo Alloro"))
                .as("who comes for the padel court has nothing on the other")
                .isNotEmpty()
                .extracting(one -> one.get("drill").asString())
                .doesNotContain("straight-clear-1", "low-serve-1");
    }

    @Test
    void aPlayerPageHoldsSetsRatesAndLandings() {
        JsonNode nora = playerNamed("Nora Ginestra");
        String path = "/api/players/" + nora.get("id").asString();
        assertThat(server.get(path).get("records"))
                .extracting(one -> one.get("drill").asString())
                .contains(Device.DRILL);
        JsonNode record = server.get(path + "/record?drill=" + Device.DRILL);
        assertThat(record.get("sets")).hasSizeGreaterThan(8);
        assertThat(record.get("rates")).hasSizeGreaterThan(2);
        assertThat(record.get("landings")).hasSizeGreaterThan(80);
        for (JsonNode set : record.get("sets")) {
            assertThat(set.at("/advice/code").asString()).isNotEmpty();
        }
    }

    @Test
    void aProblemIsSaidInTheLanguageThatIsAskedForWhereThereIsAFileOfIt() {
        String nobody = "/api/players/" + Device.newId();
        assertThat(server.send(server.request(nobody).header("Accept-Language", "qq, en;q=0.5"))
                        .body())
                .contains("qwo player qar");
        assertThat(server.send(server.request(nobody).header("Accept-Language", "ww"))
                        .body())
                .doesNotContain("qwo")
                .contains("player");
    }

    @Test
    void aLongRecordIsReadInPagesFromTheLatestSetBack() {
        String player = Device.newId();
        server.put("/api/players/" + player, "{\"name\":\"Long Record\",\"hand\":\"LEFT\"}");
        for (int set = 0; set < 50; set++) {
            Device device = new Device(server);
            device.fates(List.of(device.opened(player, Device.DRILL, 1), device.landed(0, 3), device.closed()));
        }
        String path = "/api/players/" + player + "/record?drill=" + Device.DRILL;
        List<String> runs = new ArrayList<>();
        String before = "";
        JsonNode page;
        do {
            page = server.get(path + before);
            List<String> read = new ArrayList<>();
            page.get("sets").forEach(reading -> read.add(reading.at("/set/run").asString()));
            assertThat(read).hasSizeBetween(1, 24);
            assertThat(page.get("landings")).hasSize(read.size());
            assertThat(page.at("/rates/0/trials").asInt()).as("of all sets").isEqualTo(50);
            runs.addAll(0, read);
            before = "&before=" + read.get(0);
        } while (page.get("earlier").asInt() > 0);
        List<String> held = new ArrayList<>();
        server.get("/api/players/" + player + "/ledger?drill=" + Device.DRILL)
                .get("sets")
                .forEach(line -> held.add(line.get("run").asString()));
        assertThat(runs).hasSize(50).isEqualTo(held);

        assertThat(server.send(server.request(path + "&before=" + Device.newId()))
                        .body())
                .contains("unknown_id", "before");
        assertThat(server.send(server.request(path + "&track=FROM_LEFT")).body())
                .contains("not_allowed", "track");
    }

    @Test
    void whatOnePlayerTriedComesFirstOnItsPageAndIsNotGivenToOthers() {
        String one = Device.newId();
        server.put("/api/players/" + one, "{\"name\":\"Tries Much\",\"hand\":\"LEFT\"}");
        Device device = new Device(server);
        String other = server.drill("smash-down-the-line").get("id").asString();
        device.fates(List.of(device.opened(one, other, 1), device.landed(0, 3), device.closed()));
        assertThat(server.get("/api/players/" + one).get("records"))
                .extracting(record -> record.get("drill").asString())
                .startsWith(other)
                .contains(Device.DRILL);

        String next = Device.newId();
        server.put("/api/players/" + next, "{\"name\":\"Comes Later\",\"hand\":\"LEFT\"}");
        assertThat(server.get("/api/players/" + next).get("records"))
                .extracting(record -> record.get("drill").asString())
                .contains(Device.DRILL)
                .doesNotContain(other);
    }

    @Test
    void aZoneSaysItsSizeAndWhatThePlayersLandingsSayOfIt() {
        String nora = playerNamed("Nora Ginestra").get("id").asString();
        JsonNode zone = zone(nora, "level=5&chance=0.7");
        assertThat(zone.get("size").asDouble()).isCloseTo(1.0, within(1e-9));
        assertThat(zone.get("share").asDouble()).isCloseTo(1.0 / (5.18 * 6.7), within(1e-9));
        assertThat(zone.get("placements").asInt()).isGreaterThan(20);
        assertThat(zone.get("chance").asDouble()).isBetween(0.05, 0.95);
        assertThat(zone.has("least")).isFalse();
        assertThat(zone.at("/own/charterSd").asDouble()).isEqualTo(0.25);
        assertThat(zone.at("/own/measured").asBoolean()).isFalse();
        JsonNode checked = zone(nora, "level=5&place=hall-court-2");
        assertThat(checked.at("/own/charterSd").asDouble()).isEqualTo(0.18);
        assertThat(checked.at("/own/major").asDouble())
                .isGreaterThan(zone.at("/own/major").asDouble());
        // Where more shots come down in it than are wanted, the zone can be smaller, and the other way about.
        double width = zone.at("/sized/bounds/right").asDouble()
                - zone.at("/sized/bounds/left").asDouble();
        assertThat(width < 1.0).isEqualTo(zone.get("chance").asDouble() > 0.7);
    }

    @Test
    void aZoneOfAPlayerWithFewLandingsSaysThatNothingIsKnown() {
        String id = Device.newId();
        server.put("/api/players/" + id, "{\"name\":\"Few\",\"hand\":\"RIGHT\"}");
        JsonNode zone = zone(id, "level=2");
        assertThat(zone.get("placements").asInt()).isZero();
        assertThat(zone.get("fewest").asInt()).isEqualTo(8);
        assertThat(zone.has("chance")).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "level=99, level, 400",
        "level=1&chance=1, chance, 400",
        "level=1&chance=NaN, chance, 400",
        "level=1&chance=often, chance, 400",
        "level=one, level, 400",
        "chance=0.5, level, 400"
    })
    void aBadQuestionAboutAZoneIsRefusedAtTheField(String question, String field, int status) {
        String nora = playerNamed("Nora Ginestra").get("id").asString();
        JsonNode problem = zone(nora, question);
        assertThat(problem.get("field").asString()).isEqualTo(field);
        assertThat(problem.get("status").asInt()).isEqualTo(status);
    }

    private JsonNode zone(String player, String question) {
        return server.get("/api/players/" + player + "/zone?drill=" + Device.DRILL + "&" + question);
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
        for (JsonNode given : server.drills()) {
            Drill drill = server.bean(Drills.class)
                    .version(given.get("id").asString())
                    .orElseThrow();
            assertThat(DrillCodec.decode(Fields.parse(given.toString()))).isEqualTo(drill);
        }
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
