package bersaglio.server.kills;

import bersaglio.server.Device;
import bersaglio.server.StartedServer;
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
import java.util.concurrent.atomic.AtomicBoolean;
import tools.jackson.databind.JsonNode;

/** A device that charts sets one after the other, keeps what was not acknowledged, and sends it again. */
final class Charter {

    private static final int MOST_AT_ONCE = 12;
    private static final int SHOTS_A_SET = 14;

    private final String player = Device.newId();
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

    String player() {
        return player;
    }

    boolean isKnown() {
        return known;
    }

    void chart(int port, AtomicBoolean goOn) throws InterruptedException {
        while (goOn.get()) {
            if (!send(port)) {
                return;
            }
        }
    }

    /** @return whether the server is still there */
    private boolean send(int port) throws InterruptedException {
        try {
            if (!known) {
                HttpResponse<String> added =
                        ask(port, "PUT", "/api/players/" + player, "{\"name\":\"Kill Tester\",\"hand\":\"RIGHT\"}");
                known = added.statusCode() == 201;
                return added.statusCode() == 201 || added.statusCode() == 503;
            }
            if (waiting.isEmpty()) {
                writeSet();
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

    private void writeSet() {
        Device device = new Device(session);
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
