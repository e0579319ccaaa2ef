package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import bersaglio.server.Device;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Practice matches and games with rules, charted beside the court. */
@ExtendWith(Club.class)
class MatchesTest {

    /** What ends a rally: who hit last won it, the next one missed into the net or long, or the rally was given to a side. */
    private static final List<String> RALLIES = List.of(
            "2 9 3 w",
            "1 7 3 8 n",
            "2 8 1 9 7 2 w",
            "3 9 6 w",
            "2 7 8 up",
            "1 9 1 2 9 n",
            "2 w",
            "1 8 4 w",
            "3 7 3 w",
            "2 9 9 1 8 w",
            "1 3 7 n",
            "2 8 8 8 2 w");

    /** Each part beside the court holds what is in it, and ends before the next begins. */
    private static final String NOTHING_OVERLAPS =
            """
            [...document.querySelectorAll('aside > *')].every((part, at, all) => {
              const { top, bottom } = part.getBoundingClientRect()
              const before = at > 0 ? all[at - 1].getBoundingClientRect().bottom : -Infinity
              const inside = Math.max(...[...part.children].map((one) => one.getBoundingClientRect().bottom))
              return top > before - 1 && inside < bottom + 1
            })
            """;

    /** Two new players on the form of a new match. */
    private static List<String> choose(Hall hall, Page page) {
        String family = "Partita" + Device.newId().substring(28);
        List<String> names = List.of("Menta " + family, "Salvia " + family);
        names.forEach(name -> hall.newPlayer(name, "RIGHT"));
        Visit.to(page, hall.address() + "/matches");
        page.getByTestId("new-match").click();
        page.getByTestId("team-ONE").getByText(names.get(0)).click();
        page.getByTestId("team-TWO").getByText(names.get(1)).click();
        return names;
    }

    private static void chooseSport(Page page, String sport) {
        page.getByLabel("Sport").first().click(new Locator.ClickOptions().setForce(true));
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(sport).setExact(true))
                .click();
    }

    private static void begin(Page page) {
        page.getByTestId("begin").click();
        page.locator("svg.court").waitFor();
    }

    private static Locator points(Page page, String team) {
        return page.getByTestId("score-" + team).locator(".points");
    }

    private static JsonNode stored(Hall hall, Page page) {
        new Courtside(page).sent();
        String run = page.url().replaceAll(".*/matches/([^/]*).*", "$1");
        return hall.server().get("/api/runs/" + run).get("match");
    }

    /** The middle of a part of the court, or of the service court, on the drawing, from wherever it is hit. */
    private static void touch(Courtside court, JsonNode match, int spot) {
        JsonNode open = match.get("open");
        JsonNode part = open.get("parts").get(spot - 1);
        double x = (part.get("left").asDouble() + part.get("right").asDouble()) / 2;
        double y = (part.get("near").asDouble() + part.get("far").asDouble()) / 2;
        if (match.at("/agreed/format/sport").asString().equals("SQUASH")) {
            // Before a front wall both hit into the same half, and it is drawn as they face it.
            court.touchDrawn(x, y);
            return;
        }
        boolean near = open.get("team").asString().equals(match.get("nearTeam").asString());
        court.touch(near ? x : -x, near ? y : -y);
    }

    private static void play(Hall hall, Page page, String rally, boolean byTouch) {
        Courtside court = new Courtside(page);
        for (String act : rally.split(" ")) {
            if (byTouch && act.matches("[1-9]")) {
                touch(court, stored(hall, page), Integer.parseInt(act));
            } else {
                page.keyboard().press(act.equals("up") ? "ArrowUp" : act);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void aWholeGameIsChartedShotByShotCorrectedAndAdvisedOn(boolean byTouch, Hall hall) {
        Page page = hall.tablet();
        choose(hall, page);
        page.getByText("Rules of the game").click();
        page.getByTestId("wins").locator("input").fill("1");
        page.getByTestId("to").locator("input").fill(byTouch ? "5" : "21");
        page.getByTestId("to").locator("input").blur();
        begin(page);
        page.getByTestId("coaching-yes").click();

        double keysAt = page.getByTestId("let").boundingBox().y;
        for (int rally = 0; page.getByTestId("won").count() == 0; rally++) {
            play(hall, page, RALLIES.get(rally % RALLIES.size()), byTouch);
            assertThat(rally).as("the game ends").isLessThan(60);
            assertThat(page.getByTestId("let").boundingBox().y)
                    .as("keys stay where they are")
                    .isEqualTo(keysAt);
            assertThat(page.evaluate(NOTHING_OVERLAPS)).isEqualTo(true);
        }
        JsonNode match = stored(hall, page);
        assertThat(match.get("ended").asBoolean()).isTrue();
        JsonNode first = match.get("story").get(0);
        assertThat(first.get("rally").get("partial").asBoolean()).isFalse();
        assertThat(first.get("rally").get("shots")).hasSize(3);
        assertThat(first.get("rally").get("shots").get(0).get("stroke").asString())
                .isEqualTo("serve");
        for (JsonNode step : match.get("story")) {
            assertThat(step.get("rally").get("partial").asBoolean())
                    .as(step.toString())
                    .isFalse();
        }
        String before = match.get("over").toString();

        // The first rally was the other's: everything after it is worked out again.
        String winner = first.get("team").asString();
        page.getByTestId("story").click();
        Locator rows = page.locator(".story li");
        rows.last().locator("button").first().click();
        Locator others = rows.last().getByRole(AriaRole.BUTTON);
        others.nth(winner.equals("ONE") ? 2 : 1).click();
        page.getByText("Done", new Page.GetByTextOptions().setExact(true)).click();
        JsonNode corrected = stored(hall, page);
        assertThat(corrected.get("story").get(0).get("team").asString()).isNotEqualTo(winner);
        assertThat(corrected.get("over").toString() + corrected.get("points"))
                .isNotEqualTo(before + match.get("points"));

        page.getByTestId("review").click();
        assertThat(page.getByTestId("hints").locator("li").first())
                .containsText(Pattern.compile("\\d+ of \\d+|\\d+ %"));
        assertThat(page.getByText("On the own serve")).isVisible();
    }

    @Test
    void adviceWaitsWhereACoachMayNotSpeakAndForTheEndOfARally(Hall hall) {
        Page page = hall.tablet();
        choose(hall, page);
        begin(page);
        page.getByText("No, afterwards").click();
        assertThat(page.getByText("Advice waits until the match is over.")).isVisible();
        assertThat(page.getByTestId("ask")).hasCount(0);

        choose(hall, page);
        begin(page);
        page.getByTestId("coaching-yes").click();
        page.getByTestId("ask").click();
        assertThat(page.getByText("Nothing to say yet")).isVisible();
        page.keyboard().press("2");
        assertThat(page.getByTestId("ask")).isDisabled();
        assertThat(page.getByText("Nothing to say yet")).hasCount(0);
        play(hall, page, "9 3 w", false);
        page.getByTestId("ask").click();
        assertThat(page.getByTestId("hint")).containsText("1 of 1 won");
        play(hall, page, "2 9 3 w", false);
        page.getByTestId("ask").click();
        assertThat(page.getByTestId("hint")).containsText("2 of 2 won");
    }

    /** Two devices chart one match: each is told, and what does not count is never silently left out. */
    @Test
    void whoseRalliesAreKeptApartIsToldAndGoesOnFromTheScoreThatCounts(Hall hall) {
        Page page = hall.tablet();
        choose(hall, page);
        begin(page);
        play(hall, page, "2 9 3 w", false);
        stored(hall, page);
        Page other = hall.tablet();
        other.navigate(page.url());
        other.locator("svg.court").waitFor();
        play(hall, other, "2 9 3 w", false);
        stored(hall, other);
        int stands = points(other, "ONE").count() == 0
                ? 0
                : Integer.parseInt(points(other, "ONE").innerText());

        play(hall, page, "2 9 3 n", false);
        stored(hall, page);
        assertThat(page.getByTestId("watching")).containsText("Another device has taken this over");
        page.getByText("Chart here").click();
        assertThat(page.getByTestId("watching")).hasCount(0);
        assertThat(points(page, "ONE")).hasText(Integer.toString(stands));
        assertThat(page.getByTestId("claims")).containsText("entries of another device");
    }

    @Test
    void lookingAtAMatchTakesNobodysPenAndPuttingItRightDoes(Hall hall) {
        Page page = hall.tablet();
        choose(hall, page);
        begin(page);
        play(hall, page, "2 9 3 w", false);
        play(hall, page, "2 9 3 n", false);
        page.getByText("End it", new Page.GetByTextOptions().setExact(true)).click();
        page.getByTestId("end").click();
        assertThat(stored(hall, page).get("ended").asBoolean()).isTrue();
        String address = page.url();

        Page other = hall.tablet();
        other.navigate(address + "/review");
        other.getByText("Why the score is so").click();
        Locator first = other.locator(".story li").last();
        first.locator("button").first().click();
        assertThat(stored(hall, other).get("pen").asInt()).isEqualTo(1);
        first.getByText("An unforced error").click();
        assertThat(first).containsText("error of");
        JsonNode match = stored(hall, other);
        assertThat(match.get("pen").asInt()).isEqualTo(2);
        assertThat(match.get("claims").asInt()).isZero();
        assertThat(match.at("/story/0/rally/end/how").asString()).isEqualTo("UNFORCED");
        assertThat(match.get("ended").asBoolean()).isTrue();
    }

    @Test
    void inAGameBothMayEarnABonusAndARuleChangesFromTheStart(Hall hall) {
        Page page = hall.tablet();
        choose(hall, page);
        page.locator(".kinds button").nth(1).click();
        page.getByTestId("add-BONUS").click();
        page.getByTestId("add-BONUS").click();
        page.getByTestId("rule-1").getByLabel("Bonus for").fill("split step");
        page.getByTestId("rule-1").locator(".v-select").click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("When somebody says so"))
                .click();
        begin(page);
        play(hall, page, "2 9 9", false);
        page.getByTestId("bonus-1-ONE").click();
        page.keyboard().press("w");
        // The serve, then a back corner each, a split step of the first and the rally.
        assertThat(points(page, "ONE")).hasText("3");
        assertThat(points(page, "TWO")).hasText("1");
        assertThat(page.getByText("1 by a rally, 2 by bonuses")).isVisible();
        assertThat(page.getByText("0 by rallies, 1 by a bonus")).isVisible();

        // Part 9 is out, from the start: the other one hit there first, and loses the rally by it.
        page.getByTestId("rules").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByTestId("add-OUT").click();
        dialog.getByTestId("rule-2")
                .getByText("9", new Locator.GetByTextOptions().setExact(true))
                .click();
        page.getByTestId("from-start").click();
        assertThat(page.getByText("1 by a rally, 2 by bonuses")).isVisible();
        JsonNode match = stored(hall, page);
        assertThat(match.get("agreed").get("rules")).hasSize(3);
        assertThat(match.get("story").toString()).contains("RULES_FROM_START");
        JsonNode rally = match.get("story").get(3).get("rally");
        assertThat(rally.get("broken").get("kind").asString()).isEqualTo("OUT");
        assertThat(rally.get("counted").get("how").asString()).isEqualTo("GIVEN");
        page.keyboard().press("Backspace");
        assertThat(stored(hall, page).get("agreed").get("rules")).hasSize(2);
    }

    @Test
    void aGameIsStoppedOnTheClockAtAnyScore(Hall hall) {
        Page page = hall.tablet();
        hall.holdsTheClockOf(page);
        choose(hall, page);
        page.locator(".kinds button").nth(1).click();
        page.getByTestId("minutes").locator("input").fill("10");
        page.getByTestId("minutes").locator("input").blur();
        begin(page);
        page.keyboard().press("q");
        page.keyboard().press("p");
        assertThat(page.getByTestId("time-left")).containsText("9:");
        assertThat(page.getByTestId("time-over")).isHidden();
        page.clock().fastForward(600_000);
        assertThat(page.getByTestId("time-over")).isVisible();
        // The rally that was on still counts.
        page.keyboard().press("q");
        page.getByTestId("time-over").click();
        page.getByTestId("end").click();
        assertThat(page.getByText("Stopped at this score")).isVisible();
        assertThat(points(page, "ONE")).hasText("2");
        JsonNode match = stored(hall, page);
        assertThat(match.at("/agreed/minutes").asInt()).isEqualTo(10);
        assertThat(match.get("line").asString()).isEqualTo("2-1");
        assertThat(match.get("ended").asBoolean()).isTrue();
        assertThat(match.has("winner")).isFalse();
    }

    @Test
    void theScoreIsSaidAnywhereAndWhatCannotBeIsRefused(Hall hall) {
        Page page = hall.tablet();
        choose(hall, page);
        begin(page);
        page.keyboard().press("q");
        page.keyboard().press("q");
        page.keyboard().press("p");
        assertThat(page.getByTestId("call")).hasText("1–2");
        page.keyboard().press("o");
        Locator fields = page.getByRole(AriaRole.DIALOG).locator("input");
        fields.nth(1).fill("21");
        fields.nth(3).fill("4");
        page.getByTestId("say").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("The game would be over");
        fields.nth(1).fill("7");
        fields.nth(2).fill("1");
        page.getByTestId("say").click();
        assertThat(points(page, "ONE")).hasText("7");
        assertThat(page.getByTestId("score-TWO").locator("td.part")).hasText("1");

        page.keyboard().press("j");
        assertThat(page.locator(".story li").first()).containsText("8 points were not seen");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Padel", "Table tennis", "Squash", "Pickleball", "Volleyball"})
    void everySportIsChartedOnItsOwnCourt(String sport, Hall hall) {
        Page page = hall.tablet();
        choose(hall, page);
        chooseSport(page, sport);
        begin(page);
        assertThat(page.locator("path.part")).hasCount(9);
        play(hall, page, "5 8 5", true);
        if (sport.equals("Padel")) {
            // The ball came to the middle: which of the two hit it is settled by one touch.
            page.getByTestId("hit-by-1").click();
            assertThat(stored(hall, page).at("/open/shots/2/player").asInt()).isEqualTo(1);
        }
        page.keyboard().press("w");
        assertThat(points(page, "ONE")).hasText("1");
        JsonNode rally = stored(hall, page).get("story").get(0).get("rally");
        assertThat(rally.get("partial").asBoolean()).isFalse();
        assertThat(rally.get("shots")).hasSize(3);
    }

    @Test
    void aPointIsGivenInTheMiddleOfARallyByTouchAndByKey(Hall hall) {
        Page page = hall.tablet();
        choose(hall, page);
        chooseSport(page, "Squash");
        begin(page);
        play(hall, page, "5 8 5", false);
        assertThat(page.getByTestId("given-TWO")).containsText("Stroke");
        page.getByTestId("given-TWO").click();
        assertThat(points(page, "TWO")).hasText("1");
        for (String key : List.of("g", "h")) {
            play(hall, page, "5 8", false);
            boolean toNext = key.equals("g");
            String next = stored(hall, page).at("/open/team").asString();
            page.keyboard().press(key);
            JsonNode given = stored(hall, page)
                    .get("story")
                    .valueStream()
                    .reduce((one, other) -> other)
                    .orElseThrow();
            assertThat(given.get("team").asString().equals(next)).as(key).isEqualTo(toNext);
            assertThat(given.at("/rally/end/how").asString()).isEqualTo("GIVEN");
            assertThat(given.at("/rally/partial").asBoolean()).isFalse();
        }
    }

    @Test
    void aFaultIsFollowedByASecondServeAndTheSecondOneLosesThePoint(Hall hall) {
        Page page = hall.tablet();
        choose(hall, page);
        chooseSport(page, "Tennis");
        begin(page);
        page.keyboard().press("n");
        assertThat(page.getByText("second serve")).isVisible();
        page.keyboard().press("c");
        assertThat(page.getByText("second serve")).isVisible();
        page.keyboard().press("n");
        assertThat(page.getByTestId("call")).hasText("0–15");
        JsonNode shots = stored(hall, page).get("story").get(0).get("rally").get("shots");
        assertThat(shots).hasSize(3);
        assertThat(shots.get(1).get("outcome").asString()).as("a let").isEqualTo("VOID");
    }

    @Test
    void withoutANetworkAMatchGoesOnOverAReloadAndIsStoredOnce(Hall hall) {
        Page page = hall.installed();
        Visit.to(page, hall.address());
        NetworkTest.waitForServiceWorker(page);
        List<String> names = choose(hall, page);
        begin(page);
        play(hall, page, "2 9 3 w", false);
        new Courtside(page).sent();
        String run = page.url().replaceAll(".*/matches/", "");
        page.context().setOffline(true);
        play(hall, page, "1 7 3 8 n", false);
        page.reload();
        assertThat(page.getByTestId("call")).isVisible();
        play(hall, page, "2 w", false);
        assertThat(points(page, "TWO")).hasText("2");
        Visit.to(page, hall.address() + "/matches");
        assertThat(page.getByText(names.get(0).split(" ")[0] + " –").first()).isVisible();
        Visit.to(page, hall.address() + "/matches/" + run);
        assertThat(points(page, "TWO")).hasText("2");
        page.context().setOffline(false);
        new Courtside(page).sent();
        JsonNode match = hall.server().get("/api/runs/" + run).get("match");
        assertThat(match.get("story")).hasSize(3);
    }

    @Test
    void aTacticalRuleIsWrittenInWordsHeldAgainstAMatchAndKeptForThePlayer(Hall hall) {
        Page page = hall.tablet();
        choose(hall, page);
        begin(page);
        play(hall, page, "2 9 5 w", false);
        play(hall, page, "2 9 8 w", false);
        new Courtside(page).sent();
        String run = page.url().replaceAll(".*/matches/", "");

        String name = "Giù " + Device.newId().substring(28);
        Visit.to(page, hall.address() + "/matches/tactics");
        page.getByTestId("new-tactic").click();
        page.getByLabel("Name").fill(name);
        page.getByLabel("Rule").fill("after own short serve the next own shot goes sideways");
        assertThat(page.getByText("cannot be read here")).isVisible();
        assertThat(page.getByTestId("keep")).isDisabled();
        page.getByLabel("Rule").fill("after own short serve the next own shot goes down");
        page.getByTestId("keep").click();
        assertThat(page.getByText(name)).isVisible();

        Visit.to(page, hall.address() + "/matches/" + run + "/review");
        Locator rule = page.locator("li").filter(new Locator.FilterOptions().setHasText(name));
        assertThat(rule).containsText("kept 1 of 2");
        page.getByTestId("about-TWO").click();
        assertThat(rule).containsText("no occasion");
        String player = stored(hall, page).get("one").get(0).asString();
        JsonNode kept = hall.server().get("/api/players/" + player + "/tactics");
        assertThat(kept.toString()).contains(name);
    }
}
