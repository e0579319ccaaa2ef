package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.server.StartedServer;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** How smoothly the target editor follows a finger. */
final class EditorBench {

    private static final int ZONES = 6;
    private static final int MOVES = 400;

    private EditorBench() {}

    /** A zone among several is dragged to and fro; the time between two painted frames is taken while it is. */
    static List<Row> dragging() throws IOException {
        try (StartedServer server = StartedServer.withDemo()) {
            String what = "frame time while a zone is dragged, 95 %";
            double frame = Host.calmly(what, () -> PageBench.inBrowser(page -> PageBench.p95(frames(page, server))));
            return List.of(Row.atMost(what, frame, "ms", 20));
        }
    }

    private static List<Double> frames(Page page, StartedServer server) {
        page.navigate("http://localhost:" + server.port() + "/drills/targets/new/badminton");
        page.locator(".editor svg.court").waitFor();
        var box = page.locator("svg.court").boundingBox();
        for (int zone = 0; zone < ZONES; zone++) {
            page.locator("[data-tool=" + (zone % 2 == 0 ? "RECTANGLE" : "CIRCLE") + "]")
                    .click();
            page.mouse()
                    .click(box.x + box.width * (0.25 + 0.1 * zone), box.y + box.height * (zone % 2 == 0 ? 0.3 : 0.6));
        }
        double x = box.x + box.width * 0.25;
        double y = box.y + box.height * 0.3;
        page.mouse().move(x, y);
        page.mouse().down();
        drag(page, x, y, MOVES / 4);
        page.evaluate(
                """
                () => {
                  const frames = window.frames95 = []
                  let last = performance.now()
                  const next = (now) => { frames.push(now - last); last = now; window.going = requestAnimationFrame(next) }
                  requestAnimationFrame((now) => { last = now; requestAnimationFrame(next) })
                }
                """);
        drag(page, x, y, MOVES);
        List<?> times = (List<?>) page.evaluate("() => { cancelAnimationFrame(window.going); return window.frames95 }");
        page.mouse().up();
        List<Double> measured = new ArrayList<>();
        times.forEach(time -> measured.add(((Number) time).doubleValue()));
        return measured;
    }

    private static void drag(Page page, double x, double y, int moves) {
        for (int move = 0; move < moves; move++) {
            double way = Math.sin(move / 20.0);
            page.mouse().move(x + 60 * way, y + 80 * way);
        }
    }
}
