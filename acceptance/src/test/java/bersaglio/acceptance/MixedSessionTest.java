package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import bersaglio.server.Device;
import bersaglio.server.ServerProcess;
import bersaglio.server.StartedServer;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.RequestOptions;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * One long session over every kind of goal, while the network goes and comes back, answers are lost after the commit,
 * the page is loaded anew and the server is killed with an entry in its hands.
 */
@ExtendWith(Club.class)
class MixedSessionTest {

    private static final int ACTS = 14;
    private static final List<String> KEYS = List.of(
            "Space",
            "Space",
            "Space",
            "Space",
            "Space",
            "0",
            "0",
            "n",
            "n",
            "u",
            "r",
            "v",
            "l",
            "m",
            "w",
            "a",
            "p",
            "k",
            "x",
            "Enter",
            "Backspace",
            "Backspace",
            "Shift+Backspace",
            "c",
            "s",
            "e");
    private static final Set<String> SERVER_DIES_IN = Set.of("LADDER", "TOTAL");

    private final Random random = new Random(25);

    /** What befalls a set while it is charted. */
    private enum Trouble {
        NONE,
        OFFLINE,
        ANSWERS_LOST,
        PAGE_RELOADED
    }

    @Test
    void whatTheDeviceKeptIsOnTheServerOnceInItsOrder(Hall hall, @TempDir Path data) throws Exception {
        ServerProcess server = ServerProcess.start(data);
        try (Relay relay = new Relay(server.port())) {
            Page page = hall.tablet();
            String player = Device.newId();
            page.request()
                    .put(
                            relay.address() + "/api/players/" + player,
                            RequestOptions.create()
                                    .setHeader("Content-Type", "application/json")
                                    .setData("{\"name\":\"Mixed Tester\",\"hand\":\"RIGHT\"}"));
            int next = 0;
            for (Map.Entry<String, String> drill : oneOfEachGoal(page, relay).entrySet()) {
                Courtside court = new Courtside(page).open(relay.address(), player, drill.getValue());
                if (SERVER_DIES_IN.contains(drill.getKey())) {
                    ServerProcess victim = server;
                    // What is posted next is of this set, which then has been read whole.
                    court.sent();
                    relay.whileUnderWay(victim::kill);
                    chart(court, Trouble.NONE, relay);
                    victim.process().onExit().get();
                    CompletableFuture<ServerProcess> again =
                            CompletableFuture.supplyAsync(() -> ServerProcess.start(data));
                    chart(court, Trouble.NONE, relay);
                    server = again.get();
                    relay.leadTo(server.port());
                    page.evaluate("dispatchEvent(new Event('online'))");
                } else {
                    chart(court, Trouble.values()[next++ % Trouble.values().length], relay);
                }
            }
            new Courtside(page).sent();
            // What was touched last may only now come to the device's disc, and be sent after that.
            page.waitForFunction(
                    """
                    () => new Promise((resolve) => {
                      indexedDB.open('bersaglio').onsuccess = ({ target }) => {
                        const ask = target.result.transaction('events').objectStore('events').getAll()
                        ask.onsuccess = () => resolve(ask.result.every(({ fate }) => fate !== 'waiting'))
                      }
                    })
                    """);
            assertThat(relay.cuts()).isGreaterThanOrEqualTo(4);
            assertSame(page, relay);
        } finally {
            server.stop();
        }
    }

    /** The first ready drill of each kind of goal. */
    private static Map<String, String> oneOfEachGoal(Page page, Relay relay) {
        Map<String, String> drills = new TreeMap<>();
        for (JsonNode drill : StartedServer.drills(path -> json(page.request().get(relay.address() + path)))) {
            drills.putIfAbsent(
                    drill.at("/levels/0/goal/kind").asString(), drill.get("id").asString());
        }
        assertThat(drills).hasSize(18);
        return drills;
    }

    private void chart(Courtside court, Trouble trouble, Relay relay) {
        Page page = court.page();
        int from = random.nextInt(ACTS / 2);
        for (int act = 0; act < ACTS; act++) {
            if (act == from) {
                switch (trouble) {
                    case NONE -> {}
                    case OFFLINE -> {
                        court.ready();
                        page.context().setOffline(true);
                    }
                    case ANSWERS_LOST -> relay.cutNext(1 + random.nextInt(2));
                    case PAGE_RELOADED -> {
                        page.reload();
                        court.ready();
                    }
                }
            }
            if (random.nextInt(3) == 0) {
                court.touchDrawn(random.nextDouble() * 4 - 2, -1 - random.nextDouble() * 5);
            } else {
                court.key(KEYS.get(random.nextInt(KEYS.size())));
            }
        }
        page.context().setOffline(false);
    }

    /** The events on the device by run, in the order in which they were written. */
    private static Map<String, List<String>> kept(Page page) {
        Object all = page.evaluate(
                """
                () => new Promise((resolve) => {
                  indexedDB.open('bersaglio').onsuccess = ({ target }) => {
                    const ask = target.result.transaction('events').objectStore('events').getAll()
                    ask.onsuccess = () => resolve(ask.result.map(({ run, fate, event }) => [run, fate, event.id]))
                  }
                })
                """);
        Map<String, List<String>> runs = new LinkedHashMap<>();
        for (Object one : (List<?>) all) {
            List<?> event = (List<?>) one;
            runs.computeIfAbsent(event.get(0).toString(), run -> new ArrayList<>())
                    .add(event.get(2).toString());
        }
        return runs;
    }

    /** What was touched while a page made itself ready is written once it is: until then both sides grow. */
    private static void assertSame(Page page, Relay relay) {
        page.waitForCondition(() -> {
            Map<String, List<String>> kept = kept(page);
            return kept.equals(stored(kept.keySet(), page, relay));
        });
        Map<String, List<String>> kept = kept(page);
        assertThat(kept).hasSizeGreaterThanOrEqualTo(15);
        assertThat(stored(kept.keySet(), page, relay)).isEqualTo(kept);
        assertThat(kept.values()).allSatisfy(events -> assertThat(events).doesNotHaveDuplicates());
        assertThat(kept.values().stream().mapToInt(List::size).sum()).isGreaterThan(100);
    }

    /** The events of these runs on the server, in their order. */
    private static Map<String, List<String>> stored(Set<String> runs, Page page, Relay relay) {
        Map<String, List<String>> stored = new LinkedHashMap<>();
        for (String run : runs) {
            List<String> events = stored.computeIfAbsent(run, any -> new ArrayList<>());
            json(page.request().get(relay.address() + "/api/runs/" + run))
                    .get("events")
                    .forEach(event -> events.add(event.get("id").asString()));
        }
        return stored;
    }

    private static JsonNode json(APIResponse answer) {
        assertThat(answer).isOK();
        return StartedServer.JSON.readTree(answer.text());
    }
}
