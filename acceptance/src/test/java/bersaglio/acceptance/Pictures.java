package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
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
        Page light = hall.page(
                new Browser.NewContextOptions().setViewportSize(1280, 800).setHasTouch(true));
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
        light.navigate(hall.address() + "/drills/drop-lift-clear/edit");
        light.getByText("Pattern", new Page.GetByTextOptions().setExact(true)).click();
        light.locator(".builder .steps button").nth(1).click();
        take(light, "pattern-builder");
        light.navigate(hall.address() + "/drills/targets");
        light.getByText("Net drop rings").waitFor();
        take(light, "targets");
        new Editor(dark).open(hall.address(), "net-drop").press("Player").choose("Player", "Nora Ginestra");
        dark.getByText("of the shots would be good here").waitFor();
        take(dark, "target-badminton");
        light.navigate(hall.address() + "/drills/places");
        light.getByText("Lakeside padel court").waitFor();
        take(light, "places");

        light.navigate(hall.address() + "/players/" + idOf(hall, "Ugo Alloro"));
        light.getByTestId("pass-steps").first().waitFor();
        take(light, "pattern-steps");
        light.navigate(hall.address() + "/players/" + idOf(hall, "Livia Sambuco"));
        light.locator("header .v-select").first().click();
        light.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Out of the middle"))
                .click();
        light.getByTestId("player-rallies").waitFor();
        light.getByLabel("Bands of your own").fill("6, 12, 18");
        light.getByTestId("bands").first().waitFor();
        light.getByTestId("player-rallies").evaluate("one => window.scrollTo(0, one.offsetTop - 24)");
        take(light, "rallies");
        light.navigate(hall.address() + "/players");
        light.getByText("Ugo Alloro").waitFor();
        take(light, "players");
        light.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Elio Corbezzolo"))
                .click();
        light.locator("table").waitFor();
        light.locator("ellipse.half").waitFor();
        take(light, "player");
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
