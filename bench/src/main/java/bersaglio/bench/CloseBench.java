package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.goal.Duel;
import bersaglio.core.goal.Race;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.TreeMap;

/** From the key that closes a set to its painted verdict, on every level of every ready drill. */
final class CloseBench {

    private static final int SHOTS = 8;
    private static final int WARM_SETS = 4;
    private static final int SLOWEST = 12;

    private CloseBench() {}

    static List<Row> everyReadyDrill() throws IOException {
        List<Double> times = new ArrayList<>();
        TreeMap<Double, String> named = new TreeMap<>();
        try (StartedServer server = StartedServer.withDemo()) {
            PageBench.inBrowser(page -> {
                for (Drill drill : server.bean(Drills.class).newest()) {
                    for (int level = 1; level <= drill.levels().size(); level++) {
                        double time = closed(page, server, drill, level);
                        times.add(time);
                        named.put(time, drill.id() + " " + level);
                    }
                }
                return 0.0;
            });
        }
        // The first pages are still being compiled.
        List<Double> warm = times.subList(WARM_SETS, times.size());
        System.out.println("  " + times.size() + " levels, half of them within "
                + Math.round(warm.stream().sorted().toList().get(warm.size() / 2)) + " ms; the slowest: "
                + named.descendingMap().entrySet().stream().limit(SLOWEST).toList());
        return List.of(
                Row.atMost("key to painted verdict, every ready drill and level, 95 %", PageBench.p95(warm), "ms", 100),
                Row.atMost("the same, the slowest of them", Collections.max(warm), "ms", 250));
    }

    private static double closed(Page page, StartedServer server, Drill drill, int level) {
        String player = Device.newId();
        String partner = Device.newId();
        server.put("/api/players/" + player, "{\"name\":\"Bench\",\"hand\":\"RIGHT\"}");
        server.put("/api/players/" + partner, "{\"name\":\"Other\",\"hand\":\"LEFT\"}");
        boolean sides =
                drill.level(level).goal() instanceof Race || drill.level(level).goal() instanceof Duel;
        String track = drill.design().tracks().get(0);
        Device device = new Device(server);
        List<String> events = new ArrayList<>();
        events.add(device.event(
                "set.opened",
                """
                {"player":"%s","hand":"RIGHT","drill":"%s","level":%d,"standpoint":"BEHIND","track":"%s"%s}"""
                        .formatted(
                                player, drill.id(), level, track, sides ? ",\"partners\":[\"" + partner + "\"]" : "")));
        for (int shot = 0; shot < SHOTS; shot++) {
            events.add(device.event(
                    "shot.keyed",
                    """
                    {"outcome":"%s","side":"NONE","zone":0,"by":"COACH"%s}"""
                            .formatted(shot % 3 > 0 ? "HIT" : "IN", sides ? ",\"team\":" + shot % 2 : "")));
        }
        device.fates(events);
        page.navigate("http://localhost:" + server.port() + "/courtside/" + player + "/" + drill.id()
                + (track.isEmpty() ? "" : "?track=" + track));
        // A set that is closed has been read, and the page is at rest: what is timed begins with the key.
        page.locator("section.court-area[aria-busy=false]").waitFor();
        page.evaluate("() => new Promise((rests) => requestIdleCallback(() => requestIdleCallback(rests)))");
        page.evaluate(
                """
                () => {
                  window.verdictPainted = new Promise((resolve) => {
                    let start = 0
                    const channel = new MessageChannel()
                    channel.port1.onmessage = () => resolve(performance.now() - start)
                    window.addEventListener('keydown', (event) => { start = event.timeStamp }, { capture: true, once: true })
                    const seen = new MutationObserver(() => {
                      if (document.querySelector('.decision [data-test=verdict]')) {
                        seen.disconnect()
                        requestAnimationFrame(() => channel.port2.postMessage(0))
                      }
                    })
                    seen.observe(document.body, { childList: true, subtree: true })
                  })
                }
                """);
        page.keyboard().press("Shift+Enter");
        return ((Number) page.evaluate("() => window.verdictPainted")).doubleValue();
    }
}
