package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Courtside with nobody on court is where charting starts. */
@ExtendWith(Club.class)
class StartTest {

    @Test
    void whatIsDueIsChartedWithTheSecondTouch(Hall hall) {
        Page page = hall.phone();
        page.navigate(hall.address() + "/courtside");
        named(page, "Nora").first().tap();
        Courtside court = new Courtside(page).ready();
        assertThat(page).hasURL(Pattern.compile("/courtside/[0-9a-f-]{36}/.+"));
        // Which drill is due depends on the day: it may be drawn close up, and its first balls need not count.
        page.locator("svg.court").tap();
        assertThat(court.shots()).not().hasCount(0);
    }

    @Test
    void anyDrillIsChartedWithTheThird(Hall hall) {
        String name = "Ines Startner";
        hall.newPlayer(name, "LEFT");
        Page page = hall.phone();
        page.navigate(hall.address() + "/courtside");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("Another drill for " + name + "|" + name)))
                .first()
                .tap();
        assertThat(page.getByText("What does " + name + " play?")).isVisible();
        named(page, "Half-court clear").first().tap();
        Courtside court = new Courtside(page).ready().place(true);
        assertThat(page.getByTestId("count")).not().hasText(Pattern.compile("^0 of 0$"));
        court.sent();
    }

    @Test
    void aDrillIsLookedForAndSomebodyElseChosenByKeys(Hall hall) {
        Page page = hall.tablet();
        page.navigate(hall.address() + "/courtside");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Another drill for Nora Ginestra"))
                .press("Enter");
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Look for a drill"))
                .fill("rings");
        assertThat(named(page, "Net rings").first()).isVisible();
        assertThat(named(page, "Mini-court control")).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Somebody else"))
                .press("Enter");
        assertThat(page.getByText("Who is on court?")).isVisible();
    }

    private static Locator named(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
    }
}
