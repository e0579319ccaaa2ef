package bersaglio.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Club.class)
class AccessibilityTest {

    private static final List<String> RULES =
            List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice");

    private static final String AXE = axe();

    @Test
    void noViewBreaksTheRules(Hall hall) {
        Page page = hall.page(
                new Browser.NewContextOptions().setViewportSize(1280, 800).setReducedMotion(ReducedMotion.REDUCE));
        Visit.to(page, hall.address());
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Nora Ginestra"))
                .first()
                .waitFor();
        check(page, "Today");

        var settings = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Settings"));
        settings.click();
        page.getByRole(AriaRole.DIALOG).waitFor();
        check(page, "Settings");
        page.keyboard().press("Escape");
        PlaywrightAssertions.assertThat(settings).isFocused();

        Visit.to(page, hall.address() + "/players");
        page.getByText("Ugo Alloro").waitFor();
        check(page, "Players");
        page.getByText("Livia Sambuco").click();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Livia Sambuco"))
                .waitFor();
        check(page, "Player");

        Visit.to(page, hall.address() + "/drills");
        page.getByText("Straight clear").waitFor();
        check(page, "Drills");
        page.getByText("Straight clear").click();
        page.getByTestId("met").waitFor();
        check(page, "A drill with its forecast");
        for (String path : List.of("edit", "print/card", "print/tally")) {
            Visit.to(page, hall.address() + "/drills/three-corner-ladder/" + path);
            page.locator(".drill-editor, .printed-page").waitFor();
            check(page, "A drill, " + path);
        }
        Visit.to(page, hall.address() + "/drills/three-corner-ladder/edit");
        page.getByText("Words", new Page.GetByTextOptions().setExact(true)).click();
        page.getByTestId("words-say").waitFor();
        check(page, "A drill in words");
        Visit.to(page, hall.address() + "/drills/drop-lift-clear/edit");
        page.getByText("Pattern", new Page.GetByTextOptions().setExact(true)).click();
        page.locator(".builder .steps button").first().click();
        check(page, "A pattern is built");
        Visit.to(page, hall.address() + "/drills/drop-lift-clear");
        page.getByTestId("met").waitFor();
        check(page, "A pattern with its forecast");

        Visit.to(page, hall.address() + "/drills/targets");
        page.getByText("Net drop rings").waitFor();
        check(page, "Targets");
        Visit.to(page, hall.address() + "/drills/places");
        page.getByText("Lakeside padel court").waitFor();
        check(page, "Places");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Change"))
                .first()
                .click();
        page.getByTestId("place-editor").waitFor();
        check(page, "A place");
        for (String target : List.of("padel-depth", "short-serve")) {
            new Editor(page).open(hall.address(), target);
            check(page, "Target " + target);
        }
        new Editor(page).press("Court");
        check(page, "What the target is on");
        new Editor(page).press("Player");
        check(page, "What the target asks of a player");

        Visit.to(page, hall.address() + "/matches/tactics");
        page.getByTestId("new-tactic").click();
        check(page, "Tactical rules");
        Visit.to(page, hall.address() + "/matches");
        page.locator("tbody a").first().waitFor();
        String review = page.locator("tbody a").first().getAttribute("href");
        page.getByTestId("new-match").click();
        page.locator(".kinds button").nth(1).click();
        page.getByTestId("add-BONUS").click();
        page.getByTestId("add-OUT").click();
        check(page, "A new game");
        page.getByTestId("team-ONE").getByText("Nora Ginestra").click();
        page.getByTestId("begin").click();
        page.locator("svg.court").waitFor();
        page.keyboard().press("2");
        page.locator(".strip .shot").first().click();
        check(page, "A match");
        page.getByTestId("rules").click();
        check(page, "The rules of a match");
        page.keyboard().press("Escape");
        Visit.to(page, hall.address() + review);
        page.getByTestId("hints").waitFor();
        check(page, "A match afterwards");

        Visit.to(page, hall.address() + "/courtside");
        page.getByText("Who is on court?").waitFor();
        check(page, "Nobody on court");

        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Axe", "RIGHT"));
        court.key("Space").key("n").key("Space").shows("2 of 3");
        check(page, "Courtside");
        court.shots().nth(1).click();
        check(page, "Courtside, changing a shot");
        court.key("Shift+Enter");
        court.verdict().waitFor();
        check(page, "Courtside, closed");
        court.key("?");
        page.getByRole(AriaRole.DIALOG).waitFor();
        check(page, "Keys");
        page.keyboard().press("Escape");

        Visit.to(page, hall.address() + "/squad");
        page.locator("table").waitFor();
        check(page, "Squad");
        SquadTest.inSquad(page, page.getByText("Livia Sambuco")).click();
        page.getByText("The whole progression").click();
        page.getByTestId("to-move").waitFor();
        check(page, "Progression");
        Visit.to(page, hall.address() + "/sessions/2026-11-24");
        page.getByTestId("amends").waitFor();
        check(page, "A session");
        Visit.to(page, hall.address() + "/queue/straight-clear-1");
        page.getByText("Start the queue").waitFor();
        check(page, "A queue begins");
        Visit.to(page, hall.address() + "/groups");
        page.getByText("Start", new Page.GetByTextOptions().setExact(true)).waitFor();
        check(page, "A group begins");
        page.getByText("Start", new Page.GetByTextOptions().setExact(true)).click();
        page.getByTestId("names").first().waitFor();
        check(page, "A group");
        Visit.to(page, page.url() + "/board");
        page.getByTestId("names").first().waitFor();
        check(page, "A board");
        String duellist = hall.newPlayer("Axe Duellist", "RIGHT");
        Visit.to(page, hall.address() + "/courtside/" + duellist + "/duel-at-the-net-1");
        new Courtside(page).ready().key("Space").shows("1 : 0");
        check(page, "A duel");
        court.open(hall.address(), duellist, "drop-lift-clear-1")
                .key("1")
                .key("2")
                .key("0")
                .shows("1 of 2");
        check(page, "A pattern");
        court.key("Shift+Enter");
        page.getByTestId("pass-steps").waitFor();
        check(page, "A pattern, closed");
        Visit.to(page, hall.address() + "/players/" + duellist);
        page.getByTestId("pass-steps").waitFor();
        check(page, "A player's passes");
        court.open(hall.address(), duellist, "duel-at-the-net-1");
        court.key("h");
        page.getByTestId("hit-0").waitFor();
        check(page, "Two halves");
        court.key("f");
        page.getByTestId("far-count").waitFor();
        check(page, "Far view");
    }

    /** The tokens as the page really has them: text beside the court at 7 : 1, other text at 4.5 : 1. */
    @Test
    void theColoursKeepTheirContrast(Hall hall) {
        for (ColorScheme scheme : List.of(ColorScheme.LIGHT, ColorScheme.DARK)) {
            Page page = hall.page(new Browser.NewContextOptions().setColorScheme(scheme));
            Visit.to(page, hall.address());
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Nora Ginestra"))
                    .first()
                    .waitFor();
            for (String ground : List.of("--paper", "--sheet")) {
                assertThat(contrast(page, "--ink", ground)).as(scheme + " ink").isGreaterThanOrEqualTo(7);
                for (String soft : List.of("--ink-soft", "--pine", "--plum", "--steel")) {
                    assertThat(contrast(page, soft, ground))
                            .as(scheme + soft + ground)
                            .isGreaterThanOrEqualTo(6.8);
                }
                assertThat(contrast(page, "--saffron-text", ground))
                        .as(scheme + " saffron")
                        .isGreaterThanOrEqualTo(5.8);
            }
        }
    }

    private static void check(Page page, String view) {
        light(page, ColorScheme.LIGHT);
        if (page.evaluate("!window.axe").equals(true)) {
            page.evaluate(AXE);
        }
        assertThat(violations(page, "tag", RULES)).as(view).isEmpty();
        light(page, ColorScheme.DARK);
        assertThat(violations(page, "rule", List.of("color-contrast", "link-in-text-block")))
                .as(view + " in a dark hall")
                .isEmpty();
    }

    /** What breaks one of these rules, or of those with one of these tags; of a long shelf, on which cards are alike, the first three are looked at. */
    private static List<?> violations(Page page, String type, List<String> values) {
        return (List<?>) page.evaluate(
                """
                ({ type, values }) => axe.run({ exclude: ['li.sheet:nth-child(n+4)'] }, { runOnly: { type, values }, resultTypes: ['violations'] })
                  .then(({ violations, passes }) => passes.length === 0
                    ? ['nothing was checked']
                    : violations.map((rule) => rule.id + ': ' + rule.nodes[0].html))
                """,
                Map.of("type", type, "values", values));
    }

    private static String axe() {
        try (InputStream script = AxeBuilder.class.getResourceAsStream("/axe.min.js")) {
            return new String(script.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private static void light(Page page, ColorScheme scheme) {
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
        page.locator(".v-theme--" + scheme.name().toLowerCase(Locale.ROOT))
                .first()
                .waitFor();
    }

    private static double contrast(Page page, String one, String other) {
        Object ratio = page.evaluate(
                """
                ({ one, other }) => {
                  const probe = document.createElement('i')
                  document.querySelector('.v-application').append(probe)
                  const luminance = (token) => {
                    probe.style.color = `var(${token})`
                    const parts = getComputedStyle(probe).color.match(/[\\d.]+/g).slice(0, 3).map((part) => part / 255)
                    const [r, g, b] = parts.map((part) => part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4)
                    return 0.2126 * r + 0.7152 * g + 0.0722 * b
                  }
                  const [dark, light] = [luminance(one), luminance(other)].sort((a, b) => a - b)
                  probe.remove()
                  return (light + 0.05) / (dark + 0.05)
                }
                """,
                Map.of("one", one, "other", other));
        return ((Number) ratio).doubleValue();
    }
}
