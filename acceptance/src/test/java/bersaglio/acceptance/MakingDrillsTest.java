package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Drills found, made and changed on a page, by touch and in words. */
@ExtendWith(Club.class)
class MakingDrillsTest {

    private static StartedServer own;

    @BeforeAll
    static void start() throws IOException {
        own = StartedServer.withDemo();
    }

    @AfterAll
    static void stop() {
        own.close();
    }

    private static Page open(Page page, String path) {
        Visit.to(page, "http://localhost:" + own.port() + path);
        return page;
    }

    @Test
    void theLibraryIsSearchedByWhatACoachAsksFor(Hall hall) {
        Page page = open(hall.tablet(), "/drills");
        Locator found = page.getByTestId("found");
        assertThat(found).containsText(Pattern.compile("[67]\\d drills"));
        choose(page, "Court", "Padel");
        Locator purpose = page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Purpose"));
        purpose.fill("Voll");
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName("Volley").setExact(true))
                .click();
        choose(page, "Freedom", "Game");
        assertThat(found).hasText("1 drill");
        assertThat(page.getByText("Duel at the net")).isVisible();
        choose(page, "Players", "12 players");
        assertThat(page.getByText("No drill fits")).isVisible();
        choose(page, "Players", "Any group");
        choose(page, "Length", "At most 10 min");
        assertThat(found).hasText("0 drills");
    }

    /** The drill's own page comes when the server has it. */
    private static void store(Page page) {
        press(page, "Store");
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Change")))
                .isVisible();
    }

    @Test
    void aDrillWithLevelsThatGrowIsMadeByTouch(Hall hall) {
        Page page = open(hall.tablet(), "/drills/new/badminton");
        field(page, "Name").fill("Own corner");
        choose(page, "Goal", "Run of hits");
        field(page, "Hits").fill("4");
        field(page, "Balls").fill("20");
        choose(page, "Each level", "more of the goal");
        field(page, "Levels").fill("2");
        press(page, "Add these levels");
        assertThat(page.locator(".rungs ol button")).hasCount(3);
        press(page, "Add a level");
        field(page, "Hits").fill("3");
        assertThat(page.getByTestId("easier")).hasText(Pattern.compile("Level 4 is easier than level 3\\..*"));
        press(page, "Remove level 4");
        assertThat(page.getByTestId("easier")).hasCount(0);
        field(page, "Hits").fill("21");
        assertThat(page.getByTestId("drill-problem")).containsText("of level 3 is 20; allowed: 21 to 2000.");
        assertThat(button(page, "Store")).isDisabled();
        page.reload();
        assertThat(page.getByText("Draft kept on this device")).isVisible();
        page.locator(".rungs ol button").nth(2).click();
        field(page, "Hits").fill("6");
        store(page);
        assertThat(page.getByText("6 in a row within 20 balls")).isVisible();
        assertThat(page.getByTestId("forecast")).isVisible();
        JsonNode stored = own.drill("own-corner");
        assertThat(stored.get("levels")).hasSize(3);
        assertThat(stored.at("/levels/2/goal/hits").asInt()).isEqualTo(6);
        assertThat(stored.at("/levels/1/goal/hits").asInt()).isEqualTo(5);
    }

    @Test
    void aDrillIsWrittenWithWhatComesNextAndWrongWordsAreShownAtTheirPlace(Hall hall) {
        Page page = open(hall.tablet(), "/drills/new/padel");
        press(page, "Words");
        Locator text = page.getByLabel("The drill in words");
        text.fill("");
        press(page, "drill");
        press(page, "words in quotes");
        text.pressSequentially("Lob and hold");
        text.press("ArrowRight");
        text.pressSequentially(" on pad");
        text.press("Tab");
        text.pressSequentially(
                """
                serves "Defence"
                level
                  target "Deep" zone 1 "Deep" all deep of service
                  goal 6 hits of 10 balls
                  up after 2 met off""");
        Locator says = page.getByTestId("words-say");
        assertThat(says)
                .containsText("Line 5, column 18: \"off\" is not understood here. What could stand here: of the last.");
        press(page, "Show the place");
        assertThat((String) page.evaluate("() => window.getSelection().toString()"))
                .isEqualTo("off");
        text.pressSequentially("of the last 3 sets then 2 levels, each 1 more");
        assertThat(says).hasText("Understood: a drill of 3 levels.");
        store(page);
        assertThat(own.drill("lob-and-hold").at("/levels/2/goal/hits").asInt()).isEqualTo(8);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Change"))
                .click();
        choose(page, "Moves up", "when the coach says");
        store(page);
        assertThat(page.getByText("version 2")).isVisible();
        assertThat(own.drill("lob-and-hold").at("/levels/0/advance/rule").asString())
                .isEqualTo("coach");
    }

    @Test
    void aCopyIsMirroredAndADrillGoesOutAndComesBackAsAFile(Hall hall) throws IOException {
        Page page = open(hall.tablet(), "/drills/deep-cross-court");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Mirror"))
                .click();
        assertThat(field(page, "Name")).hasValue("Deep cross-court, mirrored");
        store(page);
        assertThat(page.getByText("Deep cross-court, mirrored")).isVisible();
        double left = own.drill("deep-cross-court-mirrored")
                .at("/levels/0/target/zones/0/asks/area/bounds/left")
                .asDouble();
        assertThat(left).isEqualTo(0.5);

        Download saved = page.waitForDownload(
                () -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Save as JSON"))
                        .click());
        String file = Files.readString(saved.path());
        open(page, "/drills");
        hall.expects("400");
        bringIn(page, file.replace("\"schema\": 1", "\"schema\": 9"));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("newer than this program");
        bringIn(
                page,
                file.replace("Deep cross-court, mirrored", "From another club")
                        .replace("deep-cross-court-mirrored", "from-another-club"));
        assertThat(page.getByText("From another club")).isVisible();
    }

    private static void bringIn(Page page, String file) {
        page.getByLabel("Bring in a drill", new Page.GetByLabelOptions().setExact(true))
                .last()
                .setInputFiles(
                        new FilePayload("drill.json", "application/json", file.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void aCardAndABlankSheetArePrintedOnOnePageEach(Hall hall) {
        for (String sheet : new String[] {"card", "tally"}) {
            for (String family : new String[] {"three-corner-ladder", "net-shot-from-a-hand-feed", "straight-clear"}) {
                Page page = open(hall.tablet(), "/drills/" + family + "/print/" + sheet);
                page.locator(".printed-page article").waitFor();
                byte[] pdf = page.pdf(new Page.PdfOptions().setFormat("A4"));
                String text = new String(pdf, StandardCharsets.ISO_8859_1);
                assertThat(text.split("/Type\\s*/Page[^s]", -1).length - 1)
                        .as("pages of the %s of %s", sheet, family)
                        .isEqualTo(1);
            }
        }
    }

    /** Balls for the range never count; and each wing stands on its own rung. */
    @Test
    void theRangeIsFoundFirstAndEachWingStandsOnItsOwnRung(Hall hall) {
        String player = Device.newId();
        own.put("/api/players/" + player, "{\"name\":\"Range Tester\",\"hand\":\"RIGHT\"}");
        JsonNode clear = own.drill("straight-clear");
        String body = clear.toString()
                .replace("\"rangeFinding\":\"NONE\"", "\"rangeFinding\":\"UNTIL_THE_COACH_SAYS\"")
                .replace("\"apart\":[]", "\"apart\":[\"WING\"]")
                .replace("\"name\":\"Straight clear\"", "\"name\":\"Clear by wing\"");
        assertThat(own.put("/api/drills/clear-by-wing?basedOn=0", body).statusCode())
                .isEqualTo(201);
        Page page = open(hall.tablet(), "/drills/clear-by-wing");
        choose(page, "For", "Range Tester");
        choose(page, "Which", "backhand");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Start a set"))
                .click();
        Courtside court = new Courtside(page).ready();
        court.row("11").shows("0 of 0");
        court.press("From now on it counts").row("11111111").shows("8 of 8").press("Close set");
        court.press("Move up to level 2").sent().press("Next set");
        assertThat(page.getByText("level 2 of 6")).isVisible();
        choose(page, "Which", "forehand");
        assertThat(page.getByText("level 1 of 6")).isVisible();
        open(page, "/");
        Locator row = page.locator("li").filter(new Locator.FilterOptions().setHasText("Range Tester"));
        row.locator("summary").click();
        assertThat(row.getByText("Clear by wing, backhand")).isVisible();
    }

    @Test
    void aCalledNumberIsKeptAndTheChanceFromHereIsToldOnATouch(Hall hall) {
        String player = Device.newId();
        own.put("/api/players/" + player, "{\"name\":\"Chance Tester\",\"hand\":\"RIGHT\"}");
        Courtside court = new Courtside(hall.tablet()).open("http://localhost:" + own.port(), player);
        court.press("Call a number");
        field(court.page(), "Number called").fill("9");
        court.press("Call it");
        assertThat(court.page().getByTestId("called")).hasText("Called: 9");
        court.row("1101").press("Chance from here");
        assertThat(court.page().getByTestId("from-here")).containsText("Too few to say");
        court.row("1").press("Chance from here");
        assertThat(court.page().getByTestId("from-here"))
                .containsText(Pattern.compile("From here: \\d+.% to meet it, at 75.% each \\(5"));
        court.row("1");
        assertThat(court.page().getByTestId("from-here")).hasCount(0);
    }

    private static Locator field(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
                .first();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void press(Page page, String name) {
        button(page, name).click();
    }

    static void choose(Page page, String label, String option) {
        page.locator(".v-input:has(label:text-is(\"" + label + "\"))").first().click();
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(option).setExact(true))
                .click();
    }
}
