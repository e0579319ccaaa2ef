package bersaglio.server.charting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.server.DemoServer;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import bersaglio.wire.EventCodec;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(DemoServer.class)
class EventsTest {

    private final StartedServer server;
    private final Device device;
    private final String player;

    EventsTest(StartedServer server) {
        this.server = server;
        this.device = new Device(server);
        this.player = Device.newId();
    }

    @BeforeEach
    void aPlayer() {
        server.put("/api/players/" + player, "{\"name\":\"Test Player\",\"hand\":\"RIGHT\"}");
    }

    @Test
    void whatIsAcknowledgedIsThereInOrderWithItsResult() {
        List<String> events = new ArrayList<>(List.of(device.opened(player, 1)));
        events.addAll(device.row("110"));
        assertThat(device.fates(events)).containsOnly("STORED");
        JsonNode run = device.stored();
        assertThat(run.get("events")).hasSize(4);
        assertThat(run.at("/set/hits").asInt()).isEqualTo(2);
        assertThat(run.at("/set/trials").asInt()).isEqualTo(3);
        JsonNode ledger = server.get("/api/players/" + player + "/ledger?drill=" + Device.DRILL);
        assertThat(ledger.at("/sets/0/trials").asString()).isEqualTo("110");
    }

    @Test
    void theSameEventSentAgainIsKnownAndStoredOnce() {
        List<String> events = List.of(device.opened(player, 1), device.landed(2.2, 6.4));
        assertThat(device.fates(events)).containsOnly("STORED");
        assertThat(device.fates(events)).containsOnly("KNOWN");
        assertThat(device.fates(List.of(events.get(1), events.get(1)))).containsOnly("KNOWN");
        assertThat(device.stored().get("events")).hasSize(2);
    }

    @Test
    void theSameEventTwiceInOneBatchIsStoredOnce() {
        String opened = device.opened(player, 1);
        assertThat(device.fates(List.of(opened, opened))).containsExactly("STORED", "KNOWN");
    }

    @Test
    void anIdThatIsUsedForSomethingElseIsAConflict() {
        String opened = device.opened(player, 1);
        String landed = device.landed(2.2, 6.4);
        device.fates(List.of(opened, landed));
        JsonNode answer =
                answers(device.send(List.of(landed.replace("6.4", "6.3")))).get(0);
        assertThat(answer.get("fate").asString()).isEqualTo("REFUSED");
        assertThat(answer.at("/problem/status").asInt()).isEqualTo(409);
        assertThat(device.stored().at("/set/hits").asInt()).isEqualTo(1);
    }

    @Test
    void theGoodHalfOfABatchIsStoredAndTheBadHalfNamed() {
        List<String> events = new ArrayList<>(List.of(device.opened(player, 1)));
        events.add(device.landed(2.2, 6.4));
        events.add(device.landed(100, 6.4));
        events.add(device.event("shot.dreamt", "{}"));
        events.add(device.landed(0, 3));
        JsonNode answers = answers(device.send(events));
        assertThat(answers)
                .extracting(answer -> answer.get("fate").asString())
                .containsExactly("STORED", "STORED", "REFUSED", "REFUSED", "KEEP");
        assertThat(answers.at("/2/problem/field").asString()).isEqualTo("body.x");
        assertThat(answers.at("/2/problem/value").asString()).isEqualTo("100.0");
        assertThat(answers.at("/2/problem/allowed").asString()).isEqualTo("-70.0 to 70.0");
        assertThat(answers.at("/2/problem/detail").asString()).isEqualTo("body.x is 100.0; allowed: -70.0 to 70.0.");
        assertThat(answers.at("/3/problem/field").asString()).isEqualTo("kind");
        assertThat(device.stored().get("events")).hasSize(2);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "set.opened | {\"player\":\"00000000-0000-7000-8000-000000000000\",\"hand\":\"LEFT\",\"drill\":\"straight-clear-1\",\"level\":1,\"standpoint\":\"BEHIND\"} | player | unknown_id",
                "set.opened | {\"player\":\"PLAYER\",\"hand\":\"LEFT\",\"drill\":\"no-such\",\"level\":1,\"standpoint\":\"BEHIND\"} | drill | unknown_id",
                "set.opened | {\"player\":\"PLAYER\",\"hand\":\"LEFT\",\"drill\":\"straight-clear-1\",\"level\":9,\"standpoint\":\"BEHIND\"} | level | out_of_range",
                "shot.landed | {\"x\":1,\"y\":1,\"by\":\"COACH\"} | run | unknown_id"
            })
    void anEventThatNamesWhatIsNotThereLeavesNothingBehind(String kind, String body, String field, String code) {
        JsonNode answer = answers(device.send(List.of(device.event(kind, body.replace("PLAYER", player)))))
                .get(0);
        assertThat(answer.get("fate").asString()).isEqualTo("REFUSED");
        assertThat(answer.at("/problem/field").asString()).isEqualTo(field);
        assertThat(answer.at("/problem/code").asString()).isEqualTo(code);
        assertThat(server.send(server.request("/api/runs/" + device.run())).statusCode())
                .isEqualTo(404);
    }

    @Test
    void aNewerEventIsKeptByItsSenderAndSoIsWhatFollowsIt() {
        device.fates(List.of(device.opened(player, 1)));
        String newer = device.landed(2.2, 6.4).replace("\"v\":1", "\"v\":" + (EventCodec.version() + 1));
        assertThat(device.fates(List.of(newer, device.landed(0, 3)))).containsExactly("KEEP", "KEEP");
        assertThat(device.stored().get("events")).hasSize(1);
    }

    @Test
    void aMoveToALevelThatTheDrillHasNotIsRefused() {
        device.fates(List.of(device.opened(player, 1)));
        String move = device.event("level.moved", "{\"from\":1,\"to\":7,\"by\":\"COACH\",\"unmet\":false}");
        assertThat(answers(device.send(List.of(move))).at("/0/problem/allowed").asString())
                .isEqualTo("1 to 6");
    }

    @Test
    void aSetIsNeverLongerThanTheLongestAndSaysSo() {
        String total = openEndedDrill();
        List<String> events = new ArrayList<>(List.of(device.opened(player, total, 1)));
        for (int i = 0; i < 5; i++) {
            events.add(device.event("hits.counted", "{\"hits\":0,\"balls\":1000,\"by\":\"COACH\"}"));
        }
        events.add(device.event("shot.keyed", "{\"outcome\":\"HIT\",\"side\":\"NONE\",\"zone\":0,\"by\":\"COACH\"}"));
        JsonNode answers = answers(device.send(events));
        assertThat(answers)
                .extracting(answer -> answer.get("fate").asString())
                .containsExactly("STORED", "STORED", "STORED", "REFUSED", "KEEP", "KEEP", "KEEP");
        assertThat(answers.at("/3/problem/detail").asString())
                .isEqualTo("1000 balls do not fit in this set: at most 2000 balls a set, here 0 more.");
        assertThat(device.stored().at("/set/trials").asInt()).isEqualTo(2000);
    }

    @Test
    void anEventThatCannotBeStoredIsRefusedByNameAndTheRestGoesOn() {
        String run = drillWith("RUN");
        Device other = new Device(server);
        List<String> events = new ArrayList<>(List.of(other.opened(player, 1), device.opened(player, run, 1)));
        String poison = device.event("number.called", "{\"number\":5}");
        events.add(poison);
        events.add(other.landed(2.2, 6.4));
        new JdbcTemplate(server.owner())
                .execute("alter table chart_event add constraint no_calls check (kind <> 'number.called')");
        try {
            JsonNode answers = answers(device.send(events));
            assertThat(answers)
                    .extracting(answer -> answer.get("fate").asString())
                    .containsExactly("STORED", "STORED", "REFUSED", "STORED");
            assertThat(answers.at("/2/problem/code").asString()).isEqualTo("cannot_be_stored");
        } finally {
            new JdbcTemplate(server.owner()).execute("alter table chart_event drop constraint no_calls");
        }
        assertThat(device.fates(List.of(poison))).containsExactly("STORED");
        assertThat(other.stored().at("/set/trials").asInt()).isEqualTo(1);
    }

    /** Out of its order a shot would change the run of hits: so it waits for the one before it. */
    @Test
    void whatFollowsARefusedEventOfItsRunWaitsAndTheOrderStays() {
        List<String> row = device.row("11011");
        device.fates(List.of(device.opened(player, 1)));
        List<String> events = new ArrayList<>(row.subList(0, 2));
        events.add(row.get(2).replace("\"x\":", "\"x\":1000,\"was\":"));
        events.addAll(row.subList(3, 5));
        assertThat(device.fates(events)).containsExactly("STORED", "STORED", "REFUSED", "KEEP", "KEEP");
        assertThat(device.fates(row.subList(2, 5))).containsOnly("STORED");
        StringBuilder trials = new StringBuilder();
        device.stored()
                .at("/set/shots")
                .forEach(shot ->
                        trials.append(shot.at("/ruling/outcome").asString().equals("HIT") ? '1' : '0'));
        assertThat(trials).hasToString("11011");
    }

    @Test
    void whatAnOlderPenStillSendsIsToldToBeKeptApart() {
        List<String> row = device.row("110");
        device.fates(List.of(device.opened(player, 1)));
        String taken = device.event("pen.taken", "{\"pen\":2,\"lastSeen\":\"%s\"}".formatted(Device.newId()));
        JsonNode answers = answers(device.send(List.of(row.get(0), taken, row.get(1))));
        assertThat(answers)
                .extracting(answer -> answer.get("apart").asBoolean())
                .containsExactly(false, false, true);
        assertThat(answers(device.send(List.of(row.get(2)))).at("/0/apart").asBoolean())
                .isTrue();
        assertThat(device.stored().at("/set/claims").asInt()).isEqualTo(2);
    }

    /** A drill of this test's own, whose set only its goal ends. */
    private String openEndedDrill() {
        ObjectNode drill = (ObjectNode) server.drill(drillWith("TOTAL").replaceFirst("-\\d+$", ""));
        drill.withObject("/levels/0/goal").remove("balls");
        return StartedServer.JSON
                .readTree(server.put("/api/drills/open-ended?basedOn=0", drill.toString())
                        .body())
                .get("id")
                .asString();
    }

    private String drillWith(String goal) {
        for (JsonNode drill : server.drills()) {
            if (drill.at("/levels/0/goal/kind").asString().equals(goal)) {
                return drill.get("id").asString();
            }
        }
        throw new AssertionError("no drill with " + goal);
    }

    @Test
    void brokenJsonNoListAndTooManyEventsAreProblems() {
        assertThat(server.post("/api/events", "{\"events\":[").body()).contains("broken_json", "line 1, column");
        assertThat(server.post("/api/events", "[]").statusCode()).isEqualTo(400);
        assertThat(server.post("/api/events", "{}").body()).contains("\"field\":\"events\"");
        HttpResponse<String> many = device.send(Collections.nCopies(101, "{}"));
        assertThat(many.statusCode()).isEqualTo(400);
        assertThat(many.body()).contains("101 events", "at most 100");
    }

    @Test
    void aBodyOver256KilobytesIsRefusedWhole() {
        HttpResponse<String> answer = server.post("/api/events", "{\"events\":[" + " ".repeat(300_000) + "]}");
        assertThat(answer.statusCode()).isEqualTo(413);
        assertThat(answer.headers().firstValue("Content-Type").orElse("")).startsWith("application/problem+json");
        assertThat(answer.body()).contains("too_large");
    }

    @Test
    void nestingWithoutEndIsAProblemAndNoFailure() {
        assertThat(server.post("/api/events", "[".repeat(100_000)).statusCode()).isEqualTo(400);
    }

    @Test
    void aClosedSetMovedToAnotherPlayerIsJudgedForBoth() {
        String other = Device.newId();
        server.put("/api/players/" + other, "{\"name\":\"Other Player\",\"hand\":\"LEFT\"}");
        List<String> events = new ArrayList<>(List.of(device.opened(player, 1)));
        events.addAll(device.row("111111110000"));
        events.add(device.closed());
        events.add(device.event("level.moved", "{\"from\":1,\"to\":2,\"by\":\"RULE\",\"unmet\":false}"));
        device.fates(events);
        assertThat(record(player).get("level").asInt()).isEqualTo(2);
        device.fates(List.of(device.event(
                "set.moved",
                "{\"player\":\"%s\",\"hand\":\"RIGHT\",\"level\":1,\"heldAt\":1795600000000}".formatted(other))));
        assertThat(record(player).get("level").asInt()).isEqualTo(1);
        assertThat(record(player).get("sets")).isEmpty();
        assertThat(record(other).get("level").asInt()).isEqualTo(1);
        assertThat(record(other).at("/verdict/advice/call").asString()).isEqualTo("MOVE_UP");
    }

    @Test
    void anOpenQueueIsToldToTheNextDeviceUntilItsSetsAreClosed() {
        String queue = Device.newId();
        String opened = device.opened(player, 1)
                .replace("\"level\":1", "\"level\":1,\"queue\":\"" + queue + "\"")
                .replaceFirst(
                        "\"wall\":\\d+",
                        "\"wall\":" + server.get("/api/club").get("serverTime").asLong());
        device.fates(List.of(opened));
        assertThat(queues()).contains("{\"queue\":\"" + queue + "\",\"players\":[\"" + player + "\"]}");
        device.fates(List.of(device.landed(2.2, 6.4), device.closed()));
        assertThat(queues()).doesNotContain(queue);
        assertThat(server.send(server.request("/api/drills/nothing-1/queues")).statusCode())
                .isEqualTo(404);
    }

    private String queues() {
        return server.get("/api/drills/" + Device.DRILL + "/queues").toString();
    }

    @Test
    void manyDevicesOfOneSessionGetTheirOwnPlaces() throws Exception {
        ExecutorService devices = Executors.newFixedThreadPool(8);
        try {
            List<Callable<List<String>>> work = new ArrayList<>();
            String session = Device.newId();
            for (int i = 0; i < 8; i++) {
                Device one = new Device(server);
                List<String> events = new ArrayList<>(List.of(one.opened(player, 1)));
                events.addAll(one.row("1010101010"));
                work.add(() -> events.stream()
                        .flatMap(event -> one
                                .fates(List.of(event.replaceFirst(
                                        "\"session\":\"[^\"]+\"", "\"session\":\"" + session + "\"")))
                                .stream())
                        .toList());
            }
            for (var fates : devices.invokeAll(work)) {
                assertThat(fates.get()).hasSize(11).containsOnly("STORED");
            }
        } finally {
            devices.shutdownNow();
        }
    }

    @Test
    void twoEventsNeverStandAtTheSamePlaceWhoeverWrites() {
        JdbcTemplate owner = new JdbcTemplate(server.owner());
        assertThatThrownBy(
                        () -> owner.update(
                                """
                        insert into chart_event
                        select random_uuid(), session_id, position, run_id, kind, v, pen, device, seq, at_ms, wall_ms, received_ms, body
                        from chart_event fetch first row only"""))
                .isInstanceOf(DuplicateKeyException.class)
                .hasMessageContaining("CHART_EVENT_AT");
    }

    private JsonNode record(String of) {
        return server.get("/api/players/" + of + "/record?drill=" + Device.DRILL);
    }

    private static JsonNode answers(HttpResponse<String> answer) {
        assertThat(answer.statusCode()).isEqualTo(200);
        return StartedServer.JSON.readTree(answer.body()).get("answers");
    }
}
