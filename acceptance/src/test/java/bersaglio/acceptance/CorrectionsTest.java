package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Page;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(Club.class)
class CorrectionsTest {

    @Test
    void aClosedSetIsOpenedAgainAndItsLevelMoveGoesBack(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Reopen Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player);
        court.row("111111").press("Close set").press("Move up to level 2");
        court.press("Open the set again").shows("6 of 6");
        assertThat(page.getByText("level 1 of 6")).isVisible();
        court.press("Undo").shows("5 of 5").row("0").press("Close set");
        assertThat(court.verdict()).containsText("Stay: 5 of 6 do not yet tell");
        court.sent();
        Visit.to(page, hall.address() + "/players/" + player);
        assertThat(page.getByText("Level 1 of 6")).isVisible();
        assertThat(page.locator("tbody tr")).containsText("Ended early");
    }

    @Test
    void movedOnUnmetIsKeptAsWhatItIs(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Unmet Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player);
        court.row("00000").press("Close set").press("Move up unmet");
        assertThat(page.getByTestId("decided")).containsText("unmet, by the coach");
        court.sent();
        Visit.to(page, hall.address() + "/players/" + player);
        assertThat(page.getByText("Level 2 of 6")).isVisible();
        assertThat(page.locator("tbody tr")).containsText("Not met");
        assertThat(page.locator("tbody tr")).containsText("moved on unmet");
    }

    @Test
    void aSetIsStruckOutAndCountedAgain(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Strike Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player);
        court.row("1111").press("Close set").sent();
        Visit.to(page, hall.address() + "/players/" + player);
        court.press("Strike out");
        assertThat(page.locator("tbody tr")).containsText("Struck out");
        assertThat(page.locator(".drawing .mark")).hasCount(0);
        page.locator("tbody button").click();
        court.press("Count it again");
        assertThat(page.locator(".drawing .mark")).hasCount(4);
    }

    @Test
    void anotherDeviceGoesOnWithTheSetOpenly(Hall hall) {
        String player = hall.newPlayer("Pen Tester", "RIGHT");
        Courtside first = new Courtside(hall.tablet()).open(hall.address(), player);
        first.row("110").sent();
        Courtside second = new Courtside(hall.tablet()).open(hall.address(), player);
        second.shows("2 of 3");
        assertThat(second.page().getByText("This was written on another device"))
                .isVisible();
        second.row("1").shows("3 of 4").sent();
        first.row("0").sent();
        assertThat(first.page().getByTestId("watching")).containsText("Another device has taken this over");
        JsonNode set = ChartingTest.storedSet(hall, second);
        Assertions.assertThat(set.get("trials").asInt()).isEqualTo(4);
        Assertions.assertThat(set.get("claims").asInt()).isEqualTo(1);

        first.press("Chart here").shows("3 of 4").row("1").shows("4 of 5").sent();
        assertThat(first.page().getByTestId("watching")).hasCount(0);
        assertThat(first.page().getByText("One entry of another device, made after this one took over"))
                .isVisible();
    }
}
