package bersaglio.server.forecasts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.server.DemoServer;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(DemoServer.class)
class ForecastsTest {

    private final StartedServer server;

    ForecastsTest(StartedServer server) {
        this.server = server;
    }

    private String nora() {
        for (JsonNode player : server.get("/api/club").get("players")) {
            if (player.get("name").asString().equals("Nora Ginestra")) {
                return player.get("id").asString();
            }
        }
        throw new AssertionError("no Nora");
    }

    private JsonNode forecast(String player, String query) {
        return server.get("/api/players/" + player + "/forecast?drill=straight-clear-1&" + query);
    }

    private String newPlayer() {
        String id = UUID.randomUUID().toString();
        server.put("/api/players/" + id, "{\"name\":\"Forecast Tester\",\"hand\":\"RIGHT\"}");
        return id;
    }

    @Test
    void aPlayerWhoWasSeenIsForecastFromTheirOwnTrialsAndPace() {
        JsonNode seen = forecast(nora(), "level=5");
        assertThat(seen.at("/rate/basis").asString()).isEqualTo("TRIALS");
        assertThat(seen.at("/rate/level").asInt()).isEqualTo(5);
        assertThat(seen.get("met").asDouble()).isBetween(0.0, 1.0);
        assertThat(seen.at("/balls/cautious").asDouble())
                .isGreaterThanOrEqualTo(seen.at("/balls/median").asDouble());
        assertThat(seen.at("/minutes/known").asBoolean()).isTrue();
        assertThat(seen.at("/minutes/secondsABall").asDouble()).isBetween(4.0, 20.0);
        assertThat(seen.get("curve")).hasSize(21);
    }

    @Test
    void aLevelNotSeenYetIsForecastFromTheLandingsAtTheNearest() {
        String player = newPlayer();
        Device device = new Device(server);
        List<String> events = new ArrayList<>(List.of(device.opened(player, 1)));
        Random random = new Random(4);
        for (int ball = 0; ball < 12; ball++) {
            events.add(device.landed(1.7 + 0.5 * random.nextGaussian(), 5.6 + 0.5 * random.nextGaussian()));
        }
        events.add(device.closed());
        assertThat(device.fates(events)).containsOnly("STORED");
        JsonNode here = forecast(player, "level=1");
        assertThat(here.at("/rate/basis").asString()).isEqualTo("TRIALS");
        double before = 1;
        for (int level = 2; level <= 6; level++) {
            JsonNode next = forecast(player, "level=" + level);
            assertThat(next.at("/rate/basis").asString()).isEqualTo("LANDINGS");
            assertThat(next.at("/rate/level").asInt()).isEqualTo(1);
            assertThat(next.at("/rate/rate").asDouble()).isLessThan(before);
            before = next.at("/rate/rate").asDouble();
        }
    }

    @Test
    void ofAPlayerNotSeenOnlyTheCurveIsToldUntilTheCoachGuesses() {
        String player = newPlayer();
        JsonNode none = forecast(player, "level=1");
        assertThat(none.has("rate")).isFalse();
        assertThat(none.has("met")).isFalse();
        assertThat(none.get("notReadyPasses").asDouble()).isBetween(0.0, 1.0);
        JsonNode guessed = forecast(player, "level=1&guess=0.5&chance=0.7");
        assertThat(guessed.at("/rate/basis").asString()).isEqualTo("GUESS");
        assertThat(guessed.get("met").asDouble())
                .as("the mean over Beta(4, 4), by hand")
                .isCloseTo(0.2966, within(5e-5));
        assertThat(guessed.at("/proposal/goal/hits").asInt()).isEqualTo(5);
        assertThat(guessed.at("/minutes/known").asBoolean()).isFalse();
        assertThat(guessed.get("passes").asDouble())
                .as("a mean along the curve")
                .isBetween(guessed.get("curve").get(6).get("chance").asDouble(), 1.0);
        assertThat(guessed.get("streakyPasses").asDouble())
                .isGreaterThan(guessed.get("notReadyPasses").asDouble());
    }

    @ParameterizedTest
    @CsvSource({
        "level=1&guess=1.2, guess",
        "level=1&chance=0, chance",
        "level=77, level",
    })
    void whatCannotBeForecastIsRefusedAtItsField(String query, String field) {
        var refused = server.send(
                server.request("/api/players/" + newPlayer() + "/forecast?drill=straight-clear-1&" + query));
        assertThat(refused.statusCode()).isEqualTo(400);
        assertThat(refused.body()).contains("\"field\":\"" + field + "\"");
    }

    @Test
    void aPairIsForecastTogetherAndSidesAgainstEachOther() {
        String other = newPlayer();
        JsonNode unknown = forecast(nora(), "level=5&with=" + other);
        assertThat(unknown.has("met")).isFalse();
        JsonNode pair = forecast(nora(), "level=5&guess=0.9&with=" + other);
        assertThat(pair.at("/rate/basis").asString()).isEqualTo("GUESS");
        assertThat(pair.at("/rate/rate").asDouble())
                .isGreaterThan(forecast(nora(), "level=5").at("/rate/rate").asDouble());
        String one = newPlayer();
        JsonNode even =
                server.get("/api/players/" + one + "/forecast?drill=duel-at-the-net-1&level=1&guess=0.5&with=" + other);
        assertThat(even.get("met").asDouble()).isCloseTo(0.5, within(0.1));
        assertThat(server.get("/api/players/" + one + "/forecast?drill=duel-at-the-net-1&level=1&with=" + one + ","
                                + one + "," + other + "," + other)
                        .get("field")
                        .asString())
                .isEqualTo("with");
    }

    @Test
    void aSizeIsProposedFromLandingsAndTakenAsAFurtherVersion() {
        JsonNode seen = forecast(nora(), "level=2&chance=0.6");
        double scale = seen.at("/size/scale").asDouble();
        assertThat(scale).isGreaterThan(0);
        assertThat(seen.at("/size/landings").asInt()).isGreaterThanOrEqualTo(8);
        assertThat(seen.get("rules")).hasSize(6);
        JsonNode sized =
                StartedServer.JSON.readTree(server.post("/api/drills/net-rings/levels/1/size", "{\"scale\":0.8}")
                        .body());
        assertThat(sized.get("version").asInt()).isEqualTo(2);
        assertThat(sized.at("/levels/0/target/zones/0/asks/rings/2/area/radius").asDouble())
                .isCloseTo(0.44, within(1e-9));
        assertThat(StartedServer.JSON
                        .readTree(server.post("/api/drills/net-rings/levels/1/size", "{\"scale\":0}")
                                .body())
                        .get("field")
                        .asString())
                .isEqualTo("scale");
    }

    @Test
    void aLevelOfAnotherDrillThatIsAskedForFirstIsSaid() {
        String body = server.drill("low-serve")
                .toString()
                .replace("\"requires\":[]", "\"requires\":[{\"family\":\"straight-clear\",\"level\":3}]");
        assertThat(server.put("/api/drills/serve-after-clear?basedOn=0", body).statusCode())
                .isEqualTo(201);
        JsonNode told = server.get(
                "/api/players/" + newPlayer() + "/forecast?drill=serve-after-clear-1&level=1&track=FROM_LEFT");
        assertThat(told.at("/required/0/family").asString()).isEqualTo("straight-clear");
        assertThat(told.at("/required/0/stands").asInt()).isEqualTo(1);
    }
}
