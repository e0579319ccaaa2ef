package bersaglio.server.charting;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.match.Formats;
import bersaglio.server.DemoServer;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import bersaglio.wire.format.FormatFormat;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(DemoServer.class)
class MatchesTest {

    private static final String BADMINTON =
            FormatFormat.encode(Formats.BADMINTON).toString();

    private final StartedServer server;

    MatchesTest(StartedServer server) {
        this.server = server;
    }

    private List<String> players(int count) {
        List<String> ids = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            String id = Device.newId();
            server.put("/api/players/" + id, "{\"name\":\"Match Tester\",\"hand\":\"RIGHT\"}");
            ids.add(id);
        }
        return ids;
    }

    private static String opened(Device device, String one, String two) {
        return device.event(
                "match.opened",
                """
                {"agreed":{"format":%s,"rules":[]},"one":["%s"],"two":["%s"],"start":{"server":"ONE"},\
                "depth":"FULL","standpoint":"BEHIND"}"""
                        .formatted(BADMINTON, one, two));
    }

    private static String shot(Device device, String team, int spot, int serve) {
        return device.event(
                "match.shot",
                """
                {"team":"%s","player":0,"spot":%d,"bounce":"MET","outcome":"IN","side":"NONE","zone":0,\
                "caller":"COACH"%s}"""
                        .formatted(team, spot, serve > 0 ? ",\"serve\":" + serve : ""));
    }

    private static String won(Device device, String team) {
        return device.event("match.rally", "{\"how\":\"WINNER\",\"winner\":\"%s\"}".formatted(team));
    }

    /** Serve, drop by the second, won by the second; so many times. */
    private static List<String> drops(Device device, int rallies) {
        List<String> events = new ArrayList<>();
        for (int rally = 0; rally < rallies; rally++) {
            boolean own = rally == 0;
            events.add(shot(device, own ? "ONE" : "TWO", 8, 1));
            events.add(shot(device, own ? "TWO" : "ONE", 3, 0));
            events.add(won(device, "TWO"));
        }
        return events;
    }

    @Test
    void aMatchIsStoredAnsweredListedAndReviewed() {
        Device device = new Device(server);
        List<String> who = players(2);
        List<String> events = new ArrayList<>(List.of(opened(device, who.get(0), who.get(1))));
        events.addAll(drops(device, 3));
        assertThat(device.fates(events)).containsOnly("STORED");
        assertThat(device.fates(events)).as("sent again").containsOnly("KNOWN");

        JsonNode run = device.stored();
        assertThat(run.get("kind").asString()).isEqualTo("match");
        assertThat(run.at("/match/points/two").asInt()).isEqualTo(3);
        assertThat(run.at("/match/story")).hasSize(3);
        assertThat(server.get("/api/matches")).anySatisfy(line -> {
            assertThat(line.get("run").asString()).isEqualTo(device.run());
            assertThat(line.get("score").asString()).isEqualTo("0-3");
            assertThat(line.get("two").get(0).asString()).isEqualTo(who.get(1));
        });
        assertThat(server.get("/api/players/" + who.get(0) + "/matches")).hasSize(1);
        JsonNode review = server.get("/api/matches/" + device.run() + "/review/TWO");
        assertThat(review.get("won").asInt()).isEqualTo(3);
        assertThat(review.get("placements").toString()).contains("\"stroke\":\"drop\",\"spot\":3");
    }

    @Test
    void whatAnEarlierMatchKnowsOfAnOpponentIsReadForTheNextOne() {
        List<String> who = players(2);
        Device earlier = new Device(server);
        List<String> events = new ArrayList<>(List.of(opened(earlier, who.get(0), who.get(1))));
        events.addAll(drops(earlier, 1));
        assertThat(earlier.fates(events)).containsOnly("STORED");
        Device later = new Device(server);
        assertThat(later.fates(List.of(opened(later, who.get(0), who.get(1))))).containsOnly("STORED");

        String asked = "/api/players/%s/placements/%s?but=".formatted(who.get(1), who.get(0));
        JsonNode known = server.get(asked + later.run());
        assertThat(known).singleElement().satisfies(tally -> {
            assertThat(tally.at("/placement/spot").asInt()).isEqualTo(3);
            assertThat(tally.get("won").asInt()).isEqualTo(1);
            assertThat(tally.get("effects").get(0).asInt())
                    .as("it did not come back")
                    .isEqualTo(1);
        });
        assertThat(server.get(asked + earlier.run()))
                .as("but for the match that is asked about")
                .isEmpty();
        assertThat(earlier.fates(List.of(earlier.event("set.struck", "{}")))).containsOnly("STORED");
        assertThat(server.get(asked + later.run()))
                .as("a match that is struck out knows nothing")
                .isEmpty();
    }

    @Test
    void whatAMatchCannotTakeIsRefusedByItsFieldAndTheRestOfItStands() {
        Device device = new Device(server);
        List<String> who = players(2);
        assertThat(device.send(List.of(opened(device, who.get(0), Device.newId())))
                        .body())
                .contains("REFUSED", "unknown_id");
        assertThat(device.send(List.of(opened(device, who.get(0), who.get(0)))).body())
                .contains("REFUSED", "two.0");
        assertThat(device.fates(List.of(opened(device, who.get(0), who.get(1)))))
                .containsOnly("STORED");
        String[][] bad = {
            {"match.score", "{\"points\":{\"one\":21,\"two\":3},\"server\":\"ONE\"}", "game_over"},
            {"match.score", "{\"points\":{\"one\":-1,\"two\":3},\"server\":\"ONE\"}", "out_of_range"},
            {"match.extended", "{}", "not_allowed"},
            {"match.corrected", "{\"rally\":\"%s\",\"how\":\"LET\"}".formatted(Device.newId()), "unknown_id"},
            {"match.settled", "{\"shot\":\"%s\",\"stroke\":\"drop\"}".formatted(Device.newId()), "unknown_id"},
            {"match.rally", "{\"how\":\"WON\"}", "missing"},
            {"match.rally", "{\"how\":\"LET\",\"winner\":\"ONE\"}", "not_allowed"},
            {"match.rally", "{\"how\":\"WON\",\"winner\":\"ONE\",\"length\":99999}", "out_of_range"},
            {"match.bonus", "{\"rule\":99,\"team\":\"ONE\"}", "out_of_range"},
        };
        for (String[] one : bad) {
            assertThat(device.send(List.of(device.event(one[0], one[1]))).body())
                    .as(one[0] + one[1])
                    .contains("REFUSED", one[2]);
        }
        assertThat(device.fates(drops(device, 1))).containsOnly("STORED");
        assertThat(device.stored().at("/match/points/two").asInt()).isEqualTo(1);
        assertThat(device.send(List.of(opened(device, who.get(0), who.get(1)))).body())
                .contains("already_opened");
    }

    @Test
    void whatIsAskedOfNoMatchIsAnswered() {
        assertThat(server.send(server.request("/api/matches/" + Device.newId() + "/review/ONE"))
                        .body())
                .contains("unknown_id");
        Device device = new Device(server);
        List<String> who = players(2);
        device.fates(List.of(opened(device, who.get(0), who.get(1))));
        assertThat(server.send(server.request("/api/matches/" + device.run() + "/review/THREE"))
                        .statusCode())
                .isEqualTo(400);
        assertThat(server.send(server.request("/api/matches/" + device.run() + "/review/ONE?player=7"))
                        .body())
                .contains("out_of_range");
        assertThat(server.get("/api/matches/" + device.run() + "/review/ONE")
                        .get("rallies")
                        .asInt())
                .isZero();
    }

    @Test
    void aTacticalRuleIsKeptAsItReadsVersionByVersionAndHeldAgainstAPlayersMatches() {
        String id = Device.newId();
        String words = "After own serve the next own shot goes down";
        String body = "{\"name\":\"Down\",\"sport\":\"BADMINTON\",\"words\":\"%s\"}";
        assertThat(server.put("/api/tactics/" + id + "?basedOn=0", body.formatted("after own dream goes down"))
                        .body())
                .contains("misread", "words");
        assertThat(server.put("/api/tactics/" + id + "?basedOn=0", body.formatted(words))
                        .body())
                .contains("\"after own serve, the next own shot goes down\"", "\"version\":1");
        assertThat(server.put(
                                "/api/tactics/" + id + "?basedOn=1",
                                body.formatted("never two drops in a row to the same corner"))
                        .body())
                .contains("never two drops in a row to the same part", "\"version\":2");
        assertThat(server.put("/api/tactics/" + id + "?basedOn=1", body.formatted(words))
                        .body())
                .contains("changed_meanwhile");
        assertThat(server.get("/api/tactics"))
                .anySatisfy(rule -> assertThat(rule.get("id").asString()).isEqualTo(id));

        Device device = new Device(server);
        List<String> who = players(2);
        List<String> events = new ArrayList<>(List.of(opened(device, who.get(0), who.get(1))));
        events.add(shot(device, "ONE", 8, 1));
        for (int drop = 0; drop < 2; drop++) {
            events.add(shot(device, "TWO", 3, 0));
            events.add(shot(device, "ONE", 9, 0));
        }
        events.add(won(device, "ONE"));
        assertThat(device.fates(events)).containsOnly("STORED");
        JsonNode kept = server.get("/api/players/" + who.get(1) + "/tactics");
        assertThat(kept).anySatisfy(one -> {
            assertThat(one.at("/rule/id").asString()).isEqualTo(id);
            assertThat(one.at("/all/kept").asInt()).isZero();
            assertThat(one.at("/all/occasions").asInt()).isEqualTo(1);
            assertThat(one.at("/broken/0/run").asString()).isEqualTo(device.run());
            assertThat(one.at("/broken/0/shot").asInt()).isEqualTo(3);
        });
    }
}
