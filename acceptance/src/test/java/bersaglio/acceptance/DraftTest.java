package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Targets drawn without a pointer, on a phone, without a network, and the court in use drawn under them. */
@ExtendWith(Club.class)
class DraftTest {

    @Test
    void aTargetIsLaidAndMovedByKeysAlone(Hall hall) {
        Page page = hall.tablet();
        Editor editor = new Editor(page).open(hall.address(), "new/badminton");
        focusOn(page, "Circle");
        editor.key("Enter").key("Escape");
        focusOn(page, "Circle");
        editor.key("Enter").key("Enter");
        page.keyboard().press("Shift+ArrowRight");
        page.keyboard().press("ArrowUp");
        page.getByLabel("Across", new Page.GetByLabelOptions().setExact(true)).focus();
        page.keyboard().press("Control+a");
        page.keyboard().type("90 cm");
        page.keyboard().press("Enter");
        focusOn(page, "Keep");
        editor.key("Enter").says("Kept as version 1");
        JsonNode area = hall.target(editor.id()).at("/zones/0/asks/area");
        assertThat(area.get("radius").asDouble()).isCloseTo(0.45, within(1e-9));
        assertThat(area.at("/middle/x").asDouble()).isCloseTo(0.1, within(1e-9));
        assertThat(area.at("/middle/y").asDouble()).isCloseTo(3.36, within(1e-9));
    }

    private static void focusOn(Page page, String button) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(button).setExact(true))
                .focus();
    }

    /** Nothing drawn is lost while the phone is out of reach, and it is kept once it is back. */
    @Test
    void onAPhoneWithoutANetworkTheDraftStays(Hall hall) {
        Page page = hall.phone();
        Editor editor = new Editor(page).open(hall.address(), "new/badminton");
        page.context().setOffline(true);
        editor.tool("RECTANGLE").touch(-1, 5).type("Width", "1.5 m").type("Target", "Drawn on the bench");
        editor.press("Keep").says("Not kept: no connection. Your draft stays on this device.");
        Object overflow = page.evaluate("document.documentElement.scrollWidth - innerWidth");
        assertThat(((Number) overflow).intValue()).isLessThanOrEqualTo(0);
        page.context().setOffline(false);
        page.reload();
        assertThat(editor.field("Width")).hasValue("1.50 m");
        editor.press("Keep").says("Kept as version 1");
        assertThat(hall.target(editor.id()).get("name").asString()).isEqualTo("Drawn on the bench");
    }

    @Test
    void whatIsInUseIsDrawnAndDecidesWhatIsOut(Hall hall) {
        Editor editor = new Editor(hall.tablet()).open(hall.address(), "new/badminton");
        editor.tool("CIRCLE").touch(0, 4).type("Across", "1 m").press("Court");
        editor.choose("Court in use", "As drawn on the court");
        assertThat(editor.field("Width")).hasValue("5.18 m");
        editor.drag(2.59, 6.7, 1.5, 5.2);
        assertThat(editor.field("Depth")).hasValue("5.20 m");
        editor.key("ArrowLeft").key("ArrowRight");
        editor.press("Try it out").touch(1, 5.5).says("Here: Long");
        editor.touch(1, 4.8).says("Here: In");
        editor.press("Choose and drag").tool("POLYGON");
        editor.touch(-2, 0.5).touch(2, 0.5).touch(0, 6).touch(-2, 0.5);
        assertThat(editor.field("Corner 3, from the net")).hasValue("5.94 m"); // the long service line is near
        editor.press("Try it out").touch(1.8, 4).says("Here: Wide right");
        editor.keep("A triangle in use");
        assertThat(hall.target(editor.id()).at("/inUse/drawn/corners")).hasSize(3);
    }

    @Test
    void theWholeCourtIsDrawnAndGivesTheSamePlaces(Hall hall) {
        Page page = hall.tablet();
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Whole Tester", "RIGHT"));
        double half = page.locator("svg.court").first().boundingBox().width;
        court.press("Draw both halves of the court").touch(2.2, 6.2).shows("1 of 1");
        court.press("Turn the court").touchDrawn(1.2, -2.2).shows("1 of 2");
        assertThat(page.locator("svg.court .floor").count()).isPositive();
        assertThat(page.locator("svg.court").first().boundingBox().width).isLessThanOrEqualTo(half);
        JsonNode shots = ChartingTest.storedSet(hall, court).get("shots");
        assertThat(shots.at("/0/x").asDouble()).isCloseTo(2.2, within(0.02));
        assertThat(shots.at("/0/y").asDouble()).isCloseTo(6.2, within(0.02));
        assertThat(shots.at("/1/x").asDouble()).isCloseTo(2.2, within(0.02));
        assertThat(shots.at("/1/y").asDouble()).isCloseTo(-1.2, within(0.02));
    }
}
