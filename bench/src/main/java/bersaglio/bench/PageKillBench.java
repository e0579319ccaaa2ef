package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;

/** The browser, killed while a coach charts: what the page had on disc is there when it comes back, and on the server once. */
final class PageKillBench {

    private static final int KILLS = Integer.getInteger("kills.page", 100);
    private static final int SETS_OF_A_PLAYER = 10;
    private static final String TELLS_WHAT_IS_ON_DISC =
            """
            (() => {
              const add = IDBObjectStore.prototype.add
              IDBObjectStore.prototype.add = function (value) {
                const asked = add.apply(this, arguments)
                if (this.name === 'events') {
                  this.transaction.addEventListener('complete', () => window.onDisc(value.event.id))
                }
                return asked
              }
            })()
            """;

    private static final String WAITING =
            """
            () => new Promise((resolve) => {
              indexedDB.open('bersaglio').onsuccess = ({ target }) => {
                const ask = target.result.transaction('events').objectStore('events').index('fate').count('waiting')
                ask.onsuccess = () => { target.result.close(); resolve(ask.result) }
              }
            })
            """;

    private PageKillBench() {}

    static List<Row> killed() throws Exception {
        Set<String> onDisc = Collections.synchronizedSet(new LinkedHashSet<>());
        Random random = new Random(7);
        Path profile = Files.createTempDirectory("profile");
        int done = 0;
        try (StartedServer server = StartedServer.on(Files.createTempDirectory("bench"));
                Playwright playwright = Playwright.create()) {
            String player = Device.newId();
            for (int kill = 0; kill < KILLS; kill++) {
                if (kill % SETS_OF_A_PLAYER == 0) {
                    player = Device.newId();
                    server.put("/api/players/" + player, "{\"name\":\"Killed Browser\",\"hand\":\"RIGHT\"}");
                }
                BrowserContext context = open(playwright, profile, onDisc);
                Page page = context.pages().get(0);
                page.navigate("http://localhost:" + server.port() + "/courtside/" + player + "/straight-clear-1");
                page.locator("svg.court").waitFor();
                page.locator("[data-test=count]").waitFor();
                Thread killer = killerOf(profile, 50 + random.nextInt(900));
                try {
                    while (killer.isAlive()) {
                        page.keyboard().press(random.nextInt(3) == 0 ? "0" : "Space");
                        if (random.nextInt(9) == 0) {
                            page.keyboard().press("Shift+Enter");
                            page.keyboard().press("Enter");
                        }
                    }
                } catch (PlaywrightException gone) {
                    // As it was to be.
                }
                killer.join();
                done++;
            }
            return rows(server, playwright, profile, onDisc, player, done);
        }
    }

    private static List<Row> rows(
            StartedServer server, Playwright playwright, Path profile, Set<String> onDisc, String player, int done) {
        try (BrowserContext context = open(playwright, profile, onDisc)) {
            Page page = context.pages().get(0);
            page.navigate("http://localhost:" + server.port() + "/courtside/" + player + "/straight-clear-1");
            page.waitForCondition(
                    () -> ((Number) page.evaluate(WAITING)).intValue() == 0,
                    new Page.WaitForConditionOptions().setTimeout(60_000));
            Set<String> stored = new HashSet<>();
            int doubled = 0;
            for (JsonNode one : server.get("/api/club").get("players")) {
                JsonNode sets = server.get("/api/players/" + one.get("id").asString() + "/ledger?drill=" + Device.DRILL)
                        .get("sets");
                for (JsonNode set : sets) {
                    for (JsonNode event :
                            server.get("/api/runs/" + set.get("run").asString()).get("events")) {
                        doubled += stored.add(event.get("id").asString()) ? 0 : 1;
                    }
                }
            }
            long lost = onDisc.stream().filter(id -> !stored.contains(id)).count();
            System.out.println("  the browser was killed " + done + " times; " + onDisc.size()
                    + " events were on its disc, " + stored.size() + " are on the server");
            return List.of(
                    Row.atLeast("kills of the browser while charting", done, "kills", KILLS),
                    Row.atMost("events that were on its disc and are not on the server", lost, "events", 0),
                    Row.atMost("events that are there twice", doubled, "events", 0));
        }
    }

    private static BrowserContext open(Playwright playwright, Path profile, Set<String> onDisc) {
        BrowserContext context = playwright
                .chromium()
                .launchPersistentContext(
                        profile,
                        new BrowserType.LaunchPersistentContextOptions()
                                .setExecutablePath(Path.of("/usr/bin/chromium"))
                                .setViewportSize(1280, 800)
                                .setArgs(PageBench.BROWSER_ARGUMENTS));
        context.exposeBinding("onDisc", (source, given) -> onDisc.add(String.valueOf(given[0])));
        context.addInitScript(TELLS_WHAT_IS_ON_DISC);
        return context;
    }

    /** Kills every process of the browser with this profile, as a battery would. */
    private static Thread killerOf(Path profile, int afterMillis) {
        Thread killer = new Thread(() -> {
            try {
                TimeUnit.MILLISECONDS.sleep(afterMillis);
                new ProcessBuilder("pkill", "-9", "-f", profile.toString())
                        .start()
                        .waitFor();
            } catch (IOException failure) {
                throw new IllegalStateException(failure);
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
            }
        });
        killer.start();
        return killer;
    }
}
