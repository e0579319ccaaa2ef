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
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Sets of every kind, entered by a coach whose hands are full. */
@ExtendWith(Club.class)
class WaysInTest {

    private static Courtside open(Page page, Hall hall, String player, String drill) {
        page.navigate(hall.address() + "/courtside/" + player + "/" + drill);
        return new Courtside(page).ready();
    }

    private static JsonNode stored(Hall hall, Courtside court) {
        return ChartingTest.storedSet(hall, court);
    }

    private static void choose(Page page, String label, String option) {
        page.locator(".v-input:has(label:text-is(\"" + label + "\"))").first().click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option))
                .click();
    }

    private static void playWith(Page page, String partner) {
        choose(page, "With", partner);
        page.keyboard().press("Escape");
        page.evaluate("document.activeElement.blur()");
    }

    static void way(Page page, String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Way in"))
                .click();
        page.getByText(name, new Page.GetByTextOptions().setExact(true)).click();
    }

    /** A drill of this club like the straight clear, for two, with another goal on its first level. */
    static String drillFor(Hall hall, String family, String goal) {
        for (JsonNode drill : hall.server().get("/api/club").get("drills")) {
            if (drill.get("id").asString().equals("straight-clear-1")) {
                ObjectNode copy = (ObjectNode) drill;
                copy.put("name", family);
                ((ObjectNode) copy.at("/levels/0")).set("goal", bersaglio.server.StartedServer.JSON.readTree(goal));
                hall.server().put("/api/drills/" + family + "?basedOn=0", copy.toString());
            }
        }
        return family + "-1";
    }

    @Test
    void aDuelIsCountedBySidesAndADisputeIsSettledOpenly(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Ada Duellist", "RIGHT");
        hall.newPlayer("Ugo Duellist", "RIGHT");
        Courtside court = open(page, hall, player, "duel-at-the-net-1");
        playWith(page, "Ugo Duellist");
        court.key("Space").shows("1 : 0").key("Space").shows("1 : 1");
        page.getByTestId("side-1").click();
        court.key("Space").shows("1 : 2");

        court.key("o");
        choose(page, "Of", "Ugo");
        page.getByLabel("Count", new Page.GetByLabelOptions().setExact(true)).fill("4");
        page.getByLabel("They do not agree").check();
        page.getByLabel("Ada says").fill("3");
        page.getByLabel("Ugo says").fill("5");
        court.press("This counts").shows("1 : 4").sent();
        assertThat(page.getByTestId("best")).containsText("agreed at 4 (said: 3, 5)");

        JsonNode set = stored(hall, court);
        assertThat(set.at("/counts/0/claims").toString()).isEqualTo("[3,5]");
        assertThat(set.get("trials").asInt())
                .as("what was not seen is no trial")
                .isEqualTo(3);
        assertThat(set.get("partners").size()).isEqualTo(1);
        court.key("Backspace").shows("1 : 2");
    }

    @Test
    void aLadderOfTwoPartnersStepsBackAndTheirBallsAreSplit(Hall hall) {
        String drill = drillFor(
                hall,
                "pair-ladder",
                "{\"kind\":\"LADDER\",\"stations\":[{\"name\":\"Near\",\"hits\":2,\"zone\":0},"
                        + "{\"name\":\"Far\",\"hits\":2,\"zone\":0}],\"misses\":{\"does\":\"STEP_BACK\"}}");
        Page page = hall.tablet();
        String player = hall.newPlayer("Nora Partner", "LEFT");
        hall.newPlayer("Livia Partner", "RIGHT");
        Courtside court = open(page, hall, player, drill);
        playWith(page, "Livia Partner");
        court.key("Space").key("Space").key("Space").shows("1 of 2");
        assertThat(page.getByTestId("station")).hasText("2 of 2: Far");
        court.key("n").shows("0 of 2");
        assertThat(page.getByTestId("station")).hasText("1 of 2: Near");
        assertThat(page.getByTestId("with")).hasText("Nora, Livia");
        for (int ball = 0; ball < 4; ball++) {
            court.key("Space");
        }
        court.stands("met").key("Shift+Enter").sent();
        assertThat(page.getByTestId("verdict")).isVisible();
        assertThat(stored(hall, court).at("/count/brokeAt").toString()).isEqualTo("[3]");
    }

    @Test
    void aMovingWindowIsMetWhereverItStands(Hall hall) {
        Page page = hall.tablet();
        Courtside court = open(page, hall, hall.newPlayer("Window Tester", "RIGHT"), "low-serve-1");
        for (String key : "n n Space Space Space Space n Space Space Space".split(" ")) {
            court.key(key);
        }
        court.stands("1 more").key("Space").stands("met");
    }

    @Test
    void roundsRunByTheClockAndBallsBetweenThemDoNotCount(Hall hall) {
        Page page = hall.tablet();
        page.clock().install();
        Courtside court = open(page, hall, hall.newPlayer("Round Tester", "RIGHT"), "fast-hands-1");
        court.key("Space").shows("0 of 16");
        court.key("k").key("Space").key("Space").shows("2 of 16");
        page.clock().runFor(20_000);
        assertThat(page.getByTestId("clock")).hasText(Pattern.compile("0:(20|1\\d)"));
        page.clock().runFor(23_000);
        assertThat(page.getByTestId("rest")).isVisible();
        court.key("Space").shows("2 of 16");
        page.clock().runFor(12_000);
        assertThat(page.getByTestId("rest")).hasClass(Pattern.compile("soon"));
    }

    /** On a phone, by two halves for each side; the dispute is settled after the signal. */
    @Test
    void aTimedContestOfTwoSidesAndADisputedCount(Hall hall) {
        String drill = drillFor(
                hall,
                "timed-contest",
                "{\"kind\":\"TIMED\",\"rounds\":1,\"seconds\":30,\"rest\":0,\"hits\":0,"
                        + "\"signal\":\"TOO_LATE\",\"sides\":2}");
        Page page = hall.phone();
        page.clock().install();
        Courtside court = open(page, hall, hall.newPlayer("Timed Contestant", "RIGHT"), drill);
        court.key("k").key("h");
        for (String half : "hit-0 hit-1 not-0 hit-1".split(" ")) {
            page.getByTestId(half).tap();
        }
        assertThat(page.getByTestId("halves-count")).hasText("1 : 2");
        page.clock().runFor(32_000);
        page.getByText("Close set").first().waitFor();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Back to the court"))
                .click();
        court.shows("1 : 2").stands("Done").key("o");
        page.getByLabel("Count", new Page.GetByLabelOptions().setExact(true)).fill("2");
        page.getByLabel("They do not agree").check();
        page.getByLabel("Timed says").fill("3");
        page.getByLabel("Side 2 says").fill("1");
        court.press("This counts").shows("2 : 2").sent();
        assertThat(stored(hall, court).at("/counts/0/claims").toString()).isEqualTo("[3,1]");
    }

    @Test
    void onTwoHalvesOfAPhoneAndReadFromAfar(Hall hall) {
        Page page = hall.phone();
        Courtside court = open(page, hall, hall.newPlayer("Halves Tester", "RIGHT"), "straight-clear-1");
        way(page, "Two halves");
        for (String half : new String[] {"hit-0", "not-0", "hit-0"}) {
            page.getByTestId(half).tap();
        }
        assertThat(page.getByTestId("halves-count")).hasText("2 of 3");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Back to the court"))
                .click();
        court.key("f");
        Locator far = page.getByTestId("far-count");
        assertThat(far).hasText("2");
        assertThat(far.boundingBox().height).as("legible from a bench").isGreaterThanOrEqualTo(220);
        Object overflow = page.evaluate("document.documentElement.scrollWidth - innerWidth");
        assertThat(((Number) overflow).intValue()).isLessThanOrEqualTo(0);
        court.key("Space").sent();
        assertThat(far).hasText("3");
        JsonNode shots = stored(hall, court).get("shots");
        assertThat(shots).allMatch(shot -> shot.get("grain").asString().equals("HIT_OR_MISS"));
        assertThat(shots.get(1).at("/ruling/outcome").asString()).isEqualTo("NOT_HIT");
    }

    @Test
    void grainsChangeInMidSetAndAreKeptWithEachTrial(Hall hall) {
        Page page = hall.tablet();
        Courtside court = open(page, hall, hall.newPlayer("Grain Tester", "RIGHT"), "straight-clear-1");
        court.row("1");
        way(page, "Zones");
        court.touch(1.7, 5.6).shows("2 of 2");
        way(page, "After the set");
        court.press("Hit").press("Not hit").press("Enter 2 balls").shows("3 of 4");
        page.getByLabel("Hits", new Page.GetByLabelOptions().setExact(true)).fill("5");
        page.getByLabel("Balls", new Page.GetByLabelOptions().setExact(true)).fill("8");
        court.press("Enter").shows("8 of 12").stands("met").sent();
        JsonNode shots = stored(hall, court).get("shots");
        assertThat(shots)
                .extracting(shot -> shot.get("grain").asString())
                .startsWith("LANDING", "ZONE", "HIT_OR_MISS", "HIT_OR_MISS", "COUNT_ONLY")
                .hasSize(12);
        assertThat(shots.get(1).has("x")).as("a zone has no place").isFalse();
    }

    @Test
    void aClickersKeyIsLearned(Hall hall) {
        Page page = hall.tablet();
        Courtside court = open(page, hall, hall.newPlayer("Clicker Tester", "RIGHT"), "straight-clear-1");
        court.key("PageDown").shows("0 of 0").key("?");
        court.press("Learn another key: Hit, without a place").key("PageDown");
        court.press("Learn another key: Not hit, which way is not said").key("PageUp");
        court.press("Close");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        court.key("PageDown").key("PageDown").key("PageUp").shows("2 of 3");
        page.reload();
        court.ready().shows("2 of 3").key("PageDown").shows("3 of 4");
    }

    @Test
    void notesAPauseAndTheCountBroughtBackInStep(Hall hall) {
        Page page = hall.tablet();
        Courtside court = open(page, hall, hall.newPlayer("Note Tester", "RIGHT"), "straight-clear-1");
        court.row("10").key("l").key("m").key("p");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Go on")))
                .isVisible();
        court.row("1").shows("2 of 3");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Pause to teach")))
                .isVisible();
        court.press("Count is now …");
        page.getByLabel("Count", new Page.GetByLabelOptions().setExact(true)).fill("6");
        page.getByLabel("Balls used up").fill("9");
        court.press("This counts")
                .shows("6 of 9")
                .stands("2 more to pass, 3 balls left")
                .sent();
        JsonNode set = stored(hall, court);
        assertThat(set.at("/shots/1/notes").toString()).isEqualTo("[\"NET_CLIP\",\"MARKED\"]");
        assertThat(set.get("paused").asLong()).isPositive();
        assertThat(set.get("trials").asInt()).isEqualTo(3);
    }

    @Test
    void aSetFromPaperIsHeldOnItsRealDate(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Paper Tester", "RIGHT");
        open(page, hall, player, "straight-clear-1").row("1").key("Shift+Enter").sent();
        page.navigate(hall.address() + "/players/" + player + "/progressions/straight-clear-1?track=");
        page.getByText("Enter a set from paper").click();
        page.getByLabel("Held on").fill("2026-11-10");
        Courtside court = new Courtside(page);
        for (char one : "111011011011".toCharArray()) {
            court.press(one == '1' ? "Hit" : "Not hit");
        }
        court.press("Enter 12 balls").shows("9 of 12").press("Close set").sent();
        assertThat(page.getByTestId("paper")).containsText("10 Nov 2026");
        page.navigate(hall.address() + "/players/" + player + "/progressions/straight-clear-1?track=");
        assertThat(page.locator("table tbody tr").last()).containsText("10 Nov 2026");
        assertThat(page.locator("table tbody tr").last()).containsText("entered later");
    }
}
