package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Comparator;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(Club.class)
class PlacesTest {

    private static final Map<String, Double> ACROSS =
            Map.of("the net", 0.0, "the back line", 6.7, "the short service line", 1.98, "the long service line", 5.94);
    private static final Map<String, Double> ALONG = Map.of(
            "the centre line", 0.0,
            "the left side line for singles", -2.59,
            "the right side line for singles", 2.59,
            "the left side line", -3.05,
            "the right side line", 3.05);

    /** Where a line lies that is named in a text; the longest name that fits. */
    private static double named(String text, Map<String, Double> lines) {
        return lines.entrySet().stream()
                .filter(line -> text.contains(line.getKey()))
                .max(Comparator.comparingInt(line -> line.getKey().length()))
                .orElseThrow()
                .getValue();
    }

    @Test
    void aPlaceIsMadeWithItsOwnMeasureAndTheEyeIsCheckedThere(Hall hall) {
        Page page = hall.tablet();
        Visit.to(page, hall.address() + "/drills/places");
        button(page, "New place").first().click();
        Locator dialog = page.getByTestId("place-editor");
        dialog.getByLabel("Name").fill("Hall court 9");
        button(page, "Add a measure").click();
        dialog.getByLabel("Is as long as").fill("45 cm");
        dialog.getByLabel("Is as long as").press("Tab");
        button(page, "Keep").click();
        Locator card = page.locator("li").filter(new Locator.FilterOptions().setHasText("Hall court 9"));
        assertThat(card).containsText("One tile is 0.45 m");
        assertThat(card).containsText("not measured yet");
        card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Check your eye"))
                .click();
        Courtside court = new Courtside(page);
        page.getByTestId("check").waitFor();
        for (int touch = 1; touch <= 10; touch++) {
            assertThat(page.getByTestId("spot")).containsText(touch + " of 10");
            String spot = page.getByTestId("spot").innerText();
            court.touch(0.2 + named(spot.substring(spot.indexOf("meets")), ALONG), named(spot, ACROSS));
        }
        button(page, "Keep").click();
        // Each touch was 20 cm to the right: 14 cm on each axis.
        assertThat(card).containsText("Your own error here: 0.14 m");
    }

    @Test
    void aCourtOfItsOwnMeasurementsCanBeDrawnOn(Hall hall) {
        Page page = hall.tablet();
        Visit.to(page, hall.address() + "/drills/places");
        button(page, "New place").first().click();
        Locator dialog = page.getByTestId("place-editor");
        dialog.getByLabel("Name").fill("Lakeside yard");
        dialog.getByRole(AriaRole.COMBOBOX).first().click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("By its own measurements"))
                .click();
        dialog.getByLabel("Depth, from the net").fill("5 m");
        dialog.getByLabel("Depth, from the net").press("Tab");
        button(page, "Add a line").click();
        button(page, "Keep").click();
        assertThat(page.locator("li").filter(new Locator.FilterOptions().setHasText("Lakeside yard")))
                .isVisible();
        String court = "";
        for (JsonNode place : hall.server().get("/api/club").get("places")) {
            court = place.get("name").asString().equals("Lakeside yard")
                    ? place.get("court").asString()
                    : court;
        }
        Editor editor = new Editor(page).open(hall.address(), "new/" + court);
        editor.tool("PAST_LINE").touch(0.5, 2.2).keep("Past the yard line");
        editor.press("Try it out").touch(1, 3).says("Here: Hit").touch(1, 5.2).says("Here: Long");
    }

    /** A target laid otherwise than drawn is judged as laid, and its results are told apart. */
    @Test
    void whatWasReallyLaidIsJudged(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Laid Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player);
        court.press("How to lay it");
        page.getByTestId("laying").getByLabel("Width").fill("1 m");
        page.getByTestId("laying").getByLabel("Width").press("Enter");
        assertThat(page.getByText("Laid as drawn after all")).isVisible();
        court.press("Close");
        court.touch(1.2, 6).shows("0 of 1").touch(2, 5.4).shows("1 of 2").sent();
        assertThat(page.getByTestId("laid")).containsText("Laid otherwise");
        JsonNode line = hall.server()
                .get("/api/players/" + player + "/ledger?drill=straight-clear-1")
                .at("/sets/0");
        assertThat(line.get("laid").asString()).startsWith("1:1590,4500,2590,6700");
        page.reload();
        court.ready();
        WaysInTest.way(page, "Zones");
        court.touch(1.2, 5.4).shows("1 of 3").touch(2.2, 5.4).shows("2 of 4");
    }

    /** Charted the wrong way round: half a turn about the middle of the half puts every landing right. */
    @Test
    void aSetChartedTheWrongWayRoundIsTurnedByOneTouch(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Turn Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player);
        court.touch(-2, 0.6)
                .shows("0 of 1")
                .touch(-1.2, 1.4)
                .shows("0 of 2")
                .press("Close set")
                .sent();
        Visit.to(page, hall.address() + "/players/" + player);
        button(page, "Turn round").click();
        assertThat(page.locator("td.count-cell").first()).hasText("2 of 2");
    }

    /** Over the net within a band, then the landing: two touches a shot, the second on the other surface. */
    @Test
    void aTargetInOrderIsChartedPlaceByPlace(Hall hall) throws java.io.IOException {
        try (StartedServer own = StartedServer.withDemo()) {
            own.post("/api/drills/straight-clear/levels/1/target", "{\"target\":\"short-serve\"}");
            String player = Device.newId();
            own.put("/api/players/" + player, "{\"name\":\"Order Tester\",\"hand\":\"RIGHT\"}");
            Page page = hall.tablet();
            Visit.to(page, "http://localhost:" + own.port() + "/courtside/" + player + "/straight-clear-2");
            Courtside court = new Courtside(page).ready();
            assertThat(page.getByTestId("stage")).containsText("1 of 2: over the net");
            court.touch(0.5, 1.7);
            assertThat(page.getByTestId("stage")).containsText("2 of 2: the floor");
            court.touch(0.6, 2.3).shows("1 of 1");
            assertThat(page.getByTestId("stage")).containsText("1 of 2");
            court.touch(-1, 1.0).shows("1 of 2").sent();
            JsonNode run = own.get("/api/players/" + player + "/ledger?drill=straight-clear-2")
                    .at("/sets/0");
            JsonNode shots = own.get("/api/runs/" + run.get("run").asString()).at("/set/shots");
            assertThat(shots.get(0).get("before")).hasSize(1);
            assertThat(shots.get(1).at("/ruling/outcome").asString()).isEqualTo("NET");
        }
    }

    /** Rings show their points; an effect is said by one key, of the shot just charted. */
    @Test
    void ringsGivePointsAndAnEffectIsSaidByOneKey(Hall hall) throws java.io.IOException {
        try (StartedServer own = StartedServer.withDemo()) {
            own.post("/api/drills/straight-clear/levels/1/target", "{\"target\":\"net-drop\",\"ring\":2}");
            String player = Device.newId();
            own.put("/api/players/" + player, "{\"name\":\"Ring Tester\",\"hand\":\"RIGHT\"}");
            String address = "http://localhost:" + own.port();
            Page page = hall.tablet();
            Visit.to(page, address + "/courtside/" + player + "/straight-clear-2");
            Courtside court = new Courtside(page).ready();
            court.touch(0.1, 0.9)
                    .shows("1 of 1")
                    .touch(0.75, 0.9)
                    .shows("1 of 2")
                    .sent();
            assertThat(page.getByTestId("best")).containsText("4 points");

            Editor editor = new Editor(page).open(address, "new/badminton");
            editor.tool("EFFECT").keep("Moved early");
            own.post("/api/drills/straight-clear/levels/1/target", "{\"target\":\"" + editor.id() + "\"}");
            Visit.to(page, address + "/courtside/" + player + "/straight-clear-3");
            court.ready().touch(1, 4).shows("0 of 1");
            assertThat(page.getByText("Did it have its effect?")).isVisible();
            court.key("e").shows("1 of 1").key("e").shows("2 of 2").sent();
        }
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
