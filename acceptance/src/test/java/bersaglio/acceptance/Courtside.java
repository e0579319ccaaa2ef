package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;

/** The court on the screen, as a finger and a keyboard meet it; places are in metres in the hitter's frame. */
final class Courtside {

    /** Places in the first level's zone for a right-hander, far enough apart to be four touches. */
    private static final double[][] IN_ZONE = {{1.2, 6.2}, {2.2, 6.2}, {1.2, 5.0}, {2.2, 5.0}};

    private static final double[][] SHORT = {{-1.5, 2.0}, {0.5, 2.6}, {-0.5, 3.4}, {1.5, 2.0}};

    private final Page page;
    private int touches;

    Courtside(Page page) {
        this.page = page;
    }

    Courtside open(String address, String player) {
        return open(address, player, "straight-clear-1");
    }

    Courtside open(String address, String player, String drill) {
        Visit.to(page, address + "/courtside/" + player + "/" + drill);
        return ready();
    }

    /** Waits until the court is drawn and the set is read: nothing more is asked of the server before the next one. */
    Courtside ready() {
        page.locator("svg.court").waitFor();
        assertThat(page.getByTestId("count")).isVisible();
        page.locator("section.court-area[aria-busy=false]").last().waitFor();
        return this;
    }

    /** Touches a place, with the court seen from behind the hitter. */
    Courtside touch(double x, double y) {
        return touchDrawn(x, -y);
    }

    /** Touches a place of the drawing, as it is turned. */
    Courtside touchDrawn(double x, double y) {
        double[] at = onScreen(x, y);
        page.touchscreen().tap(at[0], at[1]);
        return this;
    }

    Courtside clickAndFlick(double x, double y, double toX, double toY) {
        double[] from = onScreen(x, -y);
        double[] to = onScreen(toX, -toY);
        page.mouse().move(from[0], from[1]);
        page.mouse().down();
        page.mouse().move(to[0], to[1]);
        page.mouse().up();
        return this;
    }

    /** Touches a row of hits, {@code 1}, and shots short of the zone, {@code 0}, each seen counted before the next. */
    Courtside row(String trials) {
        nextPicture();
        for (int i = 0; i < trials.length(); i++) {
            int before = shots().count();
            place(trials.charAt(i) == '1');
            if (before < 12) {
                assertThat(shots()).hasCount(before + 1);
            }
        }
        return this;
    }

    /** What was charted before is in the strip, too, which is drawn after the picture that a touch is answered by. */
    private void nextPicture() {
        page.evaluate("() => new Promise((done) => requestAnimationFrame(() => setTimeout(() => setTimeout(done))))");
    }

    /** Touches a hit or a shot short of the zone, and goes on at once. */
    Courtside place(boolean hit) {
        double[] place = (hit ? IN_ZONE : SHORT)[touches++ % 4];
        return touch(place[0], place[1]);
    }

    Courtside key(String key) {
        page.keyboard().press(key);
        return this;
    }

    Courtside press(String name) {
        button(name).click();
        return this;
    }

    Locator button(String name) {
        return page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first();
    }

    Courtside shows(String count) {
        assertThat(page.getByTestId("count")).hasText(count);
        return this;
    }

    Courtside stands(String standing) {
        assertThat(page.getByTestId("standing")).containsText(standing);
        return this;
    }

    /** Waits until the server has acknowledged all that this page kept. */
    Courtside sent() {
        page.waitForCondition(() -> waitingInStore() == 0);
        assertThat(page.locator("[data-waiting='0']")).isAttached();
        return this;
    }

    /** Events in the device's own store that still wait. */
    int waitingInStore() {
        Object waiting = page.evaluate(
                """
                () => new Promise((resolve) => {
                  const opening = indexedDB.open('bersaglio')
                  opening.onsuccess = () => {
                    const ask = opening.result.transaction('events').objectStore('events').index('fate').count('waiting')
                    ask.onsuccess = () => { opening.result.close(); resolve(ask.result) }
                  }
                })
                """);
        return ((Number) waiting).intValue();
    }

    Locator shots() {
        return page.locator("section[aria-label='Shots of this set'] button");
    }

    Locator verdict() {
        return page.getByTestId("verdict");
    }

    Page page() {
        return page;
    }

    /** Where a place of the drawing is on the screen, in pixels. */
    double[] onScreen(double x, double y) {
        Object at = page.locator("svg.court")
                .last()
                .evaluate(
                        """
                        (svg, { x, y }) => {
                          const at = new DOMPoint(x, y).matrixTransform(svg.getScreenCTM())
                          return [at.x, at.y]
                        }
                        """,
                        Map.of("x", x, "y", y));
        List<?> pair = (List<?>) at;
        return new double[] {((Number) pair.get(0)).doubleValue(), ((Number) pair.get(1)).doubleValue()};
    }
}
