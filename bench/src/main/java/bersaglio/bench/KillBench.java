package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.server.kills.Kills;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The jar that runs, killed a thousand times, in clubs of their own beside each other, so that no processor waits. */
final class KillBench {

    private static final Path RUN = Path.of("app", "target", "run").toAbsolutePath();
    private static final int KILLS = Integer.getInteger("kills", 1000);
    private static final int CLUBS = Integer.getInteger("kills.clubs", 2);
    private static final Duration MOST = Duration.ofMinutes(Integer.getInteger("kills.minutes", 120));

    private KillBench() {}

    static List<Row> aThousand() throws Exception {
        long seed = System.nanoTime();
        List<Kills> clubs = IntStream.range(0, CLUBS)
                .mapToObj(club ->
                        new Kills(program(), seed + club, text -> System.out.println("  club " + club + ": " + text)))
                .toList();
        ExecutorService beside = Executors.newFixedThreadPool(CLUBS);
        try {
            List<Future<?>> all = new ArrayList<>();
            for (int club = 0; club < CLUBS; club++) {
                Kills kills = clubs.get(club);
                int share = KILLS / CLUBS + (club < KILLS % CLUBS ? 1 : 0);
                all.add(beside.submit(() -> {
                    kills.run(share, MOST);
                    return null;
                }));
            }
            for (Future<?> one : all) {
                one.get();
            }
        } finally {
            beside.shutdownNow();
        }
        clubs.forEach(kills -> System.out.println("  killed " + kills.done() + " times: " + kills.doneIn()));
        int done = clubs.stream().mapToInt(Kills::done).sum();
        return List.of(
                Row.atLeast("kills, out of " + KILLS + " that were asked for", done, "kills", KILLS),
                Row.atLeast(
                        "events acknowledged meanwhile",
                        clubs.stream().mapToLong(Kills::acknowledged).sum(),
                        "events",
                        done),
                Row.atMost(
                        "lost, doubled, out of order, or results that differ",
                        clubs.stream()
                                .mapToLong(kills -> kills.findings().size())
                                .sum(),
                        "findings",
                        0));
    }

    /** As the launcher runs it. */
    static List<String> program() {
        Path archive = RUN.resolve("classes.jsa");
        List<String> jar = List.of("-jar", RUN.resolve("bersaglio.jar").toString());
        return Files.exists(archive)
                ? Stream.concat(Stream.of("-XX:SharedArchiveFile=" + archive), jar.stream())
                        .toList()
                : jar;
    }
}
