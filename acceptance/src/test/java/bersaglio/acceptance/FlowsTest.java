package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;

/** What happens beside a court, from the first ball to what is stored, with fingers on a phone and with keys alone. */
@ExtendWith(Club.class)
class FlowsTest {

    /** A count that the two sides dispute, with what each of them says. */
    private static void settle(Page page, String count, String... claims) {
        page.getByLabel("Count", new Page.GetByLabelOptions().setExact(true)).fill(count);
        page.getByLabel("They do not agree").check();
        for (int i = 0; i < claims.length; i += 2) {
            page.getByLabel(claims[i]).fill(claims[i + 1]);
        }
    }

    @ParameterizedTest
    @EnumSource(Hands.class)
    void aDuelIsCountedBySidesAndADisputeIsSettledOpenly(Hands hands, Hall hall) {
        Page page = hands.page(hall);
        String player = hall.newPlayer("Ada Duellist", "RIGHT");
        String partner = "Ugo " + hands.name().charAt(0) + "duellist";
        hall.newPlayer(partner, "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player, "duel-at-the-net-1");
        hands.playWith(page, partner);
        hands.enter(court, 0, true);
        hands.enter(court, 1, true);
        hands.enter(court, 1, true);
        hands.look(court).shows("1 : 2");

        hands.countIs(court);
        hands.choose(page, "Of", "Ugo");
        settle(page, "4", "Ada says", "3", "Ugo says", "5");
        hands.press(page, "This counts");
        court.shows("1 : 4").sent();
        assertThat(page.getByTestId("best")).containsText("agreed at 4 (said: 3, 5)");

        JsonNode set = ChartingTest.storedSet(hall, court);
        assertThat(set.at("/counts/0/claims").toString()).isEqualTo("[3,5]");
        assertThat(set.get("trials").asInt())
                .as("the player's own; what was not seen is no trial")
                .isEqualTo(1);
        assertThat(set.get("partners").size()).isEqualTo(1);
        court.key("Backspace").shows("1 : 2");
    }

    @ParameterizedTest
    @EnumSource(Hands.class)
    void aTimedContestOfTwoSidesIsDisputedAfterTheSignal(Hands hands, Hall hall) {
        String drill = WaysInTest.drillFor(
                hall,
                "timed-contest-" + hands.ordinal(),
                "{\"kind\":\"TIMED\",\"rounds\":1,\"seconds\":30,\"rest\":0,\"hits\":0,"
                        + "\"signal\":\"TOO_LATE\",\"sides\":2}");
        Page page = hands.page(hall);
        hall.holdsTheClockOf(page);
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Timed Contestant", "RIGHT"), drill);
        hands.clock(court);
        for (String ball : "0+ 1+ 0- 1+".split(" ")) {
            hands.enter(court, ball.charAt(0) - '0', ball.endsWith("+"));
        }
        page.clock().runFor(32_000);
        page.getByText("Close set").first().waitFor();
        hands.look(court).shows("1 : 2").stands("Done");
        hands.countIs(court);
        settle(page, "2", "Timed says", "3", "Side 2 says", "1");
        hands.press(page, "This counts");
        court.shows("2 : 2").sent();
        assertThat(ChartingTest.storedSet(hall, court).at("/counts/0/claims").toString())
                .isEqualTo("[3,1]");
    }

    @ParameterizedTest
    @EnumSource(Hands.class)
    void aLadderOfTwoPartnersStepsBack(Hands hands, Hall hall) {
        String drill = WaysInTest.drillFor(
                hall,
                "pair-ladder-" + hands.ordinal(),
                "{\"kind\":\"LADDER\",\"stations\":[{\"name\":\"Near\",\"hits\":2,\"zone\":0},"
                        + "{\"name\":\"Far\",\"hits\":2,\"zone\":0}],\"misses\":{\"does\":\"STEP_BACK\"}}");
        Page page = hands.page(hall);
        String partner = "Livia " + hands.name().charAt(0) + "partner";
        String player = hall.newPlayer("Nora Partner", "LEFT");
        String other = hall.newPlayer(partner, "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player, drill);
        hands.playWith(page, partner);
        hands.row(court, "111");
        hands.look(court).shows("1 of 2");
        assertThat(page.getByTestId("station")).hasText("2 of 2: Far");
        hands.row(court, "0");
        hands.look(court).shows("0 of 2");
        assertThat(page.getByTestId("station")).hasText("1 of 2: Near");
        assertThat(page.getByTestId("with")).hasText("Nora, Livia");
        hands.row(court, "1111");
        hands.look(court).stands("met");
        hands.close(court);
        court.sent();
        assertThat(page.getByTestId("verdict")).isVisible();
        assertThat(ChartingTest.storedSet(hall, court).at("/count/brokeAt").toString())
                .isEqualTo("[3]");
        assertThat(hall.server()
                        .get("/api/players/" + other)
                        .at("/withOthers/0/balls")
                        .asInt())
                .as("of eight balls")
                .isEqualTo(4);
    }

    @ParameterizedTest
    @EnumSource(Hands.class)
    void aMovingWindowIsMetWhereverItStands(Hands hands, Hall hall) {
        Page page = hands.page(hall);
        Courtside court =
                new Courtside(page).open(hall.address(), hall.newPlayer("Window Tester", "RIGHT"), "low-serve-1");
        hands.row(court, "0011110111");
        hands.look(court).stands("1 more");
        hands.row(court, "1");
        hands.look(court).stands("met");
    }

    /** One player is away for a turn, and one ball was another's: everyone's balls stay their own. */
    @ParameterizedTest
    @EnumSource(Hands.class)
    void aQueueOfFiveKeepsEachPlayersBallsApart(Hands hands, Hall hall) {
        List<String> ids = new ArrayList<>();
        String family = "Fila" + hands.name().charAt(0);
        List<String> names = List.of("Quirina", "Quinto", "Quasia", "Quercia", "Quadro");
        names.forEach(name -> ids.add(hall.newPlayer(name + " " + family, "RIGHT")));
        Page page = hands.page(hall);
        Visit.to(page, hall.address() + "/queue/straight-clear-1");
        for (String name : names) {
            hands.press(page, name + " " + family);
        }
        page.getByLabel("Balls a turn").fill("2");
        hands.press(page, "Start the queue");
        Locator hitter = page.getByTestId("hitter");
        assertThat(hitter).hasText("Quirina");
        Courtside court = new Courtside(page).ready();
        hands.row(court, "1");
        hands.look(court).shows("1 of 1");
        hands.row(court, "1");
        assertThat(hitter).hasText("Quinto");
        hands.look(court).ready();
        hands.skip(court);
        assertThat(hitter).hasText("Quasia");
        court.ready();
        hands.row(court, "1");
        hands.look(court).shows("1 of 1");

        hands.press(page, "Quercia");
        hands.use(page.locator(".v-list-item").filter(new Locator.FilterOptions().setHasText("That was Quercia")));
        assertThat(hitter).hasText("Quercia");
        court.ready().shows("1 of 1");
        page.evaluate("document.activeElement.blur()");
        hands.row(court, "0");
        assertThat(hitter).hasText("Quadro");
        hands.look(court).ready();
        hands.row(court, "1");
        hands.look(court).shows("1 of 1").sent();
        hands.press(page, "End the queue");
        hands.press(page, "Close the sets and end");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Another drill")))
                .isVisible();
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

    @ParameterizedTest
    @EnumSource(Hands.class)
    void aSetFromPaperIsHeldOnItsRealDate(Hands hands, Hall hall) {
        Page page = hands.page(hall);
        String player = hall.newPlayer("Paper Tester", "RIGHT");
        String progression = hall.address() + "/players/" + player + "/progressions/straight-clear-1?track=";
        Visit.to(page, progression);
        hands.use(page.getByText("Enter a set from paper"));
        page.getByLabel("Held on").fill("2026-11-10");
        Courtside court = new Courtside(page);
        for (char one : "111011011011".toCharArray()) {
            hands.press(page, one == '1' ? "Hit" : "Not hit");
        }
        hands.press(page, "Enter 12 balls");
        court.shows("9 of 12").sent();
        page.reload();
        court.shows("9 of 12");
        hands.close(court);
        court.sent();
        assertThat(page.getByTestId("paper")).containsText("10 Nov 2026");
        Visit.to(page, progression);
        assertThat(page.locator("table tbody tr").last()).containsText("10 Nov 2026");
        assertThat(page.locator("table tbody tr").last()).containsText("entered later");
    }

    @ParameterizedTest
    @EnumSource(Hands.class)
    void aSetThatWasAnothersIsMovedAndBothAreJudgedAgain(Hands hands, Hall hall) {
        Page page = hands.page(hall);
        String owner = "Owner " + hands.name().charAt(0) + "tester";
        String wrong = hall.newPlayer("Wrong Tester", "RIGHT");
        String right = hall.newPlayer(owner, "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), wrong, "straight-clear-1");
        hands.row(court, "11111111");
        hands.look(court);
        hands.close(court);
        hands.press(page, "Move up to level 2");
        court.sent();
        Visit.to(page, hall.address() + "/players/" + wrong);
        hands.press(page, "Move");
        Locator player = page.getByRole(AriaRole.DIALOG).getByLabel("Player").first();
        player.fill(owner);
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(owner))
                .waitFor();
        player.press("Enter");
        hands.press(page, "Move the set");
        assertThat(page.getByText("No set yet")).isVisible();
        Visit.to(page, hall.address() + "/players/" + right);
        assertThat(page.getByText("Level 1 of 6")).isVisible();
        assertThat(page.locator("tbody tr")).containsText("8 of 8");
        hands.press(page, "Move up to level 2");
        assertThat(page.getByText("Level 2 of 6")).isVisible();
    }

    @ParameterizedTest
    @EnumSource(Hands.class)
    void aClickersKeyIsLearned(Hands hands, Hall hall) {
        Page page = hands.page(hall);
        Courtside court =
                new Courtside(page).open(hall.address(), hall.newPlayer("Clicker Tester", "RIGHT"), "straight-clear-1");
        court.key("PageDown").shows("0 of 0");
        hands.press(page, "Keys");
        hands.press(page, "Learn another key: Hit, without a place");
        court.key("PageDown");
        hands.press(page, "Learn another key: Not hit, which way is not said");
        court.key("PageUp");
        hands.press(page, "Close");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        court.key("PageDown").key("PageDown").key("PageUp").shows("2 of 3");
        page.reload();
        court.ready().shows("2 of 3").key("PageDown").shows("3 of 4");
    }
}
