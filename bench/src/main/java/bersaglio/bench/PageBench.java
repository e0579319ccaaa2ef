package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.drill.Level;
import bersaglio.core.goal.Quota;
import bersaglio.core.written.DrillText;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import bersaglio.wire.DrillCodec;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.zip.GZIPOutputStream;
import org.springframework.jdbc.core.JdbcTemplate;

/** What the page weighs, and how soon it answers a touch. */
final class PageBench {

    private static final int WARM_TOUCHES = 20;
    private static final int WARM_SETS = 4;
    private static final int TOUCHES = 200;
    private static final int MARKS = 400;
    private static final int PAUSE = 200;
    private static final String LONG_DRILL = "bench-1";
    private static final String PATTERN = "bench-pattern-1";
    private static final int STEPS = 500;

    static final List<String> BROWSER_ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    private PageBench() {}

    static List<Row> rulesSize() throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new GZIPOutputStream(packed)) {
            zip.write(Files.readAllBytes(Path.of("browser/target/rules/rules.js")));
        }
        return List.of(Row.atMost("rules module, gzip", packed.size() / 1024.0, "kB", 300_000 / 1024.0));
    }

    static List<Row> firstLoad() throws IOException {
        try (StartedServer server = StartedServer.withDemo()) {
            double bytes = inBrowser(page -> {
                page.navigate("http://localhost:" + server.port());
                page.locator("h2:text-is(\"Another drill\")").waitFor();
                page.evaluate("() => document.fonts.ready.then(() => undefined)");
                // Once Today is complete it fetches ahead what charting needs: the page of the court, and with it what
                // that needs.
                Object sum = page.evaluate(
                        """
                        () => {
                          const all = [...performance.getEntriesByType('navigation'), ...performance.getEntriesByType('resource')]
                          const ahead = all.find((entry) => /CourtsidePage/.test(entry.name))?.startTime - 100 || Infinity
                          return all.filter((entry) => entry.startTime < ahead)
                            .reduce((sum, entry) => sum + entry.transferSize, 0)
                        }
                        """);
                return ((Number) sum).doubleValue();
            });
            return List.of(Row.atMost("first load of Today, gzip, fonts in", bytes / 1024, "kB", 300));
        }
    }

    static List<Row> touchToPaint() throws IOException {
        try (StartedServer server = StartedServer.withDemo()) {
            addLongDrill(server);
            warm(server);
            addPattern(server);
            return List.of(
                    Row.told(
                            "touch to a dot on a page with nothing else, 95 %",
                            inBrowser(page -> p95(touchesOfNothing(page))), "ms"),
                    touched(server, "touch to painted mark and verdict, 95 %, no mark yet", LONG_DRILL, 0, 33),
                    touched(server, "touch to painted mark and verdict, 95 %, 400 marks", LONG_DRILL, MARKS, 50),
                    touched(server, "the same in a pattern, no step yet", PATTERN, 0, 33),
                    touched(server, "the same in a pattern, 500 steps", PATTERN, STEPS, 50));
        }
    }

    private static Row touched(StartedServer server, String what, String drill, int marks, double bound) {
        double slow = Host.calmly(what, () -> inBrowser(page -> p95(touches(page, server, drill, marks))));
        return Row.atMost(what, slow, "ms", bound);
    }

    /** What is measured is the page; a server that is still being compiled would take its processor away. */
    private static void warm(StartedServer server) {
        String player = Device.newId();
        server.put("/api/players/" + player, "{\"name\":\"Warm\",\"hand\":\"RIGHT\"}");
        for (int set = 0; set < WARM_SETS; set++) {
            marked(server, player, MARKS);
        }
    }

    private static List<Double> touches(Page page, StartedServer server, String drill, int marks) {
        String player = Device.newId();
        server.put("/api/players/" + player, "{\"name\":\"Bench\",\"hand\":\"RIGHT\"}");
        if (marks > 0 && drill.equals(PATTERN)) {
            stepped(server, player);
        } else if (marks > 0) {
            marked(server, player, marks);
        }
        page.navigate("http://localhost:" + server.port() + "/courtside/" + player + "/" + drill);
        page.locator("svg.court").waitFor();
        page.waitForCondition(() -> page.locator(".drawing .mark").count() == marks);
        for (int touch = 0; touch < WARM_TOUCHES; touch++) {
            touch(page, touch);
        }
        for (int touch = 0; touch < WARM_TOUCHES; touch++) {
            page.keyboard().press("Backspace");
        }
        page.waitForCondition(() -> page.locator(".drawing .mark").count() == marks);
        return measured(
                page,
                () -> page.waitForCondition(() -> page.locator(".drawing .mark").count() == marks + TOUCHES));
    }

    /** What the machine and its browser take of a touch, whatever the page does. */
    private static List<Double> touchesOfNothing(Page page) {
        page.setContent("<svg class='court' width='800' height='600'></svg>");
        page.evaluate(
                """
                () => document.querySelector('svg').addEventListener('pointerdown', (event) => {
                  const dot = document.createElementNS('http://www.w3.org/2000/svg', 'circle')
                  dot.setAttribute('r', '9')
                  dot.setAttribute('cx', event.offsetX)
                  dot.setAttribute('cy', event.offsetY)
                  event.target.append(dot)
                })
                """);
        return measured(page, () -> page.waitForFunction("document.querySelectorAll('circle').length === " + TOUCHES));
    }

    private static List<Double> measured(Page page, Runnable allDrawn) {
        page.evaluate(
                """
                () => {
                  const times = window.times = []
                  const channel = new MessageChannel()
                  let start = 0
                  channel.port1.onmessage = () => times.push(performance.now() - start)
                  document.querySelector('svg.court').addEventListener('pointerdown', (event) => {
                    start = event.timeStamp
                    requestAnimationFrame(() => channel.port2.postMessage(0))
                  }, true)
                }
                """);
        for (int touch = 0; touch < TOUCHES; touch++) {
            touch(page, touch);
        }
        allDrawn.run();
        List<?> times = (List<?>) page.evaluate("window.times");
        if (times.size() != TOUCHES) {
            throw new IllegalStateException(times.size() + " touches were seen");
        }
        List<Double> measured = new ArrayList<>();
        times.forEach(time -> measured.add(((Number) time).doubleValue()));
        return measured;
    }

    private static void touch(Page page, int number) {
        var box = page.locator("svg.court").boundingBox();
        page.touchscreen()
                .tap(
                        box.x + box.width * (0.3 + 0.4 * (number % 7) / 7),
                        box.y + box.height * (0.3 + 0.2 * (number % 3)));
        page.waitForTimeout(PAUSE);
    }

    /** A drill whose block is long enough for all the touches. */
    private static void addLongDrill(StartedServer server) {
        Drill known = server.bean(Drills.class).version(Device.DRILL).orElseThrow();
        Level first = known.level(1);
        Level rung = new Level(
                1,
                first.target(),
                first.ring(),
                new Quota(TOUCHES / 2, TOUCHES),
                first.tries(),
                first.coachTarget(),
                first.advance());
        add(server, new Drill(LONG_DRILL, LONG_DRILL, 1, known.name(), known.feed(), known.freedom(), List.of(rung)));
    }

    /** Of more passes than all the touches make. */
    private static void addPattern(StartedServer server) {
        Drill written = DrillText.read(
                """
                drill "Bench" on badminton count passes
                level
                  target "Places" in use singles
                    zone 1 "net" from -2 m to 2 m across from 0 m to 2 m away
                    zone 2 "rear" from -2 m to 2 m across from 5 m to 6.7 m away
                  goal 500 hits in all
                  pattern A drop to net; B lift to rear; A drop to net or clear to rear then stop
                """,
                Courts.all());
        add(server, written.as("bench-pattern", 1));
    }

    private static void add(StartedServer server, Drill drill) {
        new JdbcTemplate(server.owner())
                .update(
                        "insert into drill_version (id, drill, version, body) values (?, ?, 1, ?)",
                        drill.id(),
                        drill.family(),
                        DrillCodec.encode(drill).toString());
    }

    /** A set of whole and broken passes. */
    private static void stepped(StartedServer server, String player) {
        Device device = new Device(server);
        List<String> events = new ArrayList<>(List.of(device.opened(player, PATTERN, 1)));
        for (int step = 0; step < STEPS; step++) {
            events.add(device.landed(-1.5 + 3.0 * (step % 20) / 20, step % 9 == 0 ? 4 : 0.5 + step % 2));
        }
        send(device, events);
    }

    /** A set with many marks that do not fill its block: all of them voided. */
    private static void marked(StartedServer server, String player, int marks) {
        Device device = new Device(server);
        List<String> events = new ArrayList<>(List.of(device.opened(player, LONG_DRILL, 1)));
        for (int mark = 0; mark < marks; mark++) {
            String landed = device.landed(-2 + 4.0 * (mark % 20) / 20, 1 + 5.0 * (mark / 20) / 20);
            String id = StartedServer.JSON.readTree(landed).get("id").asString();
            events.add(landed);
            events.add(device.event(
                    "shot.called", "{\"shot\":\"%s\",\"outcome\":\"VOID\",\"side\":\"NONE\"}".formatted(id)));
        }
        send(device, events);
    }

    private static void send(Device device, List<String> events) {
        for (int from = 0; from < events.size(); from += 100) {
            device.fates(events.subList(from, Math.min(events.size(), from + 100)));
        }
    }

    static double p95(List<Double> times) {
        List<Double> sorted = times.stream().sorted().toList();
        return sorted.get((int) Math.ceil(sorted.size() * 0.95) - 1);
    }

    static double inBrowser(Function<Page, Double> work) {
        try (Playwright playwright = Playwright.create();
                Browser browser = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(Path.of("/usr/bin/chromium"))
                                .setArgs(BROWSER_ARGUMENTS))) {
            Page page = browser.newContext(new Browser.NewContextOptions()
                            .setViewportSize(1280, 800)
                            .setHasTouch(true)
                            .setServiceWorkers(ServiceWorkerPolicy.BLOCK))
                    .newPage();
            return work.apply(page);
        }
    }
}
