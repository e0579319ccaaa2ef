package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.server.Bersaglio;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import com.github.f4b6a3.uuid.UuidCreator;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.function.IntFunction;
import java.util.function.IntToLongFunction;
import javax.sql.DataSource;

/** A long-lived club: a log of a million shots, replayed in a small heap, and what it takes on disc. */
final class RebuildBench {

    private static final int SHOTS = 1_000_000;
    private static final int SHOTS_A_SET = 12;
    private static final int SETS_A_SESSION = 40;
    /** 25 Nov 2026. */
    private static final long LAST = 1_795_600_000_000L;

    private static final String MADE_AGAIN = "sets read differently now";

    private RebuildBench() {}

    static List<Row> aMillionShots() throws IOException, SQLException, InterruptedException {
        Path data = Files.createTempDirectory("bench");
        int events;
        try (StartedServer server = StartedServer.on(data)) {
            String player = Device.newId();
            server.put("/api/players/" + player, "{\"name\":\"Bench\",\"hand\":\"RIGHT\"}");
            events = fill(server.owner(), UUID.fromString(player));
        }
        double seconds = rebuild(data);
        long bytes = Files.size(data.resolve("club.mv.db"));
        return List.of(
                Row.atMost("results of 1,000,000 shots made again, 512 MB heap", seconds, "s", 60),
                Row.atMost("file after compaction, log and results", (double) bytes / events, "B/event", 400));
    }

    /** Writes straight into the log, as a restored copy of it would be. */
    static int fill(DataSource file, UUID player) throws SQLException {
        return fill(file, SHOTS, place -> place * 600_000L, set -> new Subject(player, Device.DRILL));
    }

    /** Whose a set is, and what it is of. */
    record Subject(UUID player, String drill) {}

    /** @param ago how long before now a set was held, in milliseconds; the last one is 1 */
    static int fill(DataSource file, int shots, IntToLongFunction ago, IntFunction<Subject> subjects)
            throws SQLException {
        Random random = new Random(1);
        int events = 0;
        try (Connection connection = file.getConnection();
                PreparedStatement session = connection.prepareStatement("insert into session values (?, ?)");
                PreparedStatement run = connection.prepareStatement("insert into run values (?, ?)");
                PreparedStatement event = connection.prepareStatement(
                        """
                        insert into chart_event (id, session_id, position, run_id, kind, v, pen, device, seq, at_ms,
                            wall_ms, received_ms, body) values (?, ?, ?, ?, ?, 1, 1, ?, ?, ?, ?, ?, ?)
                        """)) {
            connection.setAutoCommit(false);
            UUID device = UUID.randomUUID();
            UUID sessionId = device;
            int position = 0;
            for (int set = 0; set < shots / SHOTS_A_SET; set++) {
                if (set % SETS_A_SESSION == 0) {
                    sessionId = UuidCreator.getTimeOrderedEpoch();
                    position = 0;
                    session.setObject(1, sessionId);
                    int held = Math.min(SETS_A_SESSION, shots / SHOTS_A_SET - set);
                    session.setLong(2, (long) held * (SHOTS_A_SET + 2) + 1);
                    session.executeUpdate();
                }
                UUID runId = UuidCreator.getTimeOrderedEpoch();
                run.setObject(1, runId);
                run.setObject(2, sessionId);
                run.executeUpdate();
                Subject subject = subjects.apply(set);
                for (int i = 0; i < SHOTS_A_SET + 2; i++) {
                    String kind = i == 0 ? "set.opened" : i <= SHOTS_A_SET ? "shot.landed" : "set.closed";
                    long wall = LAST - ago.applyAsLong(shots / SHOTS_A_SET - set) + i * 9000L;
                    event.setObject(1, UuidCreator.getTimeOrderedEpoch());
                    event.setObject(2, sessionId);
                    event.setLong(3, ++position);
                    event.setObject(4, runId);
                    event.setString(5, kind);
                    event.setObject(6, device);
                    event.setInt(7, ++events);
                    event.setLong(8, i * 9000L);
                    event.setLong(9, wall);
                    event.setLong(10, wall);
                    event.setString(11, body(kind, subject, random));
                    event.addBatch();
                }
                if (set % 1000 == 0) {
                    event.executeBatch();
                    connection.commit();
                }
            }
            event.executeBatch();
            connection.commit();
        }
        return events;
    }

    private static String body(String kind, Subject subject, Random random) {
        return switch (kind) {
            case "set.opened" ->
                "{\"player\":\"%s\",\"hand\":\"RIGHT\",\"drill\":\"%s\",\"level\":1,\"standpoint\":\"BEHIND\"}"
                        .formatted(subject.player(), subject.drill());
            case "shot.landed" ->
                "{\"x\":%s,\"y\":%s,\"by\":\"COACH\"}"
                        .formatted(
                                Math.round((1.7 + random.nextGaussian()) * 1000) / 1000.0,
                                Math.round((5.6 + random.nextGaussian()) * 1000) / 1000.0);
            default ->
                "{\"said\":{\"call\":\"STAY\",\"code\":\"once.missed\",\"figures\":{\"hits\":6,\"trials\":12},\"rules\":1}}";
        };
    }

    private static double rebuild(Path data) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(
                        "java",
                        "-Xmx512m",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Bersaglio.class.getName(),
                        "--server.port=0",
                        "--bersaglio.rebuild=true",
                        "--bersaglio.data=" + data)
                .redirectErrorStream(true)
                .start();
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            long start = 0;
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                if (line.contains("making them again")) {
                    start = System.nanoTime();
                } else if (line.contains(MADE_AGAIN)) {
                    return (System.nanoTime() - start) / 1e9;
                } else if (!line.contains("Results made again")) {
                    System.out.println("  " + line);
                }
            }
            throw new IllegalStateException("the rebuild did not end");
        } finally {
            process.destroy();
            process.waitFor(5, TimeUnit.MINUTES);
        }
    }
}
