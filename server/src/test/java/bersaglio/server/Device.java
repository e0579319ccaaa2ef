package bersaglio.server;

import com.github.f4b6a3.uuid.UuidCreator;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** A device beside a court, as the server sees it: it writes the events of one run. */
public final class Device {

    public static final String DRILL = "straight-clear-1";

    private final @Nullable StartedServer server;
    private final String session;
    private final String run = newId();
    private final String device;
    private int seq;

    public Device(StartedServer server) {
        this.server = server;
        this.session = newId();
        this.device = newId();
    }

    /** One that only writes, in a session that it shares, one run after the other. */
    public Device(String session, String device) {
        this.server = null;
        this.session = session;
        this.device = device;
    }

    /** On a server of which only the port is known: a player, and a set of so many shots. */
    public static void chartOn(int port, int shots) throws IOException, InterruptedException {
        String player = newId();
        Device device = new Device(newId(), newId());
        List<String> events = new ArrayList<>(List.of(device.opened(player, 1)));
        events.addAll(device.row("1".repeat(shots)));
        HttpClient http = HttpClient.newHttpClient();
        HttpRequest.Builder asked = HttpRequest.newBuilder().header("Content-Type", "application/json");
        http.send(
                asked.copy()
                        .uri(URI.create("http://localhost:" + port + "/api/players/" + player))
                        .PUT(HttpRequest.BodyPublishers.ofString("{\"name\":\"Some Player\",\"hand\":\"RIGHT\"}"))
                        .build(),
                HttpResponse.BodyHandlers.discarding());
        HttpResponse<String> answer = http.send(
                asked.copy()
                        .uri(URI.create("http://localhost:" + port + "/api/events"))
                        .POST(HttpRequest.BodyPublishers.ofString("{\"events\":[" + String.join(",", events) + "]}"))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        if (!answer.body().contains("STORED") || answer.body().contains("REFUSED")) {
            throw new AssertionError(answer.body());
        }
    }

    public static String newId() {
        return UuidCreator.getTimeOrderedEpoch().toString();
    }

    public String run() {
        return run;
    }

    public String event(String kind, String body) {
        seq++;
        return """
                {"id":"%s","kind":"%s","v":1,"session":"%s","run":"%s","pen":1,"device":"%s","seq":%d,\
                "at":%d,"wall":%d,"body":%s}"""
                .formatted(
                        newId(), kind, session, run, device, seq, seq * 1000, 1_795_600_000_000L + seq * 1000L, body);
    }

    public String opened(String player, int level) {
        return opened(player, DRILL, level);
    }

    public String opened(String player, String drill, int level) {
        return event(
                "set.opened",
                """
                {"player":"%s","hand":"RIGHT","drill":"%s","level":%d,"standpoint":"BEHIND"}"""
                        .formatted(player, drill, level));
    }

    public String landed(double x, double y) {
        return event("shot.landed", "{\"x\":%s,\"y\":%s,\"by\":\"COACH\"}".formatted(x, y));
    }

    /** A row of hits, {@code 1}, and shots into the middle of the court, {@code 0}. */
    public List<String> row(String trials) {
        List<String> events = new ArrayList<>();
        trials.chars().forEach(trial -> events.add(trial == '1' ? landed(2.2, 6.4) : landed(0, 3)));
        return events;
    }

    public String closed() {
        return event(
                "set.closed", "{\"said\":{\"call\":\"STAY\",\"code\":\"once.missed\",\"figures\":{},\"rules\":1}}");
    }

    public HttpResponse<String> send(List<String> events) {
        return Objects.requireNonNull(server).post("/api/events", "{\"events\":[" + String.join(",", events) + "]}");
    }

    /** The fates of events that were answered one by one. */
    public List<String> fates(List<String> events) {
        HttpResponse<String> answer = send(events);
        if (answer.statusCode() != 200) {
            throw new AssertionError(answer.statusCode() + " " + answer.body());
        }
        List<String> fates = new ArrayList<>();
        for (JsonNode one : StartedServer.JSON.readTree(answer.body()).get("answers")) {
            fates.add(one.get("fate").asString());
        }
        return fates;
    }

    public JsonNode stored() {
        return Objects.requireNonNull(server).get("/api/runs/" + run);
    }
}
