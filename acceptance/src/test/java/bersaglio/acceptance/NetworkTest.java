package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(Club.class)
class NetworkTest {

    @Test
    void chartingGoesOnWithoutANetworkAndEverythingArrivesOnceInOrder(Hall hall) {
        Page page = hall.installed();
        String player = hall.newPlayer("Offline Tester", "RIGHT");
        page.navigate(hall.address());
        waitForServiceWorker(page);
        Courtside court = new Courtside(page).open(hall.address(), player);
        court.row("10").sent();

        page.context().setOffline(true);
        court.row("110").shows("3 of 5");
        assertThat(page.getByTestId("outbox")).hasText("Kept on this device, 3 to send");

        page.reload();
        court.ready().shows("3 of 5").row("1").shows("4 of 6");
        assertThat(page.getByTestId("outbox")).hasText("Kept on this device, 4 to send");
        court.row("111100")
                .shows("8 of 12")
                .press("Close set")
                .press("Move up to level 2")
                .press("Next set");
        assertThat(page.getByText("level 2 of 6")).isVisible();
        page.reload();
        court.ready().shows("0 of 0");
        assertThat(page.getByText("level 2 of 6")).isVisible();

        page.context().setOffline(false);
        court.sent();
        JsonNode set = ChartingTest.storedSet(hall, court);
        StringBuilder hits = new StringBuilder();
        set.get("shots")
                .forEach(shot ->
                        hits.append(shot.at("/ruling/outcome").asString().equals("HIT") ? '1' : '0'));
        assertThat(hits).hasToString("101101111100");
        assertThat(set.at("/move/to").asInt()).isEqualTo(2);
        assertThat(page.getByTestId("outbox")).hasCount(0);
    }

    @Test
    void whatIsTouchedBeforeTheNetworkFailsWaitsForTheSet(Hall hall) {
        Page page = hall.tablet();
        BlockingQueue<Route> asked = new LinkedBlockingQueue<>();
        page.route("**/ledger?*", asked::add);
        Courtside court = new Courtside(page);
        page.navigate(hall.address() + "/courtside/" + hall.newPlayer("Early Tester", "RIGHT") + "/straight-clear-1");
        page.locator("svg.court").waitFor();
        page.waitForCondition(() -> !asked.isEmpty());
        assertThat(page.getByTestId("count")).isHidden();
        assertThat(page.getByTestId("best")).isHidden();
        court.place(true).place(false).place(true);
        asked.forEach(Route::abort);
        assertThat(page.getByTestId("held")).containsText("3 touches wait here");
        assertThat(page.locator("svg.court")).hasCount(0);

        page.unroute("**/ledger?*");
        page.evaluate("dispatchEvent(new Event('online'))");
        court.ready().shows("2 of 3").sent();
        assertThat(page.getByTestId("count")).isVisible();
        assertThat(ChartingTest.storedSet(hall, court).get("trials").asInt()).isEqualTo(3);
    }

    @Test
    void fromFarAwayNoCountIsReadBeforeItsSetIs(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Far Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player);
        court.row("110").sent();
        page.evaluate("sessionStorage.setItem('bersaglio.way', 'FAR')");
        BlockingQueue<Route> asked = new LinkedBlockingQueue<>();
        page.route("**/ledger?*", asked::add);

        page.reload();
        page.getByText("Far Tester").last().waitFor();
        page.waitForCondition(() -> !asked.isEmpty());
        assertThat(page.getByTestId("far-count")).isHidden();

        asked.forEach(Route::resume);
        assertThat(page.getByTestId("far-count")).isVisible();
        assertThat(page.getByTestId("far-count")).hasText("2");
    }

    @Test
    void whoIsChosenBeforeTheRulesAreHereStaysChosen(Hall hall) {
        Page page = hall.tablet();
        BlockingQueue<Route> asked = new LinkedBlockingQueue<>();
        page.route("**/assets/rules*.js", asked::add);
        hall.newPlayer("Ugo Earlypartner", "RIGHT");
        String player = hall.newPlayer("Ada Early", "RIGHT");
        Courtside court = new Courtside(page);
        page.navigate(hall.address() + "/courtside/" + player + "/duel-at-the-net-1");
        page.waitForCondition(() -> !asked.isEmpty());
        Hands.KEYS_AT_A_TABLE.playWith(page, "Ugo Earlypartner");

        asked.forEach(Route::resume);
        court.ready();
        assertThat(page.locator(".v-chip")).hasText("Ugo Earlypartner");
    }

    @Test
    void anAddressThatDoesNotExistSaysSoAndLeadsBack(Hall hall) {
        Page page = hall.tablet();
        page.navigate(hall.address() + "/players/nobody/at/all");
        assertThat(page.getByText("There is nothing at this address")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open Today"))
                .click();
        assertThat(page).hasURL(hall.address() + "/");
    }

    @Test
    void aShotOutlivesItsPageThoughTheDiscHadItNotYet(Hall hall) {
        Page page = hall.tablet();
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Gone Tester", "RIGHT"));
        court.row("1").sent();
        page.evaluate(
                """
                () => new Promise(held => {
                    indexedDB.open('bersaglio').onsuccess = ({ target }) => {
                        const events = target.result.transaction('events', 'readwrite').objectStore('events')
                        const holdOn = () => { events.count().onsuccess = holdOn }
                        holdOn()
                        held()
                    }
                })
                """);
        court.row("01").shows("2 of 3");
        // What nobody can read must not keep the page from the rest.
        page.evaluate("() => localStorage.setItem('bersaglio.written.torn.000000001', '{\"run\":')");
        page.reload();
        page.evaluate("() => localStorage.removeItem('bersaglio.written.torn.000000001')");
        court.ready().shows("2 of 3").row("1").shows("3 of 4").sent();
        assertThat(ChartingTest.storedSet(hall, court).get("trials").asInt()).isEqualTo(4);
        assertThat(page.evaluate(
                        "() => Object.keys(localStorage).filter(key => key.startsWith('bersaglio.written')).length"))
                .as("what is on disc is noted no longer")
                .isEqualTo(0);
    }

    @Test
    void anAnswerLostAfterTheCommitStoresNothingTwice(Hall hall) throws IOException {
        try (Relay relay = new Relay(hall.server().port())) {
            Page page = hall.tablet();
            String player = hall.newPlayer("Cut Tester", "RIGHT");
            Courtside court = new Courtside(page).open(relay.address(), player);
            court.row("1").sent();
            relay.cutNext(2);
            court.row("01").shows("2 of 3");
            page.waitForCondition(() -> relay.cuts() == 2);
            court.row("1").sent();
            JsonNode set = ChartingTest.storedSet(hall, court);
            assertThat(set.get("trials").asInt()).isEqualTo(4);
            assertThat(set.get("hits").asInt()).isEqualTo(3);
            List<Integer> seqs = new ArrayList<>();
            hall.server()
                    .get("/api/runs/" + set.get("run").asString())
                    .get("events")
                    .forEach(event -> seqs.add(event.get("seq").asInt()));
            assertThat(seqs).isSorted().doesNotHaveDuplicates();
        }
    }

    @Test
    void aRefusedEventIsSetAsideAndHoldsUpNothingElse(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Aside Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player);
        court.row("1").sent();
        page.evaluate(
                """
                () => new Promise((resolve) => {
                  const opening = indexedDB.open('bersaglio')
                  opening.onsuccess = () => {
                    const tx = opening.result.transaction(['events', 'facts'], 'readwrite')
                    const id = crypto.randomUUID()
                    const event = { id, kind: 'shot.dreamt', v: 1, session: id, run: id, pen: 1, device: id, seq: 1000, at: 0, wall: 0, body: {} }
                    tx.objectStore('events').add({ seq: 1000, run: id, about: ['set', 'x', 'y'], fate: 'waiting', storedAt: 0, event })
                    tx.objectStore('facts').put(1000, 'seq')
                    tx.oncomplete = () => { opening.result.close(); resolve() }
                  }
                })
                """);
        court.row("0").shows("1 of 2").sent();
        assertThat(page.getByTestId("aside")).hasText("1 set aside");
        assertThat(ChartingTest.storedSet(hall, court).get("trials").asInt()).isEqualTo(2);
        page.getByTestId("aside").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("shot.dreamt is no kind of event");
        page.waitForDownload(() -> court.press("Save to a file"));
        court.press("Close");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        court.row("1").shows("2 of 3").sent();
    }

    @Test
    void aBusyServerIsAskedAgainAndNothingIsSetAside(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Busy Tester", "RIGHT");
        hall.expects("503");
        AtomicInteger busy = new AtomicInteger(2);
        page.route("**/api/events", route -> {
            if (busy.getAndDecrement() > 0) {
                route.fulfill(new Route.FulfillOptions()
                        .setStatus(503)
                        .setBody("{}")
                        .setContentType("application/problem+json"));
            } else {
                route.resume();
            }
        });
        Courtside court = new Courtside(page).open(hall.address(), player);
        court.row("11").shows("2 of 2").sent();
        assertThat(page.getByTestId("aside")).hasCount(0);
        assertThat(busy.get()).isNegative();
        assertThat(ChartingTest.storedSet(hall, court).get("hits").asInt()).isEqualTo(2);
    }

    @Test
    void nothingIsAskedOfAnyOtherHostAndTheContentPolicyHolds(Hall hall) {
        Page page = hall.installed();
        var response = page.navigate(hall.address());
        assertThat(response.headerValue("content-security-policy"))
                .contains(
                        "default-src 'self'",
                        "script-src 'self';",
                        "style-src 'self' 'nonce-",
                        "frame-ancestors 'none'");
        waitForServiceWorker(page);
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Nora Ginestra").setExact(true))
                .first()
                .click();
        page.locator("table").waitFor();
        new Courtside(page)
                .open(hall.address(), hall.newPlayer("Host Tester", "LEFT"))
                .row("1")
                .sent();
        assertThat(hall.requests()).hasSizeGreaterThan(10);
        assertThat(hall.requests())
                .filteredOn(url -> !url.startsWith("data:") && !url.startsWith("blob:"))
                .allSatisfy(url -> assertThat(URI.create(url).getHost()).isEqualTo("localhost"));
        hall.expects("Executing inline script violates");
        Object injected = page.evaluate(
                "() => { const s = document.createElement('script'); s.textContent = 'window.injected = 1'; document.head.append(s); return window.injected ?? 0 }");
        assertThat(((Number) injected).intValue()).isZero();
    }

    @Test
    void thePageCanBeInstalled(Hall hall) {
        Page page = hall.tablet();
        page.navigate(hall.address());
        String manifest = page.locator("link[rel=manifest]").getAttribute("href");
        JsonNode installed = hall.server().get(manifest);
        assertThat(installed.get("display").asString()).isEqualTo("standalone");
        installed.get("icons").forEach(icon -> assertThat(hall.server()
                        .send(hall.server().request(icon.get("src").asString()))
                        .statusCode())
                .isEqualTo(200));
    }

    static void waitForServiceWorker(Page page) {
        page.evaluate("() => navigator.serviceWorker.ready.then(() => undefined)");
        page.waitForCondition(() ->
                (Boolean) page.evaluate("async () => (await caches.keys()).some((key) => key.includes('precache'))"));
    }
}
