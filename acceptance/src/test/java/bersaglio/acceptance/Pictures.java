package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Takes the pictures of the documents anew, from the demo club: {@code -Dpictures=true -Dtest=Pictures}. */
@ExtendWith(Club.class)
@EnabledIfSystemProperty(named = "pictures", matches = "true")
class Pictures {

    private static final Path FOLDER = Path.of("..", "docs", "screenshots");
    // Each touch lies farther from the one before than a finger that bounces.
    private static final double[][] ELIO = {
        {2.05, 6.2}, {1.1, 5.6}, {2.3, 5.9}, {1.75, 6.4}, {2.2, 5.75}, {1.75, 6.55}, {2.1, 4.9}, {2.4, 6.25}
    };

    @Test
    void ofTheMainViews(Hall hall) {
        Page light = hall.page(new Browser.NewContextOptions()
                .setViewportSize(1280, 800)
                .setHasTouch(true)
                .setReducedMotion(ReducedMotion.REDUCE));
        light.navigate(hall.address());
        light.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Another drill"))
                .waitFor();
        take(light, "today");

        Page dark = hall.page(new Browser.NewContextOptions()
                .setViewportSize(1280, 800)
                .setHasTouch(true)
                .setColorScheme(ColorScheme.DARK));
        Courtside pattern = new Courtside(dark).open(hall.address(), idOf(hall, "Livia Sambuco"), "drop-lift-clear-1");
        for (String pass : "W W C W D C W".split(" ")) {
            pattern.key(pass.equals("D") ? "0" : "1");
            if (!pass.equals("D")) {
                pattern.key(pass.equals("C") ? "0" : "2");
            }
        }
        pattern.touch(-2.1, 0.9).shows("4 of 7");
        take(dark, "pattern");

        Courtside elio = chart(hall, light, "Elio Corbezzolo", ELIO);
        take(light, "courtside");
        elio.touch(1.8, 6.0).touch(2.25, 5.7).touch(2.0, 6.5).key("n");
        assertThat(elio.shots()).hasCount(12);
        elio.press("Close set");
        elio.verdict().waitFor();
        take(light, "verdict");
        elio.sent();

        light.navigate(hall.address() + "/groups");
        light.getByLabel("Opponents on a court").fill("1");
        light.getByText("Start", new Page.GetByTextOptions().setExact(true)).click();
        light.getByTestId("change").click();
        light.getByText("Turn 2").waitFor();
        take(light, "group");

        takeMatches(hall, light);

        light.navigate(hall.address() + "/sessions/2026-11-24");
        light.locator("table").waitFor();
        take(light, "session");
        light.navigate(hall.address() + "/squad");
        light.locator("table").waitFor();
        take(light, "squad");
        light.getByText("Elio Corbezzolo").click();
        light.getByText("The whole progression").click();
        light.getByTestId("to-move").waitFor();
        take(light, "progression");

        light.navigate(hall.address() + "/drills/straight-clear");
        light.locator(".rungs button").nth(4).click();
        light.getByTestId("basis").waitFor();
        take(light, "drill");
        light.navigate(hall.address() + "/drills");
        light.getByTestId("found").waitFor();
        take(light, "library");
        light.navigate(hall.address() + "/drills/three-corner-ladder/edit");
        light.locator(".drill-editor svg.court").waitFor();
        take(light, "drill-editor");
        light.navigate(hall.address() + "/drills/targets");
        light.getByText("Net drop rings").waitFor();
        take(light, "targets");
        new Editor(dark).open(hall.address(), "net-drop").press("Player").choose("Player", "Nora Ginestra");
        dark.getByText("of the shots would be good here").waitFor();
        take(dark, "target-badminton");

        light.navigate(hall.address() + "/players");
        light.getByText("Ugo Alloro").waitFor();
        take(light, "players");
        light.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Elio Corbezzolo"))
                .click();
        light.locator("table").waitFor();
        light.locator("ellipse.half").waitFor();
        take(light, "player");
    }

    private static void takeMatches(Hall hall, Page page) {
        begin(hall, page, "Nora Ginestra", "Livia Sambuco");
        page.getByTestId("coaching-yes").click();
        for (String rally : List.of("2 9 3 w", "1 7 3 8 n", "2 8 1 9 7 2 w", "3 9 6 w", "2 w", "1 7 7 2 8")) {
            for (String key : rally.split(" ")) {
                page.keyboard().press(key);
            }
        }
        Courtside court = new Courtside(page);
        court.touch(-1.9, -5.9).touch(1.6, 0.9);
        take(page, "match");

        page.navigate(hall.address() + "/matches");
        Locator played = page.locator("tbody tr").filter(new Locator.FilterOptions().setHasText("Nora – Livia"));
        played.first().getByRole(AriaRole.LINK).click();
        page.getByTestId("hints").waitFor();
        page.getByTestId("hints").evaluate("one => window.scrollTo(0, one.offsetTop - 60)");
        take(page, "match-review");

        begin(hall, page, "Elio Corbezzolo", "Teo Mirtillo", () -> {
            page.locator(".kinds button").nth(1).click();
            page.getByTestId("add-OUT").click();
            page.getByTestId("add-MAY_NOT_END").click();
            page.getByTestId("add-BONUS").click();
        });
        page.getByTestId("coaching-yes").click();
        for (String rally : List.of("2 9 3 w", "1 9 9 2 w", "2 8 9 1 w", "2 9 2")) {
            for (String key : rally.split(" ")) {
                page.keyboard().press(key);
            }
        }
        page.getByTestId("rules").click();
        page.getByRole(AriaRole.DIALOG).waitFor();
        page.waitForFunction("() => getComputedStyle(document.querySelector('.v-overlay__content')).opacity === '1'");
        take(page, "game");

        page.navigate(hall.address() + "/matches/tactics");
        page.getByTestId("new-tactic").click();
        page.getByLabel("Name").fill("Lift, then forward");
        page.getByLabel("Rule").fill("after own lift, the next own shot is taken in front of the service line");
        page.getByText("Reads as").waitFor();
        take(page, "tactics");
    }

    private static void begin(Hall hall, Page page, String one, String two) {
        begin(hall, page, one, two, () -> {});
    }

    private static void begin(Hall hall, Page page, String one, String two, Runnable otherwise) {
        page.navigate(hall.address() + "/matches");
        page.getByTestId("new-match").click();
        otherwise.run();
        page.getByTestId("team-ONE").getByText(one).click();
        page.getByTestId("team-TWO").getByText(two).click();
        page.getByTestId("begin").click();
        page.locator("svg.court").waitFor();
    }

    private static String idOf(Hall hall, String name) {
        for (JsonNode player : hall.server().get("/api/club").get("players")) {
            if (player.get("name").asString().equals(name)) {
                return player.get("id").asString();
            }
        }
        throw new IllegalArgumentException(name);
    }

    private static Courtside chart(Hall hall, Page page, String player, double[][] landings) {
        page.navigate(hall.address());
        page.getByText("Due").first().waitFor();
        page.evaluate("() => document.querySelectorAll('details.rest').forEach(more => { more.open = true })");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Start Straight clear with " + player))
                .click();
        Courtside court = new Courtside(page).ready();
        for (int shot = 0; shot < landings.length; shot++) {
            court.touch(landings[shot][0], landings[shot][1]);
            assertThat(court.shots()).hasCount(shot + 1);
        }
        return court;
    }

    private static void take(Page page, String name) {
        page.evaluate("() => document.fonts.ready.then(() => undefined)");
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
