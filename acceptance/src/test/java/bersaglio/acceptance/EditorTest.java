package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.acceptance.Club.Hall;
import bersaglio.server.StartedServer;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(Club.class)
class EditorTest {

    /** Laid by touch on a badminton half, then typed; what is stored is what was typed. */
    @Test
    void eachKindIsLaidByTouchAndByTyping(Hall hall) {
        Page page = hall.tablet();
        kinds().forEach(kind -> {
            Visit.to(page, hall.address() + "/drills/targets");
            Editor editor =
                    new Editor(page).open(hall.address(), "new/badminton").tool(kind.name());
            kind.lay().accept(editor);
            String name = "A " + kind.name();
            editor.keep(name);
            JsonNode target = hall.target(editor.id());
            assertThat(target.get("name").asString()).isEqualTo(name);
            kind.stored().accept(target.at("/zones/0/asks"));
        });
    }

    private record Kind(String name, Consumer<Editor> lay, Consumer<JsonNode> stored) {}

    private static Stream<Kind> kinds() {
        return Stream.of(
                kind("RECTANGLE", e -> e.touch(1, 4).type("Width", "1.2 m").type("Depth", "4 ft"), asks -> {
                    assertThat(side(asks, "/area/bounds", "left", "right")).isCloseTo(1.2, within(1e-9));
                    assertThat(side(asks, "/area/bounds", "near", "far")).isCloseTo(1.2192, within(1e-9));
                }),
                kind("CIRCLE", e -> e.touch(1, 4).type("Across", "80 cm").type("Right of the middle", "-1 m"), asks -> {
                    assertThat(asks.at("/area/radius").asDouble()).isCloseTo(0.4, within(1e-9));
                    assertThat(asks.at("/area/middle/x").asDouble()).isCloseTo(-1, within(1e-9));
                }),
                kind(
                        "POLYGON",
                        e -> e.touch(-1, 3)
                                .touch(1, 3)
                                .touch(0.5, 5)
                                .touch(-1, 3)
                                .type("Corner 2, from the net", "3.25 m"),
                        asks -> {
                            assertThat(asks.at("/area/corners")).hasSize(3);
                            assertThat(asks.at("/area/corners/1/y").asDouble()).isCloseTo(3.25, within(1e-9));
                        }),
                kind("RINGS", e -> e.touch(0, 4).type("Ring 1, radius", "20 cm"), asks -> assertThat(
                                asks.at("/rings/0/area/radius").asDouble())
                        .isCloseTo(0.2, within(1e-9))),
                kind("STRIP", e -> e.touch(1.2, 6.6).type("Width", "76 cm"), asks -> {
                    assertThat(asks.get("line").asString()).isEqualTo("back");
                    assertThat(asks.get("side").asString()).isEqualTo("SHORT");
                    assertThat(asks.get("width").asDouble()).isCloseTo(0.76, within(1e-9));
                }),
                kind("PAST_LINE", e -> e.touch(1, 2.1), asks -> {
                    assertThat(asks.get("line").asString()).isEqualTo("short-service");
                    assertThat(asks.get("side").asString()).isEqualTo("DEEP");
                }),
                kind("KEEP_AWAY", e -> e.touch(1, 4).type("Width", "1 m"), asks -> assertThat(
                                side(asks, "/area/bounds", "left", "right"))
                        .isCloseTo(1, within(1e-9))),
                kind("GOOD_BANDS", e -> e.touch(0, 4).type("Bad from", "3.9 m").type("Bad to", "4.1 m"), asks -> {
                    assertThat(asks.at("/middle/bounds/near").asDouble()).isCloseTo(3.9, within(1e-9));
                    assertThat(asks.at("/middle/bounds/far").asDouble()).isCloseTo(4.1, within(1e-9));
                }),
                kind("AIM_POINT", e -> e.touch(1, 4).type("Aim, right", "1.1 m"), asks -> assertThat(
                                asks.at("/aim/x").asDouble())
                        .isCloseTo(1.1, within(1e-9))),
                kind("BY_STANCE", e -> e.touch(1, 4).choose("Drawn from", "The widest gap"), asks -> assertThat(
                                asks.get("anchor").asString())
                        .isEqualTo("GAP")),
                kind("EFFECT", e -> e.choose("What it does", "Could not attack"), asks -> assertThat(
                                asks.get("effect").asString())
                        .isEqualTo("COULD_NOT_ATTACK")),
                kind("IN_ORDER", e -> e.type("Up to", "2.2 m"), asks -> {
                    assertThat(asks.at("/parts/0/plane").asString()).isEqualTo("OVER_NET");
                    assertThat(asks.at("/parts/0/asks/to").asDouble()).isCloseTo(2.2, within(1e-9));
                    assertThat(asks.at("/parts/1/plane").asString()).isEqualTo("FLOOR");
                }));
    }

    private static Kind kind(String kind, Consumer<Editor> lay, Consumer<JsonNode> stored) {
        return new Kind(kind, lay, stored);
    }

    private static double side(JsonNode asks, String bounds, String from, String to) {
        return asks.at(bounds + "/" + to).asDouble()
                - asks.at(bounds + "/" + from).asDouble();
    }

    @Test
    void aZoneIsDraggedNudgedMirroredAndEveryStepUndone(Hall hall) {
        Editor editor = new Editor(hall.tablet()).open(hall.address(), "new/badminton");
        editor.tool("RECTANGLE").touch(1, 4).type("Width", "1 m").type("Depth", "1 m");
        editor.type("Right of the middle", "1 m").type("From the net", "4 m");
        editor.drag(1, 4, 1.5, 4.3);
        assertThat(editor.field("Right of the middle")).hasValue("1.50 m");
        assertThat(editor.field("From the net")).hasValue("4.30 m");
        editor.drag(2, 4.8, 2.58, 5.5); // a corner, let go near the singles side line
        assertThat(editor.field("Width")).hasValue("1.59 m");
        editor.press("Choose and drag").key("Shift+ArrowUp").key("ArrowLeft");
        assertThat(editor.field("Right of the middle")).hasValue("1.79 m");
        editor.press("Mirror");
        assertThat(editor.field("Right of the middle")).hasValue("-1.79 m");
        editor.key("Control+z")
                .key("Control+z")
                .key("Control+z")
                .key("Control+z")
                .key("Control+z");
        assertThat(editor.field("Right of the middle")).hasValue("1.00 m");
        editor.press("Redo");
        assertThat(editor.field("Right of the middle")).hasValue("1.50 m");
    }

    @Test
    void whatDoesNotFitIsSaidInItsPlaceAndTheDraftIsKept(Hall hall) {
        Page page = hall.tablet();
        Editor editor = new Editor(page).open(hall.address(), "new/badminton");
        editor.tool("CIRCLE").touch(1, 4);
        page.reload();
        assertThat(editor.field("Across")).isVisible();
        editor.type("Across", "7 parsecs");
        assertThat(page.getByText("\"parsecs\" is no unit known here")).isVisible();
        editor.type("Across", "80 cm").keep("Kept circle");
        String id = editor.id();
        editor.open(hall.address(), id).tool("RECTANGLE").touch(1, 4.2);
        editor.says("zone 2 overlaps: it must be clear of zone 1");
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Keep").setExact(true)))
                .isDisabled();
        page.reload();
        editor.says("zone 2 overlaps");
        editor.press("Zone 2 decides earlier").press("Keep").says("Kept as version 2");
        JsonNode kept = hall.target(id);
        assertThat(kept.get("precedence").get(0).asInt()).isEqualTo(2);
        assertThat(kept.get("zones")).hasSize(2);
        editor.key("ArrowUp").press("Give up the draft");
        page.reload();
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Keep").setExact(true)))
                .isDisabled();
    }

    @Test
    void aTouchAnywhereSaysWhatAShotThereWouldBe(Hall hall) {
        Editor editor = new Editor(hall.tablet()).open(hall.address(), "new/badminton");
        editor.tool("RECTANGLE").touch(1, 4).type("Width", "1 m").type("Depth", "1 m");
        editor.type("Right of the middle", "1 m").type("From the net", "4 m");
        editor.press("Try it out").touch(1, 4.4).says("Here: Hit, 0.10 m inside the edge");
        editor.touch(1, 5).says("Here: In deep, 0.50 m from the edge");
        editor.touch(1, 6.9).says("Here: Long");
    }

    @Test
    void outAsAFileOffTheShelfAndInAgainItIsTheSame(Hall hall) throws IOException {
        Page page = hall.tablet();
        Editor editor = new Editor(page).open(hall.address(), "new/tennis");
        editor.tool("RINGS").touch(1, 8).keep("Rings to carry");
        String id = editor.id();
        JsonNode before = hall.target(id);
        Visit.to(page, hall.address() + "/drills/targets");
        var card = page.locator("li")
                .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Rings to carry"));
        Download file = page.waitForDownload(() -> card.getByText("GeoJSON").click());
        Path saved = Files.createTempDirectory("geo").resolve("rings.geojson");
        file.saveAs(saved);
        card.getByRole(
                        AriaRole.BUTTON,
                        new com.microsoft.playwright.Locator.GetByRoleOptions().setName("Remove Rings to carry"))
                .click();
        assertThat(card).hasCount(0);
        page.locator("input[type=file]").setInputFiles(saved);
        assertThat(card).hasCount(1);
        assertThat(hall.target(id)).isEqualTo(before);
        Files.writeString(saved, "{\"type\":");
        hall.expects("400");
        page.locator("input[type=file]").setInputFiles(saved);
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("The text is no JSON, at line 1");
        assertThat(card).hasCount(1);
    }

    @Test
    void aPictureOfTheCourtStandsAlone(Hall hall) throws IOException {
        Page page = hall.tablet();
        new Editor(page).open(hall.address(), "padel-depth").press("Court");
        Path folder = Files.createTempDirectory("pictures");
        Download svg =
                page.waitForDownload(() -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("SVG"))
                        .click());
        svg.saveAs(folder.resolve("court.svg"));
        assertThat(Files.readString(folder.resolve("court.svg")))
                .startsWith("<svg")
                .contains("http://www.w3.org/2000/svg", "2 Middle")
                .doesNotContain("var(--");
        Download png =
                page.waitForDownload(() -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("PNG"))
                        .click());
        png.saveAs(folder.resolve("court.png"));
        assertThat(ImageIO.read(folder.resolve("court.png").toFile()).getWidth())
                .isEqualTo(1600);
    }

    /** A target drawn here is given to a level of the drill, and the next set is judged by it, on the player's own rung. */
    @Test
    void theDrillUsesATargetMadeThisWay(Hall hall) throws IOException {
        try (StartedServer own = StartedServer.withDemo()) {
            Page page = hall.tablet();
            String address = "http://localhost:" + own.port();
            String player = java.util.UUID.randomUUID().toString();
            own.put("/api/players/" + player, "{\"name\":\"Target Tester\",\"hand\":\"RIGHT\"}");
            Editor editor = new Editor(page).open(address, "new/badminton");
            editor.tool("CIRCLE").touch(-1, 3).type("Across", "2 m").keep("Left short");
            editor.press("Court").press("Use in a drill");
            page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.COMBOBOX).first().click();
            page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Straight clear"))
                    .click();
            page.getByRole(AriaRole.DIALOG)
                    .getByRole(
                            AriaRole.BUTTON,
                            new com.microsoft.playwright.Locator.GetByRoleOptions().setName("Use in a drill"))
                    .click();
            editor.says("The drill has a new version with this target.");
            Visit.to(page, address + "/courtside/" + player + "/straight-clear-2");
            Courtside court = new Courtside(page).ready();
            court.touch(-1.4, 3.2).shows("1 of 1").touch(2, 6.2).shows("1 of 2").sent();
        }
    }
}
