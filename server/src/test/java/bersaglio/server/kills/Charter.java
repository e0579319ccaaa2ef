package bersaglio.server.kills;

import bersaglio.core.match.Formats;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import bersaglio.wire.format.FormatFormat;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import tools.jackson.databind.JsonNode;

/** A device that charts sets one after the other, keeps what was not acknowledged, and sends it again. */
final class Charter {

    private static final int MOST_AT_ONCE = 12;
    private static final int SHOTS_A_SET = 14;
    private static final String RALLIES = "front-zone-rally-1";
    private static final String PATTERN = "lifts-for-two-1";

    private final String id = Device.newId();
    private final String player = Device.newId();
    private final String partner = Device.newId();
    private final String session;
    private final Random random;
    private final Deque<String> waiting = new ArrayDeque<>();
    private final List<String> acknowledged = new ArrayList<>();
    private final HttpClient http =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    private boolean known;

    /** @param session that it shares with others */
    Charter(String session, long seed) {
        this.session = session;
        this.random = new Random(seed);
    }

    /** The ids of what the server has said is stored, in the order in which it was written. */
    List<String> acknowledged() {
        return acknowledged;
    }

    /** What it writes as. */
    String device() {
        return id;
    }

    String player() {
        return player;
    }

    boolean isKnown() {
        return known;
    }

    /** @param something counted down at each event that is acknowledged */
    void chart(int port, AtomicBoolean goOn, CountDownLatch something) throws InterruptedException {
        while (goOn.get()) {
            int before = acknowledged.size();
            if (!send(port)) {
                return;
            }
            for (int i = before; i < acknowledged.size(); i++) {
                something.countDown();
            }
        }
    }

    /** @return whether the server is still there */
    private boolean send(int port) throws InterruptedException {
        try {
            if (!known) {
                String named = "{\"name\":\"Kill Tester\",\"hand\":\"RIGHT\"}";
                known = ask(port, "PUT", "/api/players/" + partner, named).statusCode() < 300
                        && ask(port, "PUT", "/api/players/" + player, named).statusCode() < 300;
                return true;
            }
            if (waiting.isEmpty()) {
                write();
            }
            List<String> batch =
                    waiting.stream().limit(1 + random.nextInt(MOST_AT_ONCE)).toList();
            HttpResponse<String> answer =
                    ask(port, "POST", "/api/events", "{\"events\":[" + String.join(",", batch) + "]}");
            if (answer.statusCode() == 200) {
                settle(batch, StartedServer.JSON.readTree(answer.body()).get("answers"));
            } else if (answer.statusCode() != 503) {
                throw new IllegalStateException(answer.statusCode() + " " + answer.body());
            }
            return true;
        } catch (IOException gone) {
            return false;
        }
    }

    private void settle(List<String> batch, JsonNode answers) {
        for (int i = 0; i < batch.size(); i++) {
            String fate = answers.get(i).get("fate").asString();
            if (!fate.equals("STORED") && !fate.equals("KNOWN")) {
                throw new IllegalStateException("refused: " + answers.get(i));
            }
            acknowledged.add(answers.get(i).get("id").asString());
            waiting.remove();
        }
    }

    /** Mostly sets of shots; the other kinds of events come between them. */
    private void write() {
        Device device = new Device(session, id);
        switch (random.nextInt(6)) {
            case 0 -> writeGroup(device);
            case 1 -> writeRallies(device);
            case 2 -> writePattern(device);
            case 3 -> writeMatch(device);
            default -> writeSet(device);
        }
    }

    private void writeGroup(Device device) {
        waiting.add(device.event(
                "group.opened",
                """
                        {"players":["%s","%s"],"form":{"kind":"ROTATION","courts":1,"hitters":1,"feeders":1,"opponents":0,\
                        "change":{"by":"MINUTES","every":5,"ahead":20}}}"""
                        .formatted(player, partner)));
        for (int turn = 0; turn < 4; turn++) {
            waiting.add(device.event("group.changed", "{}"));
        }
        waiting.add(device.event("group.left", "{\"player\":\"%s\"}".formatted(partner)));
        waiting.add(device.event("group.came", "{\"player\":\"%s\"}".formatted(partner)));
        waiting.add(device.event("group.ended", "{}"));
    }

    private void writeMatch(Device device) {
        waiting.add(device.event(
                "match.opened",
                """
                        {"agreed":{"format":%s,"rules":[{"kind":"BONUS","name":"corner","points":1,"spot":9}]},\
                        "one":["%s"],"two":["%s"],"start":{"server":"ONE"},"depth":"FULL","standpoint":"BEHIND"}"""
                        .formatted(FormatFormat.encode(Formats.BADMINTON), player, partner)));
        for (int rally = 0; rally < 4; rally++) {
            for (int shot = 0; shot < 3; shot++) {
                waiting.add(device.event(
                        "match.shot",
                        """
                                {"team":"%s","player":0,"spot":%d,"bounce":"MET","outcome":"IN","side":"NONE","zone":0,\
                                "caller":"COACH"%s}"""
                                .formatted(
                                        shot % 2 == 0 ? "ONE" : "TWO",
                                        1 + random.nextInt(9),
                                        shot == 0 ? ",\"serve\":1" : "")));
            }
            String ended = device.event("match.rally", "{\"how\":\"WINNER\",\"winner\":\"ONE\"}");
            waiting.add(ended);
            waiting.add(device.event(
                    "match.corrected",
                    "{\"rally\":\"%s\",\"how\":\"LET\"}"
                            .formatted(
                                    StartedServer.JSON.readTree(ended).get("id").asString())));
        }
        waiting.add(device.event("match.ended", "{}"));
    }

    private void writeRallies(Device device) {
        waiting.add(device.opened(player, RALLIES, 1));
        for (int rally = 0; rally < 3; rally++) {
            for (int contact = 0; contact < 4; contact++) {
                String by = contact % 2 == 0 ? "PLAYER" : "PARTNER";
                waiting.add(device.event("contact.made", "{\"by\":\"%s\"}".formatted(by)));
            }
            waiting.add(device.event("rally.ended", "{\"how\":\"ERROR\",\"by\":\"PLAYER\"}"));
        }
        waiting.add(device.closed());
    }

    private void writePattern(Device device) {
        waiting.add(device.opened(player, PATTERN, 1));
        for (int shot = 0; shot < 9; shot++) {
            String outcome = random.nextInt(3) == 0 ? "NET" : "HIT";
            waiting.add(device.event("step.called", "{\"step\":2,\"stroke\":\"drop\",\"zone\":1}"));
            String keyed = device.event(
                    "shot.keyed",
                    "{\"outcome\":\"%s\",\"side\":\"NONE\",\"by\":\"COACH\"%s}"
                            .formatted(outcome, shot % 3 == 1 ? ",\"hitter\":\"PARTNER\"" : ""));
            waiting.add(keyed);
            waiting.add(device.event(
                    "shot.noted",
                    "{\"shot\":\"%s\",\"note\":\"CHOICE_RIGHT\",\"on\":true}"
                            .formatted(
                                    StartedServer.JSON.readTree(keyed).get("id").asString())));
        }
        waiting.add(device.event("rally.ended", "{\"how\":\"ERROR\",\"by\":\"PARTNER\"}"));
        waiting.add(device.closed());
    }

    private void writeSet(Device device) {
        waiting.add(device.opened(player, 1));
        String last = "";
        for (int i = 0; i < SHOTS_A_SET; i++) {
            if (i > 0 && random.nextInt(8) == 0) {
                waiting.add(device.event("entry.undone", "{\"target\":\"%s\"}".formatted(last)));
            } else {
                String shot = device.landed(random.nextInt(60) / 20.0, 3 + random.nextInt(60) / 20.0);
                last = StartedServer.JSON.readTree(shot).get("id").asString();
                waiting.add(shot);
            }
        }
        waiting.add(device.closed());
        if (random.nextInt(5) == 0) {
            waiting.add(device.event("set.reopened", "{}"));
            waiting.add(device.closed());
        }
    }

    private HttpResponse<String> ask(int port, String method, String path, String body)
            throws IOException, InterruptedException {
        return http.send(
                HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                        .timeout(Duration.ofSeconds(20))
                        .header("Content-Type", "application/json")
                        .method(method, HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }
}
