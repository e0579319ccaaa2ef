package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import bersaglio.server.Device;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;

/** Groups: who is where now and next, as people come and go. */
@ExtendWith(Club.class)
class GroupsTest {

    private static final List<String> FIVE = List.of("Gelso", "Ginepro", "Giunco", "Glicine", "Gardenia");

    /** Chooses these players and nobody else, new ones of a family. */
    private static List<String> choose(Hands hands, Page page, Hall hall, List<String> names) {
        String family = "Gruppo" + Device.newId().substring(28);
        List<String> ids = new ArrayList<>();
        names.forEach(name -> ids.add(hall.newPlayer(name + " " + family, "RIGHT")));
        page.navigate(hall.address() + "/groups");
        chooseOnly(hands, page, names.stream().map(name -> name + " " + family).toList());
        return ids;
    }

    private static void chooseOnly(Hands hands, Page page, List<String> names) {
        Locator chosen = page.locator(".who button[aria-pressed=true]");
        page.locator(".who").getByText(names.get(0)).waitFor();
        for (int left = chosen.count(); left > 0; left--) {
            hands.use(chosen.first());
            assertThat(chosen).hasCount(left - 1);
        }
        names.forEach(name -> hands.press(page, name));
    }

    private static void kind(Hands hands, Page page, String word) {
        hands.use(page.locator(".kinds button").filter(new Locator.FilterOptions().setHasText(word)));
    }

    private static Locator names(Page page) {
        return page.getByTestId("names");
    }

    private static JsonNode stored(Hall hall, Page page) {
        new Courtside(page).sent();
        String run = page.url().replaceAll(".*/groups/([^/]*).*", "$1");
        return hall.server().get("/api/runs/" + run).get("group");
    }

    private static void count(Hands hands, Page page, String button, int times) {
        for (int i = 0; i < times; i++) {
            hands.press(page, button);
        }
    }

    @ParameterizedTest
    @EnumSource(Hands.class)
    void aRotationOfFiveWithOneLeavingIsCalledAndShared(Hands hands, Hall hall) {
        Page page = hands.page(hall);
        choose(hands, page, hall, FIVE);
        page.getByLabel("Opponents on a court").fill("1");
        hands.choose(page, "Change after", "Balls");
        page.getByLabel("Balls a turn").fill("4");
        page.getByLabel("Called so many balls ahead").fill("1");
        hands.press(page, "Start");
        assertThat(names(page)).hasText(new String[] {"Gelso", "Ginepro", "Giunco"});
        assertThat(page.getByTestId("waiting")).containsText("Glicine, Gardenia");
        Locator call = page.getByTestId("call");
        count(hands, page, "A ball", 2);
        assertThat(page.getByTestId("left")).hasText("2 balls");
        assertThat(call).not().containsText("Change");
        count(hands, page, "A ball", 1);
        assertThat(call).containsText("Change soon");
        count(hands, page, "A ball", 1);
        assertThat(call).containsText("Stop. Change now");

        List<String> coming = page.getByTestId("next").locator("dd").allTextContents();
        hands.press(page, "Change");
        assertThat(names(page)).hasText(coming.toArray(new String[0]));
        assertThat(call).not().containsText("Stop");

        // The hitter leaves: one who waited takes the place at once.
        String hitter = names(page).first().textContent();
        hands.press(page, hitter + " goes");
        assertThat(names(page).first()).not().hasText(hitter);
        assertThat(names(page)).hasCount(3);
        count(hands, page, "Change", 3);
        assertThat(page.getByText("Turn 5")).isVisible();
        page.reload();
        assertThat(page.getByText("Turn 5")).isVisible();

        JsonNode group = stored(hall, page);
        int most = 0;
        int fewest = 99;
        for (JsonNode member : group.get("members")) {
            if (member.get("here").asBoolean()) {
                most = Math.max(most, member.get("hit").asInt());
                fewest = Math.min(fewest, member.get("hit").asInt());
            }
        }
        assertThat(most - fewest).isLessThanOrEqualTo(1);
        assertThat(group.get("turn").asInt()).isEqualTo(5);
    }

    @ParameterizedTest
    @EnumSource(Hands.class)
    void teamsRaceInRoundsChangeCourtsAndSettleACount(Hands hands, Hall hall) {
        Page page = hands.page(hall);
        choose(hands, page, hall, FIVE.subList(0, 4));
        kind(hands, page, "Teams");
        page.getByLabel("Points that win a round").fill("3");
        page.getByLabel("Rounds").fill("2");
        hands.press(page, "Start");
        assertThat(names(page)).hasText(new String[] {"Gelso, Giunco", "Ginepro, Glicine"});
        Locator points = page.locator(".points");
        hands.use(points.first());
        hands.use(points.first());
        hands.press(page, "Settle a count");
        page.getByLabel("Team 2 says").fill("1");
        page.getByLabel("It is now").fill("1");
        hands.press(page, "Settled");
        assertThat(points.first()).hasText("1");
        hands.use(points.last());
        hands.use(points.last());
        hands.use(points.last());
        assertThat(page.getByTestId("call")).containsText("The round is over");
        hands.press(page, "Change");
        assertThat(names(page)).hasText(new String[] {"Ginepro, Glicine", "Gelso, Giunco"});
        assertThat(page.getByTestId("call")).containsText("Team 2: 1 round");
        assertThat(page.getByTestId("change")).isDisabled();

        JsonNode group = stored(hall, page);
        assertThat(group.at("/rounds/0/points").toString()).as(group.toString()).isEqualTo("[1,3]");
        assertThat(group.at("/counts/0/claims").toString()).isEqualTo("[2,1]");
    }

    /** Two come late and one leaves: what was played stays, and another device shows who is where. */
    @Test
    void thePairsOfAnEveningAreMadeAnewWhenPeopleComeAndGoAndABoardShowsThem(Hall hall) {
        Hands hands = Hands.KEYS_AT_A_TABLE;
        Page page = hands.page(hall);
        choose(hands, page, hall, FIVE);
        String late = "Gruppo" + Device.newId().substring(28);
        hall.newPlayer("Tardo " + late, "RIGHT");
        hall.newPlayer("Ultimo " + late, "RIGHT");
        kind(hands, page, "Pairs");
        hands.press(page, "Start");
        assertThat(names(page)).hasCount(2);
        page.keyboard().press("Enter");
        assertThat(page.getByText("Turn 2")).isVisible();
        // Whoever came to the club meanwhile is known after a reload.
        page.reload();
        hands.press(page, "Tardo comes");
        hands.press(page, "Ultimo comes");
        hands.press(page, "Gelso goes");
        assertThat(page.getByTestId("member").filter(new Locator.FilterOptions().setHasText("Tardo")))
                .isVisible();
        hands.press(page, "Change");
        assertThat(names(page).first()).containsText(Pattern.compile("Tardo|Ultimo"));

        JsonNode group = stored(hall, page);
        assertThat(group.get("turn").asInt()).isEqualTo(3);
        Page board = hall.tablet();
        board.navigate(page.url() + "/board");
        assertThat(names(board)).hasText(names(page).allTextContents().toArray(new String[0]));
        hands.press(page, "Change");
        assertThat(names(board)).hasText(names(page).allTextContents().toArray(new String[0]));
    }

    @Test
    void twoDevicesOfOneGroupAreInTheSameTurnAndNeitherIsSilentlyLeftOut(Hall hall) {
        Hands hands = Hands.KEYS_AT_A_TABLE;
        Page page = hands.page(hall);
        choose(hands, page, hall, FIVE);
        kind(hands, page, "Pairs");
        hands.press(page, "Start");
        assertThat(names(page)).hasCount(2);
        stored(hall, page);
        Page other = hall.tablet();
        other.navigate(page.url());
        hands.press(other, "Change");
        assertThat(other.getByText("Turn 2")).isVisible();
        stored(hall, other);
        assertThat(page.getByText("Turn 2")).isVisible();
        assertThat(names(page)).hasText(names(other).allTextContents().toArray(new String[0]));

        other.context().setOffline(true);
        hands.press(other, "Change");
        assertThat(other.getByText("Turn 3")).isVisible();
        hands.press(page, "Gelso goes");
        assertThat(page.getByText("This was written on another device")).isVisible();
        stored(hall, page);
        other.context().setOffline(false);
        new Courtside(other).sent();
        // What it wrote is kept apart; where nothing waits to be sent it shows what counts.
        assertThat(other.getByText("Turn 2")).isVisible();
        assertThat(other.getByTestId("claims")).containsText("One entry of another device");
    }

    @Test
    void eachHittersShotsStayTheirOwnAndTheChangeIsCalledBesideTheCourt(Hall hall) {
        Hands hands = Hands.KEYS_AT_A_TABLE;
        Page page = hall.tablet();
        List<String> ids = choose(hands, page, hall, FIVE.subList(0, 3));
        hands.choose(page, "Change after", "Balls");
        page.getByLabel("Balls a turn").fill("2");
        page.getByLabel("Called so many balls ahead").fill("0");
        hands.find(page, "Drill", "Straight clear");
        hands.press(page, "Start");
        page.getByText("Chart Gelso").click();
        Courtside court = new Courtside(page).ready();
        court.place(true).place(false).shows("1 of 2");
        assertThat(page.getByTestId("call")).containsText("Stop. Change now");
        page.getByTestId("change").click();
        assertThat(page.getByTestId("hitter")).not().hasText("Gelso");
        String next = page.getByTestId("hitter").textContent();
        court.ready().shows("0 of 0");
        court.place(true).shows("1 of 1").sent();
        for (String id : ids) {
            JsonNode sets = hall.server()
                    .get("/api/players/" + id + "/ledger?drill=straight-clear-1&track=")
                    .get("sets");
            int place = ids.indexOf(id);
            assertThat(sets.toString())
                    .contains(
                            place == 0 ? "\"trials\":\"10\"" : place == FIVE.indexOf(next) ? "\"trials\":\"1\"" : "[]");
        }
    }

    @Test
    void withoutANetworkAGroupGoesOnOverAReload(Hall hall) {
        Hands hands = Hands.KEYS_AT_A_TABLE;
        Page page = hall.installed();
        page.navigate(hall.address());
        NetworkTest.waitForServiceWorker(page);
        hall.newPlayer("Glicine Lontano", "RIGHT");
        hall.newPlayer("Gardenia Lontana", "RIGHT");
        choose(hands, page, hall, FIVE.subList(0, 3));
        hands.press(page, "Start");
        assertThat(names(page)).hasCount(2);
        new Courtside(page).sent();
        BrowserContext context = page.context();
        context.setOffline(true);
        hands.press(page, "Change");
        hands.press(page, "Gelso goes");
        List<String> now = names(page).allTextContents();
        page.reload();
        assertThat(names(page)).hasText(now.toArray(new String[0]));
        // Gone elsewhere meanwhile, it is found again, and so is one that nobody but this device has heard of.
        page.navigate(hall.address() + "/groups");
        Locator going =
                page.getByTestId("going").locator("li").filter(new Locator.FilterOptions().setHasText("Ginepro"));
        assertThat(going.first()).isVisible();
        chooseOnly(hands, page, List.of("Glicine Lontano", "Gardenia Lontana"));
        hands.press(page, "Start");
        assertThat(names(page)).hasCount(2);
        page.navigate(hall.address() + "/groups");
        assertThat(page.getByText("Go on here").first()).isVisible();
        going.last().getByText("Go on here").click();
        assertThat(names(page)).hasText(now.toArray(new String[0]));
        context.setOffline(false);
        JsonNode group = stored(hall, page);
        assertThat(group.get("turn").asInt()).isEqualTo(2);
        assertThat(group.at("/members/0/here").asBoolean()).isFalse();
    }

    @Test
    void aDuelOfTwoIsMadeEven(Hall hall) {
        String better = hall.newPlayer("Forte Duello", "RIGHT");
        String weaker = hall.newPlayer("Lieve Duello", "RIGHT");
        chart(hall, better, "111011110111101111011110");
        chart(hall, weaker, "010010100101001010010100");
        Hands hands = Hands.KEYS_AT_A_TABLE;
        Page page = hands.page(hall);
        page.navigate(hall.address() + "/drills/duel-at-the-net");
        hands.find(page, "For", "Forte Duello");
        hands.choose(page, "Together with", "Lieve Duello");
        Locator fair = page.getByTestId("fair");
        assertThat(fair).containsText(Pattern.compile("Forte wins about \\d+ of 100 duels against Lieve"));
        assertThat(fair)
                .containsText(Pattern.compile("With \\d+ points? ahead for Lieve, Forte wins about \\d+ of 100"));
        assertThat(fair).containsText("for their true ones");
    }

    private static void chart(Hall hall, String player, String row) {
        Device device = new Device(hall.server());
        List<String> events = new ArrayList<>(List.of(device.opened(player, "duel-at-the-net-1", 1)));
        for (char ball : row.toCharArray()) {
            String outcome = ball == '1' ? "HIT" : "NET";
            events.add(device.event(
                    "shot.keyed",
                    "{\"outcome\":\"%s\",\"side\":\"NONE\",\"zone\":0,\"by\":\"COACH\"}".formatted(outcome)));
        }
        events.add(device.closed());
        device.fates(events);
    }
}
