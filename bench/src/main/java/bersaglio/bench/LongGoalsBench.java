package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.BallByBall;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.goal.Circuit;
import bersaglio.core.goal.Cover;
import bersaglio.core.goal.Duel;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Ladder;
import bersaglio.core.goal.MissRule;
import bersaglio.core.goal.MissRule.Does;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Race;
import bersaglio.core.goal.Rally;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Signal;
import bersaglio.core.goal.Timed;
import bersaglio.core.goal.Total;
import bersaglio.core.goal.Window;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import bersaglio.wire.DrillCodec;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.springframework.jdbc.core.JdbcTemplate;

/** How long the longest and most tangled goals that can be stored keep anybody waiting. */
final class LongGoalsBench {

    private static final int MOST_TRIES = 20;
    private static final int SHOTS = 60;

    private LongGoalsBench() {}

    private static Map<String, Goal> goals() {
        Map<String, Goal> goals = new LinkedHashMap<>();
        goals.put("quota of 200", new Quota(120, 200));
        goals.put("window of 20 within 60", new Window(15, 20, 60));
        goals.put("window of 30", new Window(22, 30, 0));
        goals.put("run of 100", new Run(100));
        goals.put("run of 60 within 2000", new Run(60, 2000, MissRule.of(Does.RESTART_RUN)));
        goals.put("total of 1000", new Total(1000));
        goals.put("total with balls owed", new Total(600, 2000, MissRule.owing(1)));
        goals.put("cover 9 zones 20 times", new Cover(9, 20, 0));
        goals.put("cover 9 zones 50 times within 2000", new Cover(9, 50, 2000));
        goals.put("ladder of 12 by 8", ladder(12, 8, 0, Does.RESTART_STATION));
        goals.put("ladder of 20 by 100 within 2000", ladder(20, 100, 2000, Does.RESTART_STATION));
        goals.put("ladder of 20 by 100, from the start", ladder(20, 100, 0, Does.RESTART_LADDER));
        goals.put("rally 50 times", new Rally(10, 50, 2000));
        goals.put("duel to 50", new Duel(50, 5, List.of(0, 0)));
        goals.put("race of 4 to 200", new Race(4, 200, Race.Tie.EQUAL_TURNS, 0));
        goals.put("race of 4 to 200 within 2000", new Race(4, 200, Race.Tie.FIRST, 2000));
        goals.put("20 rounds of half an hour", new Timed(20, 1800, 0, 1000, Signal.COUNTS));
        goals.put(
                "circuit of 20",
                new Circuit(
                        IntStream.range(0, 20)
                                .mapToObj(stop -> new Circuit.Stop("Stop " + stop, 0, 600))
                                .toList(),
                        30,
                        500,
                        Signal.COUNTS));
        return goals;
    }

    private static Ladder ladder(int stations, int hits, int balls, Does does) {
        return new Ladder(
                IntStream.rangeClosed(1, stations)
                        .mapToObj(station -> new Ladder.Station("Station " + station, hits, 0))
                        .toList(),
                balls,
                MissRule.of(does));
    }

    private static List<Drill> drills(Drill like) {
        List<AdvanceRule> rules = List.of(
                new OneMetQuota(), new MetInLast(2, 3, MetInLast.Each.DAY), Evidence.DEFAULT, BallByBall.DEFAULT);
        List<Drill> drills = new ArrayList<>();
        Level first = like.level(1);
        goals().forEach((name, goal) -> {
            for (AdvanceRule rule : rules) {
                for (int tries : new int[] {3, MOST_TRIES}) {
                    String id = "long-" + drills.size() + "-1";
                    Level level = new Level(1, first.target(), first.ring(), goal, tries, OptionalDouble.empty(), rule);
                    String words = name + ", " + rule.getClass().getSimpleName() + ", " + tries + " sets";
                    drills.add(new Drill(id, id, 1, words, like.feed(), like.freedom(), List.of(level)));
                }
            }
        });
        return drills;
    }

    static List<Row> forecasts() {
        String what = "slowest forecast of any long goal, on the server";
        return List.of(Row.atMost(what, Host.calmly(what, LongGoalsBench::slowestForecast), "s", 0.5));
    }

    /** Each drill asked for the first time. */
    private static double slowestForecast() {
        try (StartedServer server = StartedServer.withDemo()) {
            List<Drill> drills =
                    drills(server.bean(Drills.class).version(Device.DRILL).orElseThrow());
            String player = Device.newId();
            server.put("/api/players/" + player, "{\"name\":\"Bench\",\"hand\":\"RIGHT\"}");
            for (Drill drill : drills) {
                new JdbcTemplate(server.owner())
                        .update(
                                "insert into drill_version (id, drill, version, body) values (?, ?, 1, ?)",
                                drill.id(),
                                drill.id(),
                                DrillCodec.encode(drill).toString());
            }
            // A server that has just started is still being compiled.
            ask(server, player, drills.subList(0, 8), 0.45);
            ask(server, player, drills.subList(drills.size() / 2, drills.size() / 2 + 8), 0.45);
            Slowest slowest = ask(server, player, drills, 0.5);
            System.out.println("  slowest: " + slowest.name);
            return slowest.seconds;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private record Slowest(String name, double seconds) {}

    private static Slowest ask(StartedServer server, String player, List<Drill> drills, double guess) {
        Slowest slowest = new Slowest("", 0);
        for (Drill drill : drills) {
            long start = System.nanoTime();
            server.get(
                    "/api/players/" + player + "/forecast?drill=" + drill.id() + "&level=1&chance=0.7&guess=" + guess);
            double seconds = (System.nanoTime() - start) / 1e9;
            slowest = seconds > slowest.seconds ? new Slowest(drill.name(), seconds) : slowest;
        }
        return slowest;
    }

    /** What the page is asked while such a set is charted, and as it closes. */
    static List<Row> inThePage() throws IOException {
        String rules = Files.readString(Path.of("browser/target/rules/rules.js"));
        List<Row> rows = new ArrayList<>();
        try (StartedServer server = StartedServer.withDemo()) {
            List<Drill> drills =
                    drills(server.bean(Drills.class).version(Device.DRILL).orElseThrow());
            PageBench.inBrowser(page -> {
                page.evaluate(
                        "code => import(URL.createObjectURL(new Blob([code], { type: 'text/javascript' })))"
                                + ".then(rules => { window.rules = rules })",
                        rules);
                Slowest shot = new Slowest("", 0);
                Slowest verdict = new Slowest("", 0);
                for (Drill drill : drills) {
                    List<?> seconds = asked(page, drill);
                    double each = ((Number) seconds.get(0)).doubleValue();
                    double close = ((Number) seconds.get(1)).doubleValue();
                    shot = each > shot.seconds ? new Slowest(drill.name(), each) : shot;
                    verdict = close > verdict.seconds ? new Slowest(drill.name(), close) : verdict;
                }
                System.out.println("  slowest shot: " + shot.name + "; slowest close: " + verdict.name);
                rows.add(Row.atMost("slowest chance from here of any long goal, in the page", shot.seconds, "s", 1));
                rows.add(Row.atMost("slowest verdict of any long goal, in the page", verdict.seconds, "s", 1));
                return 0.0;
            });
        }
        return rows;
    }

    private static List<?> asked(Page page, Drill drill) {
        Device device = new Device(Device.newId(), Device.newId());
        boolean sides = drill.level(1).goal() instanceof Race || drill.level(1).goal() instanceof Duel;
        List<String> events = new ArrayList<>();
        events.add(device.event(
                "set.opened",
                """
                {"player":"%s","hand":"RIGHT","drill":"%s","level":1,"standpoint":"BEHIND"%s}"""
                        .formatted(
                                Device.newId(),
                                drill.id(),
                                sides ? ",\"partners\":[\"" + Device.newId() + "\"]" : "")));
        for (int shot = 0; shot < SHOTS; shot++) {
            events.add(device.event(
                    "shot.keyed",
                    """
                    {"outcome":"%s","side":"NONE","zone":1,"by":"COACH"%s}"""
                            .formatted(shot % 3 > 0 ? "HIT" : "IN", sides ? ",\"team\":" + shot % 2 : "")));
        }
        return (List<?>) page.evaluate(
                """
                ([drill, events]) => {
                  const chart = window.rules.chart(drill, '[]')
                  const answer = JSON.parse(chart.append('[' + events.join(',') + ']'))
                  if (answer.problem) { throw new Error(JSON.stringify(answer.problem)) }
                  const seconds = (work) => { const from = performance.now(); work(); return (performance.now() - from) / 1000 }
                  const shot = seconds(() => { chart.fromHere(); chart.decided() })
                  const close = seconds(() => chart.judged())
                  return [shot, close]
                }
                """,
                List.of(DrillCodec.encode(drill).toString(), events));
    }
}
