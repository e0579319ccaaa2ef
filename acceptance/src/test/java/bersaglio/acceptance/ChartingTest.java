package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(Club.class)
class ChartingTest {

    @Test
    void beforeTheFirstShotItIsSaidHowToLayTheTargetForEitherHand(Hall hall) {
        Page page = hall.tablet();
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Laying Tester", "LEFT"));
        court.press("How to lay it");
        Locator card = page.getByTestId("laying");
        assertThat(card).containsText("4 markers");
        assertThat(card).containsText("for a left-handed player");
        assertThat(card.locator("li").nth(3)).containsText("on the back line");
        assertThat(card.locator("li").nth(3)).containsText("on the left side line for singles");
        assertThat(card.locator("li").nth(1)).containsText("1.44 m short of the long service line for doubles");
        court.press("Close");
        assertThat(card).isHidden();
        court.touch(-2, 6).shows("1 of 1");
        assertThat(page.getByText("How to lay it")).hasCount(0);
    }

    @Test
    void fromTodayToTheVerdictAndThePlayersPageByTouch(Hall hall) {
        Page page = hall.tablet();
        hall.newPlayer("Touch Tester", "RIGHT");
        page.navigate(hall.address());
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Start Straight clear with Touch Tester"))
                .tap();
        Courtside court = new Courtside(page).ready();
        court.row("1101111").shows("6 of 7").stands("2 more to pass, 5 balls left");
        assertThat(court.verdict()).hasCount(0);
        court.row("11").shows("8 of 9").stands("Quota met");
        court.press("Close set");
        assertThat(court.verdict()).containsText("Move up: 8 of 9 speak for 74");
        assertThat(court.verdict()).containsText(Pattern.compile("the true rate lies between \\d+.% and \\d+.%"));
        assertThat(court.verdict())
                .containsText(Pattern.compile("passes this level by luck \\d+ times in 100 within one try"));
        court.press("Move up to level 2");
        assertThat(page.getByTestId("decided")).hasText("Moved up to level 2.");
        court.sent();
        court.press("Next set").shows("0 of 0");
        assertThat(page.getByText("level 2 of 6")).isVisible();

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Players"))
                .click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Touch Tester"))
                .click();
        assertThat(page.getByText("Level 2 of 6")).isVisible();
        assertThat(page.locator("tbody tr")).hasCount(1);
        assertThat(page.locator("tbody tr")).containsText(Pattern.compile("8 of 9.*1\\.80.×.2\\.20.m.*Met"));
        assertThat(page.locator(".drawing .mark")).hasCount(9);
        assertThat(page.getByRole(
                        AriaRole.LISTITEM, new Page.GetByRoleOptions().setName(Pattern.compile("Level 1: 8 of 9"))))
                .isVisible();
    }

    @Test
    void aWholeSetByKeyboard(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Key Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player);
        court.key("Space")
                .shows("1 of 1")
                .key("n")
                .shows("1 of 2")
                .key("ArrowUp")
                .key("ArrowLeft")
                .key("ArrowDown");
        court.key("Shift+ArrowRight").key("r").shows("1 of 7").key("u").key("v").shows("1 of 7");
        assertThat(court.shots()).hasText(new String[] {
            "Hit", "Net", "Long", "Wide left", "In short", "In right", "No reach", "Not seen", "Void"
        });
        assertThat(page.getByTestId("said")).hasText("Void, 1 of 7");
        court.stands("Out of reach");
        assertThat(page.getByTestId("best")).containsText("1 not seen");
        court.key("Backspace")
                .key("Backspace")
                .key("Backspace")
                .shows("1 of 6")
                .key("Shift+Backspace")
                .shows("1 of 7");
        court.key("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Close the set; again: next set");
        // At once: what goes away lets keys through.
        court.key("Escape").key("j");
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        assertThat(court.verdict()).containsText("1 of 7:");
        court.key("Shift+Enter");
        assertThat(court.verdict())
                .containsText("Stay: the set ended at 1 of 7, and a set ended early is never a pass.".substring(0, 4));
        court.key("Shift+Enter").shows("0 of 0").sent();
    }

    @Test
    void undoAndRedoReachTheStartOfTheSet(Hall hall) {
        Courtside court = new Courtside(hall.tablet()).open(hall.address(), hall.newPlayer("Undo Tester", "RIGHT"));
        court.row("101")
                .press("Undo")
                .shows("1 of 2")
                .press("Undo")
                .press("Undo")
                .shows("0 of 0");
        assertThat(court.page().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo")))
                .isDisabled();
        court.press("Redo").press("Redo").press("Redo").shows("2 of 3");
        court.row("1").shows("3 of 4");
        assertThat(court.page().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Redo")))
                .isDisabled();
    }

    @Test
    void marksTakeNoTouchesAndTheStripChangesAndVoidsAShot(Hall hall) {
        Courtside court = new Courtside(hall.tablet()).open(hall.address(), hall.newPlayer("Strip Tester", "RIGHT"));
        court.row("11110").shows("4 of 5");
        court.touch(1.2, 6.2).shows("5 of 6");
        court.shots().nth(4).click();
        court.page().locator(".change").getByText("Net").click();
        court.press("Done").shows("5 of 6");
        assertThat(court.shots().nth(4)).hasText("Net");
        court.shots().nth(0).click();
        court.page().locator(".change").getByText("Void").click();
        court.shows("4 of 5").press("Undo").shows("5 of 6");
    }

    @Test
    void closeToTheEdgeAsksForTheCallAndTheMarkStays(Hall hall) {
        Page page = hall.tablet();
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Edge Tester", "RIGHT"));
        court.touch(0.76, 5.5).shows("0 of 1");
        assertThat(page.locator(".close-call")).containsText("Close to the edge");
        court.press("Hit").shows("1 of 1");
        assertThat(page.locator(".close-call")).hasCount(0);
        court.touch(2.0, 6.73).shows("1 of 2");
        assertThat(court.shots().nth(1)).containsText("Long");
        court.key("c").shows("2 of 2");
        court.clickAndFlick(0.82, 5.0, 0.2, 5.0).shows("2 of 3");
        court.clickAndFlick(0.76, 6.0, 1.4, 6.0).shows("3 of 4");
        JsonNode set = storedSet(hall, court);
        assertThat(set.at("/shots/0/x").asDouble()).isCloseTo(0.76, within(0.01));
        assertThat(set.at("/shots/0/ruling/outcome").asString()).isEqualTo("HIT");
        assertThat(set.at("/shots/0/called").asBoolean()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"0, 2.2, -6.2", "1, -6.2, -2.2", "2, -2.2, 6.2", "3, 6.2, 2.2"})
    void whereverTheCoachStandsTheStoredPlaceIsTheHitters(int turns, double drawnX, double drawnY, Hall hall) {
        Courtside court = new Courtside(hall.tablet()).open(hall.address(), hall.newPlayer("Turn Tester", "RIGHT"));
        for (int turn = 0; turn < turns; turn++) {
            court.press("Turn the court");
        }
        court.touchDrawn(drawnX, drawnY).shows("1 of 1");
        JsonNode shot = storedSet(hall, court).at("/shots/0");
        assertThat(shot.get("x").asDouble()).isCloseTo(2.2, within(0.01));
        assertThat(shot.get("y").asDouble()).isCloseTo(6.2, within(0.01));
    }

    @Test
    void aLeftHandersZoneLiesOnTheOtherSide(Hall hall) {
        Courtside court = new Courtside(hall.tablet()).open(hall.address(), hall.newPlayer("Left Tester", "LEFT"));
        court.touch(2.2, 6.2).shows("0 of 1").touch(-2.2, 6.2).shows("1 of 2");
    }

    @Test
    void onAPhoneByTouch(Hall hall) {
        Page page = hall.phone();
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Phone Tester", "RIGHT"));
        court.row("11")
                .shows("2 of 2")
                .press("Net")
                .shows("2 of 3")
                .press("Undo")
                .shows("2 of 2");
        Object overflow = page.evaluate("document.documentElement.scrollWidth - innerWidth");
        assertThat(((Number) overflow).intValue()).isLessThanOrEqualTo(0);
    }

    @Test
    void aSecondTouchAtOnceIsIgnoredAndShownAsIgnored(Hall hall) {
        Page page = hall.tablet();
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Palm Tester", "RIGHT"));
        page.locator("svg.court")
                .evaluate(
                        """
                        (svg) => {
                          const { left, top, width, height } = svg.getBoundingClientRect()
                          const touch = (dx) => svg.dispatchEvent(new PointerEvent('pointerdown', {
                            clientX: left + width / 2 + dx, clientY: top + height / 2, isPrimary: true, pointerId: 1, bubbles: true,
                          }))
                          svg.setPointerCapture = () => undefined
                          touch(0)
                          touch(10)
                        }
                        """,
                        Map.of());
        court.shows("0 of 1");
        assertThat(page.locator(".ignored")).hasText("Second touch ignored");
    }

    @Test
    void aFullBlockTakesNoFurtherShot(Hall hall) {
        Courtside court = new Courtside(hall.tablet()).open(hall.address(), hall.newPlayer("Full Tester", "RIGHT"));
        court.row("101010101010").shows("6 of 12").touch(2.2, 6.2);
        assertThat(court.page().getByTestId("said")).containsText("All 12 balls are charted");
        court.shows("6 of 12");
    }

    @Test
    void whoCalledIsKeptWithEveryShot(Hall hall) {
        Page page = hall.tablet();
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Caller Tester", "RIGHT"));
        court.row("1");
        page.getByRole(AriaRole.COMBOBOX).first().click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Waiting player"))
                .click();
        court.row("0").shows("1 of 2");
        JsonNode shots = storedSet(hall, court).get("shots");
        assertThat(shots).extracting(shot -> shot.get("by").asString()).containsExactly("COACH", "WAITING_PLAYER");
    }

    static JsonNode storedSet(Hall hall, Courtside court) {
        court.sent();
        String[] path = court.page().url().split("[/?]");
        JsonNode ledger = hall.server()
                .get("/api/players/" + path[4] + "/ledger?drill=" + path[5])
                .get("sets");
        String run = ledger.get(ledger.size() - 1).get("run").asString();
        return hall.server().get("/api/runs/" + run).get("set");
    }
}
