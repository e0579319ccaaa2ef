package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;

/** Patterns beside the court. The player drops to zone 1 and clears to zone 2; what is between passes by itself. */
@ExtendWith(Club.class)
class PatternsTest {

    private static final String DRILL = "drop-lift-clear-1";
    /** Whole, broken at the drop or at the clear, ended by the partner after the drop. */
    private static final String TWELVE = "W W C P W C W D C W P C";

    private static final String FOR_TWO = "lifts-for-two-1";

    private int touches;

    private void pass(Hands hands, Courtside court, char how) {
        drop(hands, court, how != 'D');
        if (how == 'P') {
            end(hands, court, "b", "Partner missed");
        } else if (how != 'D') {
            clear(hands, court, how != 'C');
        }
    }

    private void drop(Hands hands, Courtside court, boolean held) {
        own(
                hands,
                court,
                held ? "1" : "0",
                held ? -2.35 + 0.9 * (touches % 2) : 1,
                held ? 0.3 + 0.9 * (touches % 2) : 3);
    }

    private void clear(Hands hands, Courtside court, boolean held) {
        own(hands, court, held ? "2" : "0", held ? -2.35 + 0.9 * (touches % 2) : 1, held ? 6.2 : 5);
    }

    private void own(Hands hands, Courtside court, String key, double x, double y) {
        touches++;
        if (hands == Hands.KEYS_AT_A_TABLE) {
            court.key(key);
        } else {
            court.touch(x, y);
        }
        assertThat(court.page().getByTestId("said")).not().isEmpty();
    }

    private static void end(Hands hands, Courtside court, String key, String button) {
        if (hands == Hands.KEYS_AT_A_TABLE) {
            court.key(key);
        } else {
            hands.press(court.page(), button);
        }
    }

    @ParameterizedTest
    @EnumSource(Hands.class)
    void twelvePassesTellWhereTheyBreakAndNeverBlameThePlayerForThePartner(Hands hands, Hall hall) {
        Page page = hands.page(hall);
        String player = hall.newPlayer("Nora Pattern", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player, DRILL);
        Locator next = page.getByTestId("next-step");
        assertThat(next).hasText("A: drop to net left");
        drop(hands, court, true);
        assertThat(next).hasText("A: clear to rear left");
        clear(hands, court, true);
        court.shows("1 of 1").stands("9 passes left");
        for (String how : TWELVE.substring(2).split(" ")) {
            pass(hands, court, how.charAt(0));
        }
        court.shows("5 of 10");
        assertThat(page.getByTestId("passes")).hasText("5 whole · 5 broken · 2 ended by others");
        assertThat(page.getByTestId("weakest")).hasText("Breaks most at A: clear to rear left: 5 of 9 held");
        hands.close(court);
        Locator steps = page.getByTestId("pass-steps");
        assertThat(steps).containsText("11 of 12");
        assertThat(steps).containsText("Breaks most: A: clear to rear left");

        JsonNode set = ChartingTest.storedSet(hall, court);
        assertThat(set.get("row").asString()).isEqualTo("1101010010");
        assertThat(set.at("/passes/byOthers").asInt()).isEqualTo(2);
        JsonNode report = hall.server()
                .get("/api/players/" + player + "/passes?drill=" + DRILL)
                .get(0)
                .get("report");
        assertThat(report.get("weakest").asInt()).isEqualTo(3);
        assertThat(report.at("/survival/1/survives").asDouble()).isBetween(0.50, 0.52);
    }

    @ParameterizedTest
    @EnumSource(Hands.class)
    void aPointThatAPatternOpensIsGradedApartFromWhoWinsIt(Hands hands, Hall hall) {
        Page page = hands.page(hall);
        String player = hall.newPlayer("Livia Pattern", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player, "smash-and-follow-in-1");
        own(hands, court, "1", -2, 3.5);
        own(hands, court, "3", 0, 0.8);
        assertThat(page.getByTestId("next-step")).hasText("The point is open: who won it?");
        court.shows("1 of 1");
        hands.press(page, "Partner missed");
        assertThat(page.getByTestId("next-step")).hasText("A: smash to side left or smash to side right");
        own(hands, court, "0", 0.3, 5.5);
        court.shows("1 of 2").sent();
        JsonNode passes = ChartingTest.storedSet(hall, court).get("passes");
        assertThat(passes.get("points").asInt())
                .as("won after the opening, lost by its miss")
                .isEqualTo(2);
        assertThat(passes.get("whole").asInt()).isEqualTo(1);
    }

    @Test
    void aPatternIsBuiltByTouchIsTheSameInWordsAndIsChartedAsItIs(Hall hall) {
        Page page = hall.tablet();
        Visit.to(page, hall.address() + "/drills/drop-lift-clear/copy/same");
        page.locator(".drill-editor").waitFor();
        page.getByText("Pattern", new Page.GetByTextOptions().setExact(true)).click();
        Courtside court = new Courtside(page);
        Locator steps = page.locator(".builder .steps button");
        assertThat(steps).hasCount(4);
        court.touch(-2, -6);
        assertThat(steps.nth(4)).hasText("B: to rear right");
        page.getByLabel("Stroke", new Page.GetByLabelOptions().setExact(true)).fill("smash");
        court.touch(2, 6);
        assertThat(steps.nth(5)).hasText("A: smash to rear right");
        court.press("or …").touch(-2, 6.2);
        assertThat(steps.nth(5)).hasText("A: smash to rear right or to rear left");
        court.press("Undo").press("Undo");
        assertThat(steps).hasCount(5);
        court.press("Redo").press("Redo");
        steps.nth(4).click();
        court.press("Earlier");
        assertThat(steps.nth(3)).hasText("B: to rear right");
        court.press("Later");

        page.getByText("Words", new Page.GetByTextOptions().setExact(true)).click();
        Locator words = page.locator("#drill-words");
        Pattern built =
                Pattern.compile("B to \"rear right\"\\s+A smash to \"rear right\" or to \"rear left\"\\s+then stop");
        page.waitForCondition(() -> built.matcher(Editor.words(page)).find());
        words.fill(Editor.words(page)
                .replaceFirst("then stop", "repeat up to 3 times A drop to \"net left\" end A anywhere then stop"));
        page.getByText("Pattern", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(steps).hasCount(8);
        assertThat(page.getByLabel("or fewer: who hits changes when they choose"))
                .isChecked();
        court.press("Store");

        assertThat(page.getByTestId("pattern-steps").locator("li")).hasCount(8);
        assertThat(page.getByTestId("spoken")).containsText("repeat up to 3 times: A drop to net left; end");
        String family = page.url().replaceAll(".*/", "");
        String drill = hall.server().drill(family).get("id").asString();
        court.open(hall.address(), hall.newPlayer("Elio Pattern", "RIGHT"), drill);
        court.key("1").key("2");
        assertThat(page.getByTestId("next-step")).hasText("A: smash to rear right or to rear left");
    }

    @Test
    void withoutANetworkAPatternGoesOnOverAReloadAndArrivesOnce(Hall hall) {
        Page page = hall.installed();
        Visit.to(page, hall.address());
        NetworkTest.waitForServiceWorker(page);
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Ugo Pattern", "RIGHT"), DRILL);
        court.key("1").key("2").shows("1 of 1").sent();
        page.context().setOffline(true);
        court.key("1").key("b").key("1");
        page.reload();
        court.ready();
        assertThat(page.getByTestId("next-step")).hasText("A: clear to rear left");
        court.key("0").shows("1 of 2");
        assertThat(page.getByTestId("passes")).hasText("1 whole · 1 broken · 1 ended by others");
        page.context().setOffline(false);
        court.sent();
        assertThat(ChartingTest.storedSet(hall, court).at("/passes/byOthers").asInt())
                .isEqualTo(1);
    }

    @Test
    void passesAreEnteredAfterTheSetAsARow(Hall hall) {
        Page page = hall.tablet();
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Teo Pattern", "RIGHT"), DRILL);
        WaysInTest.way(page, "After the set");
        court.press("Hit").press("Hit").press("Not hit").press("Hit");
        court.press("Enter 4 balls").shows("3 of 4").sent();
        assertThat(ChartingTest.storedSet(hall, court).get("row").asString()).isEqualTo("1101");
    }

    @Test
    void theStrokeIsAsAskedUntilSomebodySaysOtherwiseAndAPassGoesOnAfterAReload(Hall hall) {
        Page page = hall.tablet();
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Ada Pattern", "RIGHT"), DRILL);
        drop(Hands.FINGERS_ON_A_PHONE, court, true);
        court.sent();
        page.reload();
        court.ready();
        assertThat(page.getByTestId("next-step")).hasText("A: clear to rear left");
        clear(Hands.FINGERS_ON_A_PHONE, court, true);
        court.shows("1 of 1");
        page.getByTestId("stroke").click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("smash"))
                .click();
        court.shows("0 of 1");
        court.press("Undo").shows("1 of 1");
        court.clickAndFlick(-1.5, 0.7, 1.5, 0.7).shows("1 of 2").sent();
        assertThat(ChartingTest.storedSet(hall, court).at("/shots/2/stroke").asString())
                .as("the second of the strokes that are offered: a slide to the right")
                .isEqualTo("serve");
    }

    @Test
    void afterAStrokeWasChosenTheKeysAreTheCourtsAgain(Hall hall) {
        Page page = hall.tablet();
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Ada Chooser", "RIGHT"), DRILL);
        court.key("1").key("2").shows("1 of 1");
        Locator smash = page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("smash"));

        page.getByTestId("stroke").click();
        smash.click();
        court.shows("0 of 1");
        assertThat(smash).isHidden();
        court.key("Backspace").shows("1 of 1");

        page.getByTestId("stroke").locator("input[type=text]").focus();
        page.keyboard().press("Enter");
        smash.focus();
        page.keyboard().press("Enter");
        court.shows("0 of 1");
        assertThat(smash).isHidden();
        court.key("Backspace").shows("1 of 1").sent();
    }

    @Test
    void aSetOfPassesIsEnteredFromPaper(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Carta Pattern", "RIGHT");
        Visit.to(page, hall.address() + "/courtside/" + player + "/" + DRILL + "?paper");
        Courtside court = new Courtside(page);
        court.press("Hit").press("Hit").press("Not hit").press("Hit");
        court.press("Enter 4 balls").shows("3 of 4").sent();
        JsonNode set = ChartingTest.storedSet(hall, court);
        assertThat(set.get("row").asString()).isEqualTo("1101");
        assertThat(set.get("enteredLater").asBoolean()).isTrue();
    }

    /** A turn is so many passes: it never changes in the middle of one. */
    @Test
    void inAQueueATurnIsOfWholePasses(Hall hall) {
        Page page = hall.tablet();
        hall.newPlayer("Prima Pattern", "RIGHT");
        hall.newPlayer("Seconda Pattern", "RIGHT");
        Visit.to(page, hall.address() + "/queue/" + DRILL);
        Courtside court = new Courtside(page);
        court.press("Prima Pattern").press("Seconda Pattern");
        page.getByLabel("Balls a turn").fill("1");
        court.press("Start the queue");
        court.ready().key("1");
        Locator hitter = page.getByTestId("hitter");
        assertThat(page.getByTestId("next-step")).hasText("A: clear to rear left");
        assertThat(hitter).hasText("Prima");
        court.key("2");
        assertThat(hitter).hasText("Seconda");
        court.ready().key("0");
        assertThat(hitter).hasText("Prima");
        court.ready().shows("1 of 1");
        // B begins this pattern; what B hits is no ball of the turn.
        court.press("Chart both sides").key("2");
        assertThat(page.getByTestId("next-step")).hasText("A: drop to net left");
        assertThat(hitter).hasText("Prima");
        // The key that ends a turn is no ball of who comes next, whose page is there since the first round.
        court.key("0");
        assertThat(hitter).hasText("Seconda");
        court.ready().shows("0 of 1");
        assertThat(page.getByTestId("passes")).hasText("0 whole · 1 broken · 0 ended by others");
    }

    @ParameterizedTest
    @EnumSource(Hands.class)
    void theShotsOfBothSidesAreChartedAndThePartnerHasAGoal(Hands hands, Hall hall) {
        Page page = hands.page(hall);
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Rina Pattern", "RIGHT"), FOR_TWO);
        hands.press(page, "Chart both sides");
        Locator next = page.getByTestId("next-step");
        Locator roles = page.getByTestId("roles");
        assertThat(roles).containsText("B: 0 of 0 held · B wants 8 of 10: open");
        drop(hands, court, true);
        assertThat(next).hasText("B: lift to rear left");
        // What B lifts comes down on the near half; to B's left is to the player's right.
        own(hands, court, "2", 2, -6);
        assertThat(roles).containsText("B: 1 of 1 held");
        assertThat(next).containsText("A: drop to net left");
        // Far enough from the touches before and after it to be none of their bounces.
        own(hands, court, "3", 2, 6);
        court.shows("1 of 1");
        drop(hands, court, true);
        assertThat(next).hasText("B: lift to rear left");
        own(hands, court, "n", 2.4, 1);
        assertThat(page.getByTestId("passes")).containsText("0 broken · 1 ended by others");
        hands.close(court);
        assertThat(roles).containsText("B: 1 of 2 held · B wants 8 of 10: open");
        court.sent();
        JsonNode set = ChartingTest.storedSet(hall, court);
        assertThat(set.at("/shots/1/hitter").asString()).isEqualTo("PARTNER");
        assertThat(set.at("/shots/1/ruling/outcome").asString()).isEqualTo("HIT");
        assertThat(set.get("row").asString()).as("none of the player's").isEqualTo("1");
        assertThat(set.at("/passes/others/0/count/done").asInt()).isEqualTo(1);
    }

    @Test
    void theWayOfTheNextShotIsCalledAheadAndCountsAlone(Hall hall) {
        Page page = hall.tablet();
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Tina Pattern", "RIGHT"), FOR_TWO);
        court.press("Call the way ahead");
        page.getByText("Called 3 s ahead").click();
        court.key("1");
        Locator next = page.getByTestId("next-step");
        boolean drop = calls(next);
        court.key(drop ? "3" : "1").shows("0 of 1");
        assertThat(next).hasText("A: drop to net left");
        court.key("1");
        drop = calls(next);
        page.reload();
        court.ready();
        assertThat(next).hasText(drop ? "Now A: drop to net left" : "Now A: clear to rear right");
        court.key(drop ? "1" : "3").shows("1 of 2").sent();
        JsonNode steps = ChartingTest.storedSet(hall, court).at("/passes/steps/1/went");
        assertThat(steps.size()).as("what was called is no choice").isZero();
    }

    /** Whether the drop is called. */
    private static boolean calls(Locator next) {
        assertThat(next).containsText("Now A: ");
        return next.textContent().contains("drop");
    }

    @Test
    void choiceAndExecutionAreGradedApartOnceTheBallIsDead(Hall hall) {
        Hands hands = Hands.KEYS_AT_A_TABLE;
        Page page = hands.page(hall);
        String player = hall.newPlayer("Gina Pattern", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player, DRILL);
        drop(hands, court, true);
        assertThat(page.getByText("Grade the last shot")).not().isAttached();
        clear(hands, court, false);
        hands.press(page, "Grade the last shot");
        hands.press(page, "Choice wrong");
        court.key("g").key("Shift+Y");
        hands.press(page, "Movement");
        hands.press(page, "Technique");
        assertThat(court.button("Movement")).hasAttribute("aria-pressed", "false");
        hands.close(court);
        court.sent();
        JsonNode set = ChartingTest.storedSet(hall, court);
        assertThat(set.at("/shots/1/notes").toString())
                .isEqualTo("[\"CHOICE_RIGHT\",\"STRUCK_BADLY\",\"CAUSE_TECHNIQUE\"]");
        Visit.to(page, hall.address() + "/players/" + player);
        Locator grades = page.getByTestId("grades");
        assertThat(grades).containsText("Right choice 1 of 1");
        assertThat(grades).containsText("Struck well 0 of 1");
        assertThat(grades).containsText("Own errors came from: Technique 1");
    }
}
