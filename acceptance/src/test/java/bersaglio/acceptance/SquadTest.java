package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import bersaglio.server.Device;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Several at once: a queue, the squad, a progression. */
@ExtendWith(Club.class)
class SquadTest {

    private static void press(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first()
                .click();
    }

    @Test
    void theSquadIsLookedOverAndOneTouchStartsADrill(Hall hall) {
        Page page = hall.tablet();
        Visit.to(page, hall.address() + "/squad");
        String name = "Livia Sambuco, Straight clear: level";
        inSquad(page, page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name)))
                .click();
        new Courtside(page).ready();
        assertThat(page.getByText("Livia Sambuco").first()).isVisible();
    }

    /** Moves the squad until it is there: of a large one the rows that are seen are drawn. */
    static Locator inSquad(Page page, Locator wanted) {
        Locator scroll = page.locator(".squad .scroll");
        scroll.locator("tbody tr").first().waitFor();
        boolean more = true;
        while (wanted.count() == 0 && more) {
            more = (boolean)
                    scroll.evaluate(
                            """
                    (scroll) => new Promise((drawn) => {
                      const before = scroll.scrollTop
                      scroll.scrollBy(0, scroll.clientHeight / 2)
                      requestAnimationFrame(() => requestAnimationFrame(() => drawn(scroll.scrollTop > before)))
                    })
                    """);
        }
        return wanted;
    }

    /** A squad that the server is made to tell, all on the same drills, and its page. */
    private static Page squadOf(Hall hall, int players, int progressions) {
        List<String> drills = new ArrayList<>();
        for (JsonNode drill : hall.server().drills()) {
            if (drill.get("court").asString().equals("badminton") && drills.size() < progressions) {
                drills.add(drill.get("id").asString());
            }
        }
        String[] states = {"READY", "STUCK", "GOING_ON", "NOT_SEEN"};
        StringBuilder members = new StringBuilder();
        for (int row = 0; row < players; row++) {
            StringBuilder stands = new StringBuilder();
            for (String drill : drills) {
                stands.append(
                        """
                        ,{"drill":"%s","track":"","level":1,"state":"%s","sets":3,"hits":5,"trials":10}"""
                                .formatted(drill, states[(row + drills.indexOf(drill)) % 4]));
            }
            members.append("""
                    ,{"player":"%s","name":"Bartolomea %d","stands":[%s]}"""
                    .formatted(Device.newId(), row + 1, stands.substring(1)));
        }
        Page page = hall.tablet();
        page.route(
                "**/api/squad",
                route -> route.fulfill(new Route.FulfillOptions()
                        .setContentType("application/json")
                        .setBody("{\"members\":[" + members.substring(1) + "]}")));
        Visit.to(page, hall.address() + "/squad");
        return page;
    }

    @Test
    void ofALargeSquadThereAreTheRowsThatAreSeen(Hall hall) {
        Page page = squadOf(hall, 200, 4);
        assertThat(page.locator("[aria-rowindex='2']")).containsText("Bartolomea 1");
        assertThat(page.locator("table")).hasAttribute("aria-rowcount", "201");
        assertThat(page.locator("tbody tr").count()).isLessThan(50);
        assertThat(inSquad(page, page.getByText("Bartolomea 150"))).isVisible();
        Locator scroll = page.locator(".squad .scroll");
        scroll.evaluate("scroll => scroll.scrollTo(0, scroll.scrollHeight)");
        assertThat(page.locator("[aria-rowindex='201']")).containsText("Bartolomea 200");
        assertThat(page.locator("[aria-rowindex='201']")).isInViewport();
        assertThat(page.locator("thead th").nth(1)).isInViewport();
        assertThat(page.locator("[aria-rowindex='2']")).hasCount(0);
        page.locator("[aria-rowindex='201'] a").first().focus();
        for (int row = 0; row < 30; row++) {
            for (int link = 0; link < 5; link++) {
                page.keyboard().press("Shift+Tab");
            }
        }
        assertThat(page.locator("[aria-rowindex='171'] a").first()).isFocused();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.locator("tbody tr")).hasCount(200);
        assertThat(page.locator(".rail")).isHidden();
        assertThat(page.locator("tbody tr").first()).containsText("Bartolomea 1");
    }

    @Test
    void sixteenPlayersByEightProgressionsAreSeenAtOnce(Hall hall) {
        Page page = squadOf(hall, 16, 8);
        assertThat(page.locator("tbody a.cell")).hasCount(16 * 8);
        assertThat(
                        page.evaluate(
                                """
                        () => {
                          const table = document.querySelector('.scroll')
                          const last = [...document.querySelectorAll('a.cell')].at(-1).getBoundingClientRect()
                          const small = [...document.querySelectorAll('a.cell *, thead th')]
                            .filter((one) => parseFloat(getComputedStyle(one).fontSize) < 13 && one.textContent.trim())
                          return [table.scrollWidth - table.clientWidth, last.bottom <= 800, last.right <= 1280, small.length]
                        }
                        """))
                .isEqualTo(List.of(0, true, true, 0));
        assertThat(page.locator(".legend").first()).hasText("32 ready");
    }

    @Test
    void aSessionShowsWhatOfItWasPutRightOrNotSeen(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Session Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player).row("110");
        court.key("u").row("1").key("o");
        page.getByLabel("Count", new Page.GetByLabelOptions().setExact(true)).fill("5");
        court.press("This counts").shows("5 of 5").press("Close set").sent();
        Visit.to(page, hall.address());
        page.getByText("This session").click();
        Locator set = page.locator("tbody tr").filter(new Locator.FilterOptions().setHasText("Session Tester"));
        assertThat(set).containsText("1 not seen · 1 put right");
        assertThat(page.getByTestId("amends")).containsText("not seen");
        page.getByText("Session before:").click();
        assertThat(page.locator("h1")).containsText("Session of Tuesday 24 Nov 2026");
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Session after:")))
                .isVisible();
        Visit.to(page, hall.address() + "/sessions/2019-05-01");
        assertThat(page.getByText("No set on this day")).isVisible();
    }

    @Test
    void anUnplannedDrillStartsInThreeTouchesAndComesFirstNextTime(Hall hall) {
        Page page = hall.tablet();
        Visit.to(page, hall.address());
        page.getByTestId("other-drills").getByText(Pattern.compile("^All \\d+")).click();
        page.getByTestId("other-drills").getByText("Low serve").click();
        page.getByTestId("other-players").getByText("Teo Mirtillo").click();
        new Courtside(page).ready().key("u");
        assertThat(page.getByTestId("best")).containsText("1 not seen");
        Visit.to(page, hall.address());
        assertThat(page.getByTestId("other-drills").getByRole(AriaRole.BUTTON).first())
                .hasText("Low serve");
    }

    @Test
    void aProgressionSaysWhereThePlayerStandsAndTheCoachCanDecideOtherwise(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Progress Tester", "RIGHT");
        new Courtside(page)
                .open(hall.address(), player)
                .row("11")
                .key("Shift+Enter")
                .sent();
        Visit.to(page, hall.address() + "/players/" + player + "/progressions/straight-clear-1?track=");
        assertThat(page.getByTestId("to-move")).containsText("1 more set could move it");
        assertThat(page.getByText("Level 1 of 6")).isVisible();
        press(page, "Move up to level 2");
        assertThat(page.getByText("Level 2 of 6")).isVisible();
        assertThat(page.getByText("level 1 to 2 by the coach.")).isVisible();
    }

    @Test
    void oneLineForEachPlayerWhoIsExpected(Hall hall) {
        Page page = hall.tablet();
        Visit.to(page, hall.address());
        page.getByText("Thirty seconds before the session").click();
        Locator lines = page.getByTestId("brief").filter(new Locator.FilterOptions().setHasText("Nora Ginestra"));
        assertThat(lines).hasCount(1);
        assertThat(lines).containsText(Pattern.compile("Straight clear|Half-court clear|Low serve|Net rings"));
        press(page, "Nora");
        assertThat(lines).hasCount(0);
    }
}
