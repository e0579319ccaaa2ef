package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.server.kills.Kills;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;

/** The jar that runs, killed a thousand times. */
final class KillBench {

    private static final Path RUN = Path.of("app", "target", "run").toAbsolutePath();
    private static final int KILLS = Integer.getInteger("kills", 1000);
    private static final Duration MOST = Duration.ofMinutes(Integer.getInteger("kills.minutes", 120));

    private KillBench() {}

    static List<Row> aThousand() throws Exception {
        Kills kills = new Kills(program(), System.nanoTime(), text -> System.out.println("  " + text));
        kills.run(KILLS, MOST);
        System.out.println("  killed " + kills.done() + " times: " + kills.doneIn());
        return List.of(
                Row.atLeast("kills, out of " + KILLS + " that were asked for", kills.done(), "kills", KILLS),
                Row.atLeast("events acknowledged meanwhile", kills.acknowledged(), "events", kills.done()),
                Row.atMost(
                        "lost, doubled, out of order, or results that differ",
                        kills.findings().size(),
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
