package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import com.github.f4b6a3.uuid.UuidCreator;
import java.io.IOException;
import java.nio.file.Files;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;

/** Acknowledged events against the least that any storage would cost. */
final class EventBench {

    private static final int WARM = 5000;
    private static final int SINGLES = 4000;
    private static final int BATCH = 50;
    private static final int BATCHES = 100;
    private static final int ROUNDS = 3;
    private static final int DEVICES = 50;
    private static final int SECONDS = 60;
    private static final int SHOTS_A_SET = 12;

    private EventBench() {}

    static List<Row> againstBareInserts() throws IOException, SQLException {
        try (StartedServer server = StartedServer.on(Files.createTempDirectory("bench"))) {
            String player = player(server);
            DataSource file = server.owner();
            bareTable(file);
            charted(server, player, WARM, 1);
            charted(server, player, WARM, BATCH);
            bare(file, WARM);
            double[] singly = new double[ROUNDS];
            double[] batched = new double[ROUNDS];
            for (int round = 0; round < ROUNDS; round++) {
                double bare = bare(file, SINGLES);
                double one = charted(server, player, SINGLES, 1);
                double many = charted(server, player, BATCH * BATCHES, BATCH);
                singly[round] = one / bare;
                batched[round] = many / bare;
                System.out.printf("  a second: bare inserts %.0f, events singly %.0f, batched %.0f%n", bare, one, many);
            }
            return List.of(
                    Row.atLeast("acknowledged events, one at a time, to bare inserts", median(singly), "ratio", 0.15),
                    Row.atLeast("acknowledged events, 50 at a time, to bare inserts", median(batched), "ratio", 1.5));
        }
    }

    static List<Row> fiftyDevices() throws Exception {
        try (StartedServer server = StartedServer.on(Files.createTempDirectory("bench"))) {
            String player = player(server);
            charted(server, player, WARM, BATCH);
            double oneRate = atOnce(server, player, 1);
            double manyRate = atOnce(server, player, DEVICES);
            System.out.printf("  a second: one device %.0f, fifty at once %.0f%n", oneRate, manyRate);
            double alone = p99(devices(server, player, 1));
            List<Double> together = devices(server, player, DEVICES);
            double lost = (double) DEVICES * SECONDS - together.size();
            return List.of(
                    Row.atLeast(
                            "acknowledged events, 50 devices at once, to one device", manyRate / oneRate, "ratio", 4),
                    Row.atMost(
                            "99th percentile, 50 devices to 1, an event a second each",
                            p99(together) / alone,
                            "ratio",
                            5),
                    Row.atMost("events that were not acknowledged", lost, "events", 0));
        }
    }

    /** @return events a second that are acknowledged one at a time to so many devices, each as fast as it is answered */
    private static double atOnce(StartedServer server, String player, int count) throws Exception {
        ExecutorService devices = Executors.newFixedThreadPool(count);
        try {
            List<Callable<Double>> work =
                    Collections.nCopies(count, () -> charted(server, player, Math.max(200, SINGLES / count), 1));
            long start = System.nanoTime();
            for (Future<Double> one : devices.invokeAll(work)) {
                one.get();
            }
            return count * Math.max(200, SINGLES / count) / seconds(start);
        } finally {
            devices.shutdownNow();
        }
    }

    private static String player(StartedServer server) {
        String player = Device.newId();
        server.put("/api/players/" + player, "{\"name\":\"Bench\",\"hand\":\"RIGHT\"}");
        return player;
    }

    /** @return acknowledged events a second, in sets of a dozen shots */
    private static double charted(StartedServer server, String player, int events, int batch) throws IOException {
        List<String> waiting = new ArrayList<>();
        List<List<String>> batches = new ArrayList<>();
        Device device = new Device(server);
        for (int i = 0; i < events; i++) {
            boolean opens = i % (SHOTS_A_SET + 1) == 0;
            if (opens) {
                device = new Device(server);
            }
            waiting.add(opens ? device.opened(player, 1) : device.landed(2.2, 6.4));
            if (waiting.size() == batch || i == events - 1) {
                batches.add(waiting);
                waiting = new ArrayList<>();
            }
        }
        try (KeptConnection kept = new KeptConnection(server.port())) {
            long start = System.nanoTime();
            for (List<String> one : batches) {
                if (kept.stored(one) != one.size()) {
                    throw new IllegalStateException("an event was not stored");
                }
            }
            return events / seconds(start);
        }
    }

    /** A table like the log, to which nothing is attached. */
    private static void bareTable(DataSource file) throws SQLException {
        try (Connection connection = file.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("create table bare_event as select * from chart_event where false");
            statement.execute("alter table bare_event alter column id set not null");
            statement.execute("alter table bare_event add primary key (id)");
            statement.execute("create index bare_event_of_run on bare_event (run_id, position)");
        }
    }

    /** @return inserts of such rows a second, each forced to disc as an acknowledged event is */
    private static double bare(DataSource file, int rows) throws SQLException {
        try (Connection connection = file.getConnection();
                PreparedStatement insert = connection.prepareStatement(
                        "insert into bare_event values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)");
                Statement force = connection.createStatement()) {
            UUID run = UuidCreator.getTimeOrderedEpoch();
            UUID device = UUID.randomUUID();
            long start = System.nanoTime();
            for (int row = 0; row < rows; row++) {
                Object[] values = {
                    UuidCreator.getTimeOrderedEpoch(),
                    run,
                    row,
                    run,
                    "shot.landed",
                    1,
                    1,
                    device,
                    row,
                    row,
                    row,
                    row,
                    "{\"x\":2.2,\"y\":6.4,\"by\":\"COACH\"}"
                };
                for (int column = 0; column < values.length; column++) {
                    insert.setObject(column + 1, values[column]);
                }
                insert.executeUpdate();
                force.execute("CHECKPOINT SYNC");
            }
            return rows / seconds(start);
        }
    }

    /** @return how long each acknowledged event took, in milliseconds */
    private static List<Double> devices(StartedServer server, String player, int count) throws Exception {
        ConcurrentLinkedQueue<Double> times = new ConcurrentLinkedQueue<>();
        ScheduledExecutorService clock = Executors.newScheduledThreadPool(count);
        List<Callable<Void>> work = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Device device = new Device(server);
            device.fates(List.of(device.opened(player, 1)));
            long offset = 1000L * i / count;
            work.add(() -> {
                var beat = clock.scheduleAtFixedRate(
                        () -> {
                            long start = System.nanoTime();
                            if (device.fates(List.of(device.landed(2.2, 6.4))).equals(List.of("STORED"))) {
                                times.add(seconds(start) * 1000);
                            }
                        },
                        offset,
                        1000,
                        TimeUnit.MILLISECONDS);
                clock.schedule(() -> beat.cancel(false), offset + SECONDS * 1000L - 500, TimeUnit.MILLISECONDS);
                return null;
            });
        }
        for (Callable<Void> one : work) {
            one.call();
        }
        clock.schedule(clock::shutdown, SECONDS + 1L, TimeUnit.SECONDS);
        clock.awaitTermination(SECONDS + 10L, TimeUnit.SECONDS);
        return List.copyOf(times);
    }

    private static double p99(List<Double> times) {
        List<Double> sorted = times.stream().sorted().toList();
        return sorted.get((int) Math.ceil(sorted.size() * 0.99) - 1);
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    private static double seconds(long startNanos) {
        return (System.nanoTime() - startNanos) / 1e9;
    }
}
