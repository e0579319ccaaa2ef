package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Rallies, contact by contact. */
@ExtendWith(Club.class)
class RallyTest {

    private static Courtside rallies(Hall hall, Page page) {
        String drill = WaysInTest.drillFor(
                hall, "rallies-of-four", "{\"kind\":\"RALLY\",\"length\":4,\"times\":2,\"tries\":5}");
        return new Courtside(page).open(hall.address(), hall.newPlayer("Rina Rallante", "RIGHT"), drill);
    }

    private static void contacts(Page page, String count) {
        assertThat(page.getByTestId("contacts")).hasText(count);
    }

    @Test
    void theContactsOfARallyOutliveTheirPageAndItsEndSaysWhoMissedAndWhere(Hall hall) {
        Page page = hall.tablet();
        Courtside court = rallies(hall, page);
        for (int i = 0; i < 5; i++) {
            court.key("Space");
        }
        contacts(page, "5 contacts");
        assertThat(court.button("Contact: Feeder")).isVisible();
        court.sent();
        page.reload();
        court.ready();
        contacts(page, "5 contacts");
        court.key("Backspace");
        contacts(page, "4 contacts");

        court.key("ArrowLeft").shows("1 of 2");
        contacts(page, "0 contacts");
        assertThat(page.getByTestId("last-rally")).hasText("Last rally: 4 contacts, Rina missed (wide left)");
        court.key("Backspace");
        contacts(page, "4 contacts");
        court.key("Shift+Backspace").shows("1 of 2");

        court.key("Space").key("Space").press("Feeder missed").shows("1 of 2");
        assertThat(page.getByTestId("last-rally")).containsText("Feeder missed");
        court.key("Space").press("Another end");
        page.getByText("winner by Rina").click();
        assertThat(page.getByTestId("last-rally")).containsText("winner by Rina");
        page.getByLabel("Length of the rally").fill("9");
        court.press("Take it").shows("2 of 2").sent();

        JsonNode over = ChartingTest.storedSet(hall, court).at("/rallies/over");
        assertThat(over.size()).isEqualTo(4);
        assertThat(over.get(0).toString())
                .contains(
                        "\"own\":2",
                        "\"how\":\"ERROR\"",
                        "\"by\":\"PLAYER\"",
                        "\"miss\":\"WIDE\"",
                        "\"side\":\"LEFT\"");
        assertThat(over.at("/1/ending/by").asString()).isEqualTo("FEEDER");
        assertThat(over.at("/2/ending/how").asString()).isEqualTo("WINNER");
        assertThat(over.get(3).has("ending")).as("a length that was typed").isFalse();
        assertThat(over.at("/3/contacts").asInt()).isEqualTo(9);
    }

    @Test
    void withAFingerOnAPhoneAndTheFeederFirst(Hall hall) {
        Page page = Hands.FINGERS_ON_A_PHONE.page(hall);
        Courtside court = rallies(hall, page);
        court.press("Feeder hits first");
        for (String next : "Feeder Rina Feeder Rina".split(" ")) {
            court.press("Contact: " + next);
        }
        court.press("Close rally").shows("1 of 2").sent();
        JsonNode rally = ChartingTest.storedSet(hall, court).at("/rallies/over/0");
        assertThat(rally.at("/ending/how").asString()).isEqualTo("PLANNED");
        assertThat(rally.get("own").asInt()).isEqualTo(2);
        court.key("Backspace");
        contacts(page, "4 contacts");
    }
}
