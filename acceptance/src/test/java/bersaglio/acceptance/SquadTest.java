package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Several at once: a queue, the squad, a progression. */
@ExtendWith(Club.class)
class SquadTest {

    private static void press(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first()
                .click();
    }

    /** Nora is away for a turn, and one of Elio's balls was Livia's: everyone's balls stay their own. */
    @Test
    void aQueueOfFiveKeepsEachPlayersBallsApart(Hall hall) {
        List<String> ids = new ArrayList<>();
        List<String> names = List.of("Quirina", "Quinto", "Quasia", "Quercia", "Quadro");
        names.forEach(name -> ids.add(hall.newPlayer(name + " Fila", "RIGHT")));
        Page page = hall.tablet();
        page.navigate(hall.address() + "/queue/straight-clear-1");
        for (String name : names) {
            press(page, name + " Fila");
        }
        page.getByLabel("Balls a turn").fill("2");
        press(page, "Start the queue");
        Locator hitter = page.getByTestId("hitter");
        assertThat(hitter).hasText("Quirina");
        Courtside court = new Courtside(page).ready();
        court.row("1").touch(2.2, 6.2);
        assertThat(hitter).hasText("Quinto");
        court.ready().key("q");
        assertThat(hitter).hasText("Quasia");
        court.ready().row("1").shows("1 of 1");

        press(page, "Quercia");
        page.getByText("That was Quercia").click();
        assertThat(hitter).hasText("Quercia");
        court.ready().shows("1 of 1").touch(0.5, 2.6);
        assertThat(hitter).hasText("Quadro");
        court.ready().row("1").sent();
        press(page, "Close the sets and end");
        assertThat(page.getByText("Another drill")).isVisible();
        court.sent();

        String trials = "";
        for (String id : ids) {
            JsonNode sets = hall.server()
                    .get("/api/players/" + id + "/ledger?drill=straight-clear-1")
                    .get("sets");
            trials += (sets.isEmpty() ? "-" : sets.get(0).get("trials").asString()) + " ";
        }
        assertThat(trials).isEqualTo("11 -  10 1 ");
    }

    @Test
    void theSquadIsLookedOverAndOneTouchStartsADrill(Hall hall) {
        Page page = hall.tablet();
        page.navigate(hall.address() + "/squad");
        String name = "Livia Sambuco, Straight clear: level";
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name)).click();
        new Courtside(page).ready();
        assertThat(page.getByText("Livia Sambuco").first()).isVisible();
    }

    @Test
    void anUnplannedDrillStartsInThreeTouchesAndComesFirstNextTime(Hall hall) {
        Page page = hall.tablet();
        page.navigate(hall.address());
        page.getByTestId("other-drills").getByText(Pattern.compile("^All \\d+")).click();
        page.getByTestId("other-drills").getByText("Low serve").click();
        page.getByTestId("other-players").getByText("Teo Mirtillo").click();
        new Courtside(page).ready().key("u");
        assertThat(page.getByTestId("best")).containsText("1 not seen");
        page.navigate(hall.address());
        assertThat(page.getByTestId("other-drills").getByRole(AriaRole.BUTTON).first())
                .hasText("Low serve");
    }

    @Test
    void aProgressionSaysWhereThePlayerStandsAndTheCoachCanDecideOtherwise(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Progress Tester", "RIGHT");
        new Courtside(page)
                .open(hall.address(), player)
                .row("11")
                .key("Shift+Enter")
                .sent();
        page.navigate(hall.address() + "/players/" + player + "/progressions/straight-clear-1?track=");
        assertThat(page.getByTestId("to-move")).containsText("1 more set could move it");
        assertThat(page.getByText("Level 1 of 6")).isVisible();
        press(page, "Move up to level 2");
        assertThat(page.getByText("Level 2 of 6")).isVisible();
        assertThat(page.getByText("level 1 to 2 by the coach.")).isVisible();
    }

    @Test
    void oneLineForEachPlayerWhoIsExpected(Hall hall) {
        Page page = hall.tablet();
        page.navigate(hall.address());
        page.getByText("Thirty seconds before the session").click();
        Locator lines = page.getByTestId("brief").filter(new Locator.FilterOptions().setHasText("Nora Ginestra"));
        assertThat(lines).hasCount(1);
        assertThat(lines).containsText("Straight clear");
        press(page, "Nora");
        assertThat(lines).hasCount(0);
    }
}
