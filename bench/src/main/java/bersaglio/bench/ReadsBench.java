package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import bersaglio.server.charting.Rebuild;
import com.eclipsesource.json.Json;
import com.microsoft.playwright.Page;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.IntToDoubleFunction;
import java.util.function.IntToLongFunction;
import java.util.stream.IntStream;
import java.util.zip.GZIPOutputStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What pages ask of a club that has been used for ten years, beside one that has just begun. */
final class ReadsBench {

    private static final String TODAY = "2026-11-25";
    private static final int PLAYERS = 200;
    private static final int DRILLS_A_PLAYER = 4;
    /** In the club that has just begun everybody has held one set of each drill, and the player who is asked for a full page of one. */
    private static final int FIRST_SETS = PLAYERS * DRILLS_A_PLAYER;

    private static final int VERSIONS = 400;
    private static final int WARM_PAGES = 5;
    private static final int PAGES = 40;
    private static final int MANY = 1_000_000;
    private static final int FEW = 10_000;
    private static final int SHOTS_A_SET = 12;
    private static final int SETS = MANY / SHOTS_A_SET;
    private static final long TEN_YEARS = 10L * 365 * 24 * 3600 * 1000;
    /** As many as the old club holds in a day. Both hold them on their last day, so that their sessions are of the same sets. */
    private static final int SETS_A_DAY = SETS / 10 / 365;

    /** It is the list of a player's own sets, and so as long as they are many: held to its time and size alone. */
    private static final String LEDGER = "ledger";

    private static final int WARM = 1000;
    private static final int ROUNDS = 15;
    private static final int A_ROUND = 60;
    private static final int ASKED = ROUNDS * A_ROUND;

    private ReadsBench() {}

    /** Both clubs are asked in turn, so that what else the machine does is beside both. */
    static List<Row> longLivedClub() throws IOException, SQLException {
        List<Row> rows = new ArrayList<>();
        try (Club few = club(FEW);
                Club many = club(MANY)) {
            many.pages.forEach((what, path) -> {
                Read small = new Read(few.server, few.pages.get(what));
                Read large = new Read(many.server, path);
                for (int i = -WARM; i < ASKED; i++) {
                    small.ask(i);
                    large.ask(i);
                }
                rows.add(Row.atMost(what + ", 1,000,000 shots, p95", large.p95(), "ms", 100));
                if (!what.equals(LEDGER)) {
                    rows.add(Row.atMost(what + ", against 10,000 shots", large.against(small), "x", 1.2));
                }
                rows.add(Row.atMost(what + ", packed", large.packed() / 1000.0, "kB", 60));
            });
        }
        return rows;
    }

    /** Not just answered but read: the widest page there is, every player on drills of their own. */
    static List<Row> squadPage() throws IOException, SQLException {
        try (Club club = club(FEW)) {
            String what = "squad page of 200 players, from its link to what is seen of it, 95 %";
            double slow = Host.calmly(
                    what, () -> PageBench.inBrowser(page -> PageBench.p95(squadOpened(page, club.server.port()))));
            return List.of(Row.atMost(what, slow, "ms", 300));
        }
    }

    private static List<Double> squadOpened(Page page, int port) {
        page.navigate("http://localhost:" + port + "/players");
        List<Double> times = new ArrayList<>();
        for (int opened = -WARM_PAGES; opened < PAGES; opened++) {
            page.getByText("Player 199").waitFor();
            page.evaluate("() => new Promise((idle) => requestIdleCallback(() => idle()))");
            Object time = page.evaluate(
                    """
                    (players) => new Promise((done) => {
                      const start = performance.now()
                      const channel = new MessageChannel()
                      channel.port1.onmessage = () => done(performance.now() - start)
                      new MutationObserver((_, watching) => {
                        const rows = document.querySelectorAll('.squad tbody tr')
                        const seen = document.querySelector('.squad .scroll')
                        const filled = rows.length === players
                          || rows.length && rows[rows.length - 1].getBoundingClientRect().top > seen.getBoundingClientRect().bottom
                        if (filled) {
                          watching.disconnect()
                          requestAnimationFrame(() => channel.port2.postMessage(0))
                        }
                      }).observe(document.body, { childList: true, subtree: true })
                      document.querySelector("a[href='/squad']").click()
                    })
                    """,
                    PLAYERS);
            if (opened >= 0) {
                times.add(((Number) time).doubleValue());
            }
            page.goBack();
        }
        return times;
    }

    private record Club(StartedServer server, Map<String, String> pages) implements AutoCloseable {
        @Override
        public void close() {
            server.close();
        }
    }

    private static Club club(int shots) throws IOException, SQLException {
        Path data = Files.createTempDirectory("bench");
        keepsNoBackup(data);
        StartedServer server = StartedServer.on(data, "--bersaglio.day=" + TODAY);
        List<String> families = families(server);
        List<UUID> players = new ArrayList<>();
        for (int i = 0; i < PLAYERS; i++) {
            players.add(UUID.fromString(Device.newId()));
            server.put("/api/players/" + players.get(i), "{\"name\":\"Player %03d\",\"hand\":\"RIGHT\"}".formatted(i));
        }
        int sets = shots / SHOTS_A_SET;
        long apart = TEN_YEARS / sets;
        IntToLongFunction ago =
                place -> Math.min(place, SETS_A_DAY) * (TEN_YEARS / SETS) + Math.max(0, place - SETS_A_DAY) * apart;
        RebuildBench.fill(server.owner(), shots, ago, set -> {
            boolean more = shots == FEW && set < sets - FIRST_SETS;
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
        pages.put(LEDGER, "/api/players/" + player + "/ledger?drill=" + drill);
        pages.put("session", "/api/sessions/" + TODAY);
        pages.put("forecast", "/api/players/" + player + "/forecast?level=1&drill=" + drill);
        pages.put("library", "/api/club");
        return new Club(server, pages);
    }

    /** A backup of so many shots would be made beside what is measured; today's is there, so that none is. */
    private static void keepsNoBackup(Path data) throws IOException {
        Path backups = Files.createDirectories(data.resolve("backups"));
        Files.createFile(backups.resolve("club-" + TODAY + ".zip"));
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

    /** What one page asks of one club. */
    private static final class Read {
        private final StartedServer server;
        private final String path;
        private final double[] millis = new double[ASKED];
        private String body = "";

        Read(StartedServer server, String path) {
            this.server = server;
            this.path = path;
        }

        /** @param time which of those that count; before 0 it only warms */
        void ask(int time) {
            long start = System.nanoTime();
            var answer = server.send(server.request(path));
            double took = (System.nanoTime() - start) / 1e6;
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(path + " is answered " + answer.body());
            }
            body = answer.body();
            if (time >= 0) {
                millis[time] = took;
            }
        }

        /** Of the middle one of some rounds, so that what the machine compiles meanwhile does not decide it. */
        double p95() {
            return middle(this::p95);
        }

        /** How many times as long as another that was asked in turn, in the middle one of their rounds. */
        double against(Read other) {
            return middle(round -> p95(round) / other.p95(round));
        }

        private static double middle(IntToDoubleFunction of) {
            return IntStream.range(0, ROUNDS).mapToDouble(of).sorted().toArray()[ROUNDS / 2];
        }

        private double p95(int round) {
            double[] sorted = Arrays.copyOfRange(millis, round * A_ROUND, (round + 1) * A_ROUND);
            Arrays.sort(sorted);
            return sorted[(int) (A_ROUND * 0.95)];
        }

        int packed() {
            return ReadsBench.packed(Json.parse(body).toString());
        }
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
