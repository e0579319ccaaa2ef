package bersaglio.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.server.Bersaglio;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The server's process is killed in mid-charting, again and again: what it acknowledged is there, once. */
class KillTest {

    private static final int KILLS = 3;
    private static final Pattern READY = Pattern.compile("Ready at http://localhost:(\\d+)");
    private final HttpClient http = HttpClient.newHttpClient();

    @Test
    void everyAcknowledgedEventIsFoundAgainOnceInItsOrder(@TempDir Path data) throws Exception {
        Random random = new Random(25);
        String player = UUID.randomUUID().toString();
        String run = Device.newId();
        String session = Device.newId();
        String device = Device.newId();
        List<String> acknowledged = new ArrayList<>();
        String retry = null;
        int seq = 0;
        for (int kill = 0; kill <= KILLS; kill++) {
            Server server = start(data);
            if (kill == 0) {
                put(server, "/api/players/" + player, "{\"name\":\"Kill Tester\",\"hand\":\"RIGHT\"}");
            }
            assertStored(server, run, acknowledged);
            if (kill == KILLS) {
                server.process().destroy();
                server.process().waitFor();
                return;
            }
            int before = acknowledged.size();
            int killAfter = 20 + random.nextInt(60);
            try {
                while (true) {
                    String event = retry != null ? retry : event(++seq, session, run, device, player);
                    retry = event;
                    if (acknowledged.size() - before == killAfter) {
                        // Some requests are under way when the process dies.
                        new Thread(() -> server.process().destroyForcibly()).start();
                    }
                    String answer = post(server, "{\"events\":[" + event + "]}");
                    assertThat(answer).containsPattern("STORED|KNOWN");
                    acknowledged.add(
                            StartedServer.JSON.readTree(event).get("id").asString());
                    retry = null;
                }
            } catch (IOException dead) {
                server.process().waitFor();
            }
        }
    }

    private static String event(int seq, String session, String run, String device, String player) {
        String body = seq == 1
                ? "{\"player\":\"%s\",\"hand\":\"RIGHT\",\"drill\":\"straight-clear-1\",\"level\":1,\"standpoint\":\"BEHIND\"}"
                        .formatted(player)
                : "{\"x\":2.2,\"y\":6.4,\"by\":\"COACH\"}";
        return "{\"id\":\"%s\",\"kind\":\"%s\",\"v\":1,\"session\":\"%s\",\"run\":\"%s\",\"pen\":1,\"device\":\"%s\",\"seq\":%d,\"at\":%d,\"wall\":1795600000000,\"body\":%s}"
                .formatted(
                        Device.newId(), seq == 1 ? "set.opened" : "shot.landed", session, run, device, seq, seq, body);
    }

    private void assertStored(Server server, String run, List<String> acknowledged) throws Exception {
        if (acknowledged.isEmpty()) {
            return;
        }
        JsonNode events =
                StartedServer.JSON.readTree(get(server, "/api/runs/" + run)).get("events");
        List<String> stored = new ArrayList<>();
        events.forEach(event -> stored.add(event.get("id").asString()));
        assertThat(stored).doesNotHaveDuplicates();
        // One event more may be there: stored, and killed before it could be acknowledged.
        assertThat(stored.subList(0, acknowledged.size())).isEqualTo(acknowledged);
        assertThat(stored.size() - acknowledged.size()).isBetween(0, 1);
    }

    private record Server(Process process, int port) {}

    private static Server start(Path data) throws IOException {
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Bersaglio.class.getName(),
                        "--server.port=0",
                        "--bersaglio.data=" + data)
                .redirectErrorStream(true)
                .start();
        BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        StringBuilder seen = new StringBuilder();
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            seen.append(line).append('\n');
            Matcher ready = READY.matcher(line);
            if (ready.find()) {
                return new Server(process, Integer.parseInt(ready.group(1)));
            }
        }
        throw new AssertionError("the server did not start:\n" + seen);
    }

    private String post(Server server, String body) throws IOException, InterruptedException {
        return send(server, "/api/events", HttpRequest.newBuilder().POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    private void put(Server server, String path, String body) throws IOException, InterruptedException {
        send(server, path, HttpRequest.newBuilder().PUT(HttpRequest.BodyPublishers.ofString(body)));
    }

    private String get(Server server, String path) throws IOException, InterruptedException {
        return send(server, path, HttpRequest.newBuilder().GET());
    }

    private String send(Server server, String path, HttpRequest.Builder request)
            throws IOException, InterruptedException {
        return http.send(
                        request.uri(URI.create("http://localhost:" + server.port() + path))
                                .header("Content-Type", "application/json")
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
    }
}
