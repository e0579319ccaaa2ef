package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a device keeps when it has no room, when two of its tabs are at one set, and when the server cannot take it. */
@ExtendWith(Club.class)
class KeepingTest {

    private static final String NO_ROOM =
            """
            () => {
              const add = IDBObjectStore.prototype.add
              const note = Storage.prototype.setItem
              const full = () => { if (window.noRoom) throw new DOMException('no room', 'QuotaExceededError') }
              IDBObjectStore.prototype.add = function (...given) { full(); return add.apply(this, given) }
              Storage.prototype.setItem = function (...given) { full(); return note.apply(this, given) }
            }
            """;

    @Test
    void withoutRoomNothingIsSaidToBeKeptAndWhatWasTouchedIsKeptInOrderWhenThereIsRoom(Hall hall) {
        Page page = hall.tablet();
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Full Tester", "RIGHT"));
        court.row("1").sent();
        page.evaluate(NO_ROOM);
        page.evaluate("() => { window.noRoom = true }");
        court.row("01").shows("2 of 3");
        assertThat(page.getByTestId("not-kept")).hasText("2 of these are not kept");
        assertThat(page.getByTestId("outbox")).containsText("2 entries are not kept: this device has no room");
        assertThat(strip(page)).containsText(new String[] {"Hit", "not kept", "not kept"});
        court.key("Backspace").shows("1 of 2");
        assertThat(page.getByTestId("not-kept")).hasText("1 of these is not kept");
        court.row("1").shows("2 of 3");
        page.evaluate("() => { window.noRoom = false }");
        assertThat(page.getByTestId("not-kept")).hasCount(0);
        court.row("1").shows("3 of 4").sent();
        assertThat(page.getByTestId("outbox")).hasCount(0);
        var set = ChartingTest.storedSet(hall, court);
        assertThat(set.get("trials").asInt()).isEqualTo(4);
        List<Integer> seqs = new ArrayList<>();
        List<Integer> times = new ArrayList<>();
        hall.server()
                .get("/api/runs/" + set.get("run").asString())
                .get("events")
                .forEach(event -> {
                    seqs.add(event.get("seq").asInt());
                    times.add(event.get("at").asInt());
                });
        assertThat(seqs).isSorted().doesNotHaveDuplicates();
        assertThat(times).as("in the order in which they were touched").isSorted();
    }

    /** As a browser does on a full disc: it closes the log under the page, and takes neither entries nor notes. */
    private static final String CLOSED =
            """
            () => {
              const begin = IDBDatabase.prototype.transaction
              IDBDatabase.prototype.transaction = function (...given) {
                if (window.noRoom) this.close()
                return begin.apply(this, given)
              }
            }
            """;

    @Test
    void aLogThatTheBrowserHasClosedIsOpenedAnewAndNothingThatWasCountedIsGone(Hall hall) {
        Page page = hall.tablet();
        boolean[] away = {false};
        page.route("**/api/events", route -> {
            if (away[0]) {
                route.abort();
            } else {
                route.resume();
            }
        });
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Closed Tester", "RIGHT"));
        court.row("110").sent();
        away[0] = true;
        page.evaluate(NO_ROOM);
        page.evaluate(CLOSED);
        page.evaluate("() => { window.noRoom = true }");
        court.row("1011").shows("5 of 7");
        assertThat(page.getByTestId("outbox")).containsText("4 entries are not kept: this device has no room");
        page.evaluate("() => { window.noRoom = false }");
        assertThat(page.getByTestId("outbox")).hasText("Kept on this device, 4 to send");
        page.reload();
        court.ready().shows("5 of 7");
        away[0] = false;
        court.row("1").shows("6 of 8").sent();
        assertThat(ChartingTest.storedSet(hall, court).get("trials").asInt()).isEqualTo(8);
    }

    private static Locator strip(Page page) {
        return page.locator(".strip .shot .word");
    }

    @Test
    void ofTwoTabsOneWritesTheOtherWatchesAndTakesOverByOneTouch(Hall hall) {
        Page one = hall.tablet();
        String player = hall.newPlayer("Tab Tester", "RIGHT");
        Courtside writer = new Courtside(one).open(hall.address(), player);
        Page two = one.context().newPage();
        Courtside watcher = new Courtside(two).open(hall.address(), player);
        assertThat(watching(two)).isInViewport();
        assertThat(watching(one)).hasCount(0);

        writer.row("110").shows("2 of 3");
        watcher.shows("2 of 3").place(true);
        watcher.key("Space").key("Backspace").shows("2 of 3");
        writer.shows("2 of 3");

        watcher.press("Chart here");
        assertThat(watching(two)).hasCount(0);
        assertThat(watching(one)).isVisible();
        watcher.row("1").shows("3 of 4");
        writer.shows("3 of 4").key("Space").shows("3 of 4");

        writer.press("Chart here");
        assertThat(watching(two)).isVisible();
        writer.row("0").shows("3 of 5");
        watcher.shows("3 of 5");

        one.close();
        assertThat(watching(two)).hasCount(0);
        watcher.row("1").shows("4 of 6").sent();
        var set = ChartingTest.storedSet(hall, watcher);
        assertThat(set.get("trials").asInt()).isEqualTo(6);
        assertThat(set.get("claims").asInt()).isZero();
    }

    private static Locator watching(Page page) {
        return page.getByTestId("watching");
    }

    @Test
    void anEventOnWhichTheServerFailsIsFoundAndHoldsUpNothingElse(Hall hall) {
        Page page = hall.tablet();
        hall.expects("500");
        page.route("**/api/events", route -> {
            if (route.request().postData().contains("shot.noted")) {
                route.fulfill(new Route.FulfillOptions()
                        .setStatus(500)
                        .setBody("{\"code\":\"failed\",\"detail\":\"The server failed on this.\"}")
                        .setContentType("application/problem+json"));
            } else {
                route.resume();
            }
        });
        Courtside court = new Courtside(page)
                .open(hall.address(), hall.newPlayer("Poison Tester", "RIGHT"))
                .row("11");
        court.key("m").row("01");
        court.sent();
        assertThat(page.getByTestId("aside")).isVisible();
        page.getByTestId("aside").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("The server failed on this.");
        court.press("Close");
        court.open(hall.address(), hall.newPlayer("Later Tester", "RIGHT"))
                .row("10")
                .shows("1 of 2")
                .sent();
        assertThat(ChartingTest.storedSet(hall, court).get("trials").asInt()).isEqualTo(2);
    }

    @Test
    void onAFullDiscOfTheServerTheDeviceSaysWhatIsSafeAndSendsItWhenThereIsRoom(Hall hall) {
        Page page = hall.tablet();
        hall.expects("507");
        boolean[] full = {true};
        page.route("**/api/events", route -> {
            if (full[0]) {
                route.fulfill(new Route.FulfillOptions()
                        .setStatus(507)
                        .setBody(
                                "{\"code\":\"disc_full\",\"detail\":\"The disc of the server is full. It is safe here.\"}")
                        .setContentType("application/problem+json"));
            } else {
                route.resume();
            }
        });
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Disc Tester", "RIGHT"));
        court.row("11").shows("2 of 2");
        assertThat(page.getByTestId("outbox")).hasText("The disc of the server is full. It is safe here.");
        full[0] = false;
        court.row("0").shows("2 of 3").sent();
        assertThat(page.getByTestId("outbox")).hasCount(0);
        assertThat(ChartingTest.storedSet(hall, court).get("trials").asInt()).isEqualTo(3);
    }

    @Test
    void aBallGivenToAnotherIsKeptWithBothOrWithNeitherAndTheNextDeviceHearsOfTheQueue(Hall hall) {
        Page page = hall.tablet();
        String first = hall.newPlayer("Ondina Tester", "RIGHT");
        hall.newPlayer("Omero Tester", "RIGHT");
        page.navigate(hall.address() + "/queue/straight-clear-1");
        Courtside court = new Courtside(page);
        court.press("Ondina Tester").press("Omero Tester").press("Start the queue");
        court.ready().row("1").press("Omero");
        page.getByText("That was Omero").click();
        court.shows("1 of 1").sent();
        assertThat((List<?>) page.evaluate(TOGETHER))
                .as("opening and ball there, void here")
                .isEqualTo(List.of("set.opened", "shot.landed", "shot.given"));
        assertThat(hall.server()
                        .get("/api/players/" + first + "/ledger?drill=straight-clear-1")
                        .at("/sets/0/trials")
                        .asString())
                .isEmpty();

        Page other = hall.tablet();
        other.navigate(hall.address() + "/queue/straight-clear-1");
        Locator told = other.getByTestId("queue-elsewhere").filter(new Locator.FilterOptions().setHasText("Ondina"));
        assertThat(told).containsText("Another device has a queue at this drill: Ondina, Omero.");
        told.getByRole(AriaRole.BUTTON).click();
        assertThat(other.getByTestId("hitter")).hasText("Ondina");
        court.press("End the queue");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Close all sets and end?");
        court.press("Go on");
        assertThat(page.getByTestId("hitter")).isVisible();
    }

    private static final String TOGETHER =
            """
            () => new Promise((resolve) => {
              indexedDB.open('bersaglio').onsuccess = ({ target }) => {
                const ask = target.result.transaction('events').objectStore('events').getAll()
                ask.onsuccess = () => {
                  target.result.close()
                  resolve(ask.result.filter((one) => one.together).map((one) => one.event.kind))
                }
              }
            })
            """;

    @Test
    void aTextThatIsFarTooLongIsToldSoAtOnce(Hall hall) {
        Page page = hall.tablet();
        page.navigate(hall.address() + "/drills/new/badminton");
        new Courtside(page).press("Words");
        page.locator("#drill-words").waitFor();
        Locator words = page.locator("#drill-words");
        String before = Editor.words(page);
        words.fill("clear ".repeat(100_000));
        assertThat(page.getByTestId("words-say")).hasText("The text has 600000 characters; it may have at most 20000.");
        words.fill("x".repeat(500_000));
        assertThat(page.getByTestId("words-say")).containsText("500000 characters");
        org.assertj.core.api.Assertions.assertThat(Editor.words(page)).isEqualTo(before);
        words.fill("drill");
        assertThat(page.getByTestId("words-say")).containsText("What could follow: words in quotes");
    }
}
