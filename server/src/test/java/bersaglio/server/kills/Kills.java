package bersaglio.server.kills;

import bersaglio.server.Device;
import bersaglio.server.ServerProcess;
import bersaglio.server.backup.Commands;
import bersaglio.server.backup.OldClub;
import bersaglio.server.files.ClubFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;

/** Kills a server again and again, in all it does, and looks each time whether it kept what it had acknowledged. */
public final class Kills {

    /** What the server is at when it is killed. */
    public enum In {
        TRAFFIC,
        START,
        REBUILD,
        MIGRATION
    }

    private static final int CLIENTS = 8;
    private static final int SESSIONS = 3;
    private static final int LONGEST_TRAFFIC = 2200;
    private static final int FEWEST_IN_TRAFFIC = 24;
    private static final int LONGEST_WAIT = 20;
    private static final int RESULTS_EVERY = 25;
    private static final int FRESH_CLUB_EVERY = 120;
    private static final int OLD_SETS = 150;
    private static final int BACKUP_ONE_IN = 4;

    private final List<String> program;
    private final Consumer<String> tell;
    private final Random random;
    private final Map<In, Integer> done = new EnumMap<>(In.class);
    private final List<String> findings = new ArrayList<>();
    private List<Charter> charters = List.of();
    private Path data = Path.of("");
    private Duration longestStart = Duration.ofSeconds(2);
    private long acknowledgedBefore;

    /** @param program what java is told to run */
    public Kills(List<String> program, long seed, Consumer<String> tell) {
        this.program = program;
        this.random = new Random(seed);
        this.tell = tell;
    }

    /** Kills so often, unless the time is up before; {@link #findings} says what was wrong after any of them. */
    public void run(int kills, Duration most) throws IOException, InterruptedException, SQLException {
        Instant end = Instant.now().plus(most);
        for (int kill = 0; kill < kills && Instant.now().isBefore(end); kill++) {
            if (kill % FRESH_CLUB_EVERY == 0) {
                freshClub();
            }
            In in = of(kill);
            killIn(in);
            done.merge(in, 1, Integer::sum);
            boolean last = kill + 1 == kills;
            if (in != In.MIGRATION) {
                note(in, Autopsy.of(data, charters));
            }
            if (last || kill % RESULTS_EVERY == RESULTS_EVERY - 1) {
                // A rebuild that was broken off is not what the results are compared with.
                ServerProcess whole = ServerProcess.launch(data, program);
                whole.port();
                whole.killAndWait();
                note(in, Autopsy.ofResults(data));
                tell.accept(kill + 1 + " kills " + done + ", " + acknowledged() + " events acknowledged, "
                        + findings.size() + " findings");
            }
        }
        ClubFiles.deleteFolder(data);
    }

    public int done() {
        return done.values().stream().mapToInt(Integer::intValue).sum();
    }

    public Map<In, Integer> doneIn() {
        return done;
    }

    public long acknowledged() {
        return acknowledgedBefore
                + charters.stream().mapToLong(one -> one.acknowledged().size()).sum();
    }

    public List<String> findings() {
        return findings;
    }

    private static In of(int kill) {
        return switch (kill % 10) {
            case 1, 4 -> In.START;
            case 7 -> In.REBUILD;
            case 9 -> In.MIGRATION;
            default -> In.TRAFFIC;
        };
    }

    private void note(In in, List<String> found) {
        for (String one : found) {
            findings.add(in + " " + done() + ": " + one);
            tell.accept("FOUND in " + in + " " + done() + ": " + one);
        }
    }

    private void freshClub() throws IOException {
        acknowledgedBefore = acknowledged();
        if (!charters.isEmpty()) {
            ClubFiles.deleteFolder(data);
        }
        data = Files.createTempDirectory("kills");
        List<Charter> fresh = new ArrayList<>();
        List<String> sessions = new ArrayList<>();
        for (int i = 0; i < SESSIONS; i++) {
            sessions.add(Device.newId());
        }
        for (int i = 0; i < CLIENTS; i++) {
            fresh.add(new Charter(sessions.get(i % SESSIONS), random.nextLong()));
        }
        charters = fresh;
    }

    private void killIn(In in) throws IOException, InterruptedException, SQLException {
        switch (in) {
            case TRAFFIC -> inTraffic();
            case START -> whileStarting(ServerProcess.launch(data, program));
            case REBUILD -> whileStarting(ServerProcess.launch(data, program, "--bersaglio.rebuild=true"));
            case MIGRATION -> inMigration();
        }
    }

    private void inTraffic() throws IOException, InterruptedException {
        Instant asked = Instant.now();
        ServerProcess server = ServerProcess.launch(data, program);
        int port = server.port();
        longestStart = Duration.between(asked, Instant.now());
        AtomicBoolean goOn = new AtomicBoolean(true);
        CountDownLatch something = new CountDownLatch(FEWEST_IN_TRAFFIC);
        ExecutorService devices = Executors.newFixedThreadPool(CLIENTS + 1);
        try {
            List<Future<?>> charting = new ArrayList<>();
            for (Charter charter : charters) {
                charting.add(devices.submit(() -> {
                    charter.chart(port, goOn, something);
                    return null;
                }));
            }
            if (random.nextInt(BACKUP_ONE_IN) == 0) {
                charting.add(devices.submit(() -> Commands.run(
                        List.of("backup", data.resolve("beside.zip").toString(), data.toString()), text -> {})));
            }
            // However slow the machine: a kill before anything was acknowledged shows nothing that a start does not.
            something.await(LONGEST_WAIT, TimeUnit.SECONDS);
            pause(random.nextInt(LONGEST_TRAFFIC));
            server.killAndWait();
            goOn.set(false);
            for (Future<?> one : charting) {
                one.get();
            }
        } catch (ExecutionException failed) {
            findings.add("a device was answered wrongly: " + failed.getCause().getMessage());
        } finally {
            server.killAndWait();
            devices.shutdownNow();
            Files.deleteIfExists(data.resolve("beside.zip"));
        }
    }

    /** At any moment from its first instruction to shortly after it is ready. */
    private void whileStarting(ServerProcess server) throws InterruptedException {
        pause(random.nextInt((int) longestStart.toMillis() + 300));
        server.killAndWait();
    }

    private void inMigration() throws IOException, InterruptedException, SQLException {
        Path folder = Files.createTempDirectory("old");
        ClubFiles.deleteFolder(folder);
        OldClub.in(folder, 1 + random.nextInt(4), OLD_SETS);
        whileStarting(ServerProcess.launch(folder, program));
        ServerProcess again = ServerProcess.launch(folder, program);
        try {
            again.port();
            again.killAndWait();
            List<String> found = new ArrayList<>(Autopsy.of(folder, List.of()));
            found.addAll(Autopsy.ofResults(folder));
            note(In.MIGRATION, found);
        } catch (IllegalStateException neverAgain) {
            note(In.MIGRATION, List.of(String.valueOf(neverAgain.getMessage())));
            tell.accept("kept for a look: " + folder);
            return;
        } finally {
            again.killAndWait();
        }
        ClubFiles.deleteFolder(folder);
    }

    /** Until the moment at which it dies: nothing is awaited here but that moment. */
    private static void pause(int milliseconds) throws InterruptedException {
        Thread.sleep(milliseconds);
    }
}
