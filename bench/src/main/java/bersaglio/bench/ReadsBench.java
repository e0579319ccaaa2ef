package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import bersaglio.server.charting.Rebuild;
import com.eclipsesource.json.Json;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.GZIPOutputStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What pages ask of a club that has been used for ten years, beside one that has just begun. */
final class ReadsBench {

    private static final int PLAYERS = 200;
    private static final int DRILLS_A_PLAYER = 4;
    /** In the club that has just begun everybody has held one set of each drill, and the player who is asked for a full page of one. */
    private static final int FIRST_SETS = PLAYERS * DRILLS_A_PLAYER;

    private static final int VERSIONS = 400;
    private static final int MANY = 1_000_000;
    private static final int FEW = 10_000;
    private static final int SHOTS_A_SET = 12;
    private static final long TEN_YEARS = 10L * 365 * 24 * 3600 * 1000;
    private static final int WARM = 20;
    private static final int ASKED = 60;

    private ReadsBench() {}

    static List<Row> longLivedClub() throws IOException, SQLException {
        Map<String, Read> few = club(FEW);
        Map<String, Read> many = club(MANY);
        List<Row> rows = new ArrayList<>();
        many.forEach((what, read) -> {
            rows.add(Row.atMost(what + ", 1,000,000 shots, p95", read.millis, "ms", 100));
            rows.add(Row.atMost(what + ", against 10,000 shots", read.millis / few.get(what).millis, "x", 1.2));
            rows.add(Row.atMost(what + ", packed", read.packed / 1000.0, "kB", 60));
        });
        return rows;
    }

    private record Read(double millis, int packed) {}

    private static Map<String, Read> club(int shots) throws IOException, SQLException {
        try (StartedServer server =
                StartedServer.on(Files.createTempDirectory("bench"), "--bersaglio.day=2026-11-25")) {
            List<String> families = families(server);
            List<UUID> players = new ArrayList<>();
            for (int i = 0; i < PLAYERS; i++) {
                players.add(UUID.fromString(Device.newId()));
                server.put(
                        "/api/players/" + players.get(i), "{\"name\":\"Player %03d\",\"hand\":\"RIGHT\"}".formatted(i));
            }
            int sets = shots / SHOTS_A_SET;
            RebuildBench.fill(server.owner(), shots, TEN_YEARS / sets, set -> {
                boolean more = shots == FEW && set >= FIRST_SETS;
                int player = more ? 0 : set % PLAYERS;
                int drill = more ? 0 : (player + set / PLAYERS % DRILLS_A_PLAYER) % families.size();
                return new RebuildBench.Subject(players.get(player), families.get(drill));
            });
            server.bean(Rebuild.class).rebuild();
            practise(server);
            String player = players.get(0).toString();
            String drill = families.get(0);
            Map<String, String> pages = new LinkedHashMap<>();
            pages.put("Today", "/api/today");
            pages.put("squad", "/api/squad");
            pages.put("player", "/api/players/" + player);
            pages.put("progression", "/api/players/" + player + "/record?drill=" + drill);
            pages.put("ledger", "/api/players/" + player + "/ledger?drill=" + drill);
            pages.put("session", "/api/sessions/2026-11-25");
            pages.put("forecast", "/api/players/" + player + "/forecast?level=1&drill=" + drill);
            pages.put("library", "/api/club");
            Map<String, Read> read = new LinkedHashMap<>();
            pages.forEach((what, path) -> read.put(what, ask(server, path)));
            return read;
        }
    }

    /** Everybody works on what they have held. */
    private static void practise(StartedServer server) throws SQLException {
        try (Connection connection = server.owner().getConnection();
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(
                    """
                    merge into progression using (select distinct held.player as player, version.drill as drill
                            from set_result as held join drill_version as version on version.id = held.drill) as given
                        on progression.player = given.player and progression.drill = given.drill
                    when not matched then insert (player, drill) values (given.player, given.drill)
                    """);
        }
    }

    /** The ids of the newest versions of drills like one that is there, so many that all versions are as many as asked for. */
    private static List<String> families(StartedServer server) {
        List<JsonNode> club = server.drills();
        ObjectNode copy = null;
        for (JsonNode drill : club) {
            copy = drill.get("id").asString().equals(Device.DRILL) ? (ObjectNode) drill : copy;
        }
        List<String> ids = new ArrayList<>(List.of(Device.DRILL));
        int made = club.size();
        for (int i = 0; made < VERSIONS; i++) {
            String family = "bench-" + i;
            for (int version = 0; version < DRILLS_A_PLAYER && made < VERSIONS; version++, made++) {
                copy.put("name", "Bench " + i + " as of " + version);
                server.put("/api/drills/" + family + "?basedOn=" + version, copy.toString());
            }
            ids.add(server.drill(family).get("id").asString());
        }
        return ids;
    }

    private static Read ask(StartedServer server, String path) {
        double[] millis = new double[ASKED];
        String body = "";
        for (int i = -WARM; i < ASKED; i++) {
            long start = System.nanoTime();
            var answer = server.send(server.request(path));
            double took = (System.nanoTime() - start) / 1e6;
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(path + " is answered " + answer.body());
            }
            body = answer.body();
            if (i >= 0) {
                millis[i] = took;
            }
        }
        Arrays.sort(millis);
        return new Read(millis[(int) (ASKED * 0.95)], packed(Json.parse(body).toString()));
    }

    private static int packed(String text) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new GZIPOutputStream(out)) {
            zip.write(text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return out.size();
    }
}
