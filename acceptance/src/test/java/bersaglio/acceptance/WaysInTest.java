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

    private static JsonNode stored(Hall hall, Courtside court) {
        return ChartingTest.storedSet(hall, court);
    }

    static void way(Page page, String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Way in"))
                .click();
        page.getByText(name, new Page.GetByTextOptions().setExact(true)).click();
    }

    /** A drill of this club like the straight clear, for two, with another goal on its first level. */
    static String drillFor(Hall hall, String family, String goal) {
        for (JsonNode drill : hall.server().drills()) {
            if (drill.get("id").asString().equals("straight-clear-1")) {
                ObjectNode copy = (ObjectNode) drill;
                copy.put("name", family);
                ObjectNode first = (ObjectNode) copy.at("/levels/0");
                first.set("goal", bersaglio.server.StartedServer.JSON.readTree(goal));
                first.set("advance", bersaglio.server.StartedServer.JSON.readTree("{\"rule\":\"one_met\"}"));
                hall.server().put("/api/drills/" + family + "?basedOn=0", copy.toString());
            }
        }
        return family + "-1";
    }

    @Test
    void roundsRunByTheClockAndBallsBetweenThemDoNotCount(Hall hall) {
        Page page = hall.tablet();
        hall.holdsTheClockOf(page);
        Courtside court =
                new Courtside(page).open(hall.address(), hall.newPlayer("Round Tester", "RIGHT"), "fast-hands-1");
        court.key("Space").shows("0 of 16");
        court.key("k").key("Space").key("Space").shows("2 of 16");
        page.clock().runFor(20_000);
        assertThat(page.getByTestId("clock")).hasText(Pattern.compile("0:(20|1\\d)"));
        double before = page.locator(".rounds").boundingBox().y;
        page.clock().runFor(23_000);
        assertThat(page.getByTestId("rest")).isVisible();
        assertThat(page.locator(".rounds").boundingBox().y)
                .as("nothing moves for the rest")
                .isEqualTo(before);
        court.key("Space").shows("2 of 16");
        page.clock().runFor(12_000);
        assertThat(page.getByTestId("rest")).hasClass(Pattern.compile("soon"));
    }

    @Test
    void onTwoHalvesOfAPhoneAndReadFromAfar(Hall hall) {
        Page page = hall.phone();
        Courtside court =
                new Courtside(page).open(hall.address(), hall.newPlayer("Halves Tester", "RIGHT"), "straight-clear-1");
        way(page, "Two halves");
        for (String half : new String[] {"hit-0", "not-0", "hit-0"}) {
            page.getByTestId(half).tap();
        }
        assertThat(page.getByTestId("halves-count")).hasText("2 of 3");
        page.getByTestId("hit-0")
                .evaluate(
                        """
                        (half) => {
                          for (const size of [20, 20, 90]) {
                            half.dispatchEvent(new PointerEvent('pointerdown',
                              { bubbles: true, clientX: 200, clientY: 700, width: size, height: size }))
                          }
                        }
                        """);
        assertThat(page.getByTestId("halves-count")).hasText("3 of 4");
        court.key("Backspace");
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
        Courtside court =
                new Courtside(page).open(hall.address(), hall.newPlayer("Grain Tester", "RIGHT"), "straight-clear-1");
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
    void anOpenSetOfOneSideIsNotTakenUpForTheOther(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Side Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player, "low-serve-1?track=FROM_RIGHT");
        court.key("Space").shows("1 of 8").sent();
        court.open(hall.address(), player, "low-serve-1?track=FROM_LEFT").shows("0 of 8");
        court.key("Space").key("Space").shows("2 of 8").sent();
        court.open(hall.address(), player, "low-serve-1?track=FROM_RIGHT").shows("1 of 8");
    }

    @Test
    void notesAPauseAndTheCountBroughtBackInStep(Hall hall) {
        Page page = hall.tablet();
        Courtside court =
                new Courtside(page).open(hall.address(), hall.newPlayer("Note Tester", "RIGHT"), "straight-clear-1");
        court.row("10").key("l").key("m").key("p");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Go on")))
                .isVisible();
        court.row("1").shows("2 of 3");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Pause to teach")))
                .isVisible();
        court.press("Count is now …");
        Locator count = page.getByLabel("Count", new Page.GetByLabelOptions().setExact(true));
        // The dialog puts the cursor there as it opens; what is typed before that would go elsewhere.
        assertThat(count).isFocused();
        count.fill("6");
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
}
