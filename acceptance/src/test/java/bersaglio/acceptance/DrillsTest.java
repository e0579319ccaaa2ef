package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import bersaglio.core.drill.AfterUnmet;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import bersaglio.wire.DrillCodec;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The drill page with its forecast, and sets of other goals than a quota. */
@ExtendWith(Club.class)
class DrillsTest {

    @Test
    void aDrillIsFoundAndSaysWhatItWillTakeAndAProposalIsTaken(Hall hall) throws IOException {
        try (StartedServer own = StartedServer.withDemo()) {
            String player = Device.newId();
            own.put("/api/players/" + player, "{\"name\":\"Aria Tester\",\"hand\":\"RIGHT\"}");
            Page page = hall.tablet();
            Visit.to(page, "http://localhost:" + own.port() + "/drills");
            Locator search = page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Search"));
            search.fill("no such words");
            assertThat(page.getByText("No drill fits")).isVisible();
            search.fill("clear");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Straight clear"))
                    .click();
            assertThat(page.getByTestId("met")).containsText("meets 8 of 12 in about");
            assertThat(page.getByTestId("basis")).containsText("Rests on");
            choose(page, "For", "Aria Tester");
            assertThat(page.getByText("Nothing is known yet of how Aria does here."))
                    .isVisible();
            choose(page, "How often would Aria hit it, by your eye?", "Half the time");
            assertThat(page.getByTestId("met")).containsText("Aria meets 8 of 12 in about 30 of 100 sets.");
            assertThat(page.getByTestId("basis")).containsText("Rests on your guess of 50");
            assertThat(page.getByTestId("proposal")).hasText("5 of 12 gives 70 in 100.");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Use it"))
                    .click();
            assertThat(page.getByText("version 2")).isVisible();
            assertThat(page.getByTestId("met")).containsText("Aria meets 5 of 12 in about 70 of 100 sets.");
            JsonNode changed = null;
            for (JsonNode drill : own.drills()) {
                changed = drill.get("id").asString().equals("straight-clear-2") ? drill : changed;
            }
            assertThat(changed).isNotNull();
            assertThat(changed.at("/levels/0/goal/hits").asInt()).isEqualTo(5);
        }
    }

    /** While the answer for another level is on its way, nothing of the former one is left standing. */
    @Test
    void aForecastThatComesLateIsNotTakenForAnotherLevels(Hall hall) {
        Page page = hall.tablet();
        Visit.to(page, hall.address() + "/drills/straight-clear");
        assertThat(page.getByTestId("met")).isVisible();
        List<Route> held = new ArrayList<>();
        page.route(url -> url.contains("level=4"), held::add);
        page.locator(".rungs button").nth(3).click();
        page.waitForCondition(() -> held.size() == 1);
        assertThat(page.getByTestId("met")).hasCount(0);
        page.locator(".rungs button").nth(5).click();
        assertThat(page.getByTestId("met")).isVisible();
        String ofLevelSix = page.getByTestId("basis").innerText();
        page.waitForResponse(response -> response.url().contains("level=4"), () -> held.get(0)
                .resume());
        assertThat(page.getByTestId("basis")).hasText(ofLevelSix);
    }

    /** What was asked once is told again without a network; what was not is said to need it. */
    @Test
    void withoutANetworkTheForecastThatWasAskedIsStillThere(Hall hall) {
        Page page = hall.tablet();
        Visit.to(page, hall.address() + "/drills/straight-clear");
        page.locator(".rungs button").first().click();
        assertThat(page.getByTestId("met")).isVisible();
        String told = page.getByTestId("met").innerText();
        page.context().setOffline(true);
        page.locator(".rungs button").nth(2).click();
        assertThat(page.getByText("No forecast now: it needs the connection once."))
                .isVisible();
        page.locator(".rungs button").first().click();
        assertThat(page.getByTestId("met")).hasText(told);
    }

    private static void choose(Page page, String label, String option) {
        page.locator(".v-input:has(label:text-is(\"" + label + "\"))").first().click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option))
                .click();
    }

    @Test
    void aRunStartsAgainAfterAMissAndMovesUpWhenItIsThere(Hall hall) throws IOException {
        try (StartedServer own = StartedServer.withDemo()) {
            keepGoal(own, "{\"kind\":\"RUN\",\"hits\":3}");
            Courtside court = onCourt(hall, own);
            court.row("110").shows("0 in a row");
            assertThat(court.page().getByTestId("best")).containsText("broke at 2");
            court.stands("3 more to go").row("111").shows("3 in a row").stands("met");
            court.press("Close set");
            assertThat(court.verdict()).containsText("Move up: the goal is met.");
            court.press("Move up to level 2").sent();
            assertThat(court.page().getByTestId("decided")).isVisible();
        }
    }

    @Test
    void aLadderFallsBackAsItsMissRuleSaysAndStaysWhenItIsLeftEarly(Hall hall) throws IOException {
        try (StartedServer own = StartedServer.withDemo()) {
            keepGoal(
                    own,
                    "{\"kind\":\"LADDER\",\"stations\":[{\"name\":\"Stand\",\"hits\":2,\"zone\":0},"
                            + "{\"name\":\"Move\",\"hits\":2,\"zone\":0}],"
                            + "\"misses\":{\"does\":\"RESTART_LADDER\"}}");
            Courtside court = onCourt(hall, own);
            Locator station = court.page().getByTestId("station");
            assertThat(station).hasText("1 of 2: Stand");
            court.row("111").shows("1 of 2");
            assertThat(station).hasText("2 of 2: Move");
            court.row("0").shows("0 of 2");
            assertThat(station).hasText("1 of 2: Stand");
            assertThat(court.page().getByTestId("best")).containsText("A miss starts the whole ladder again");
            court.press("Undo").shows("1 of 2");
            assertThat(station).hasText("2 of 2: Move");
            court.press("Close set");
            assertThat(court.verdict()).containsText("Stay: the set ended early, and that is never a pass.");
        }
    }

    @Test
    void aRuleThatStepsBackIsFollowedByOneTouch(Hall hall) throws IOException {
        try (StartedServer own = StartedServer.withDemo()) {
            keep(own, steppingBackAfterOneUnmetSet(own));
            Courtside court = onCourt(hall, own);
            court.row("00").press("Close set");
            assertThat(court.verdict()).containsText("ended early");
            court.press("Move up unmet")
                    .sent()
                    .press("Next set")
                    .shows("0 of 0")
                    .row("00000")
                    .press("Close set");
            assertThat(court.verdict()).containsText("Step back to level 1: the last set was not met.");
            court.press("Step back to level 1").sent();
            assertThat(court.page().getByTestId("decided")).hasText("Stepped back to level 1.");
            court.press("Next set");
            assertThat(court.page().getByText("level 1 of 6")).isVisible();
        }
    }

    private static Drill steppingBackAfterOneUnmetSet(StartedServer own) {
        Drill first = own.bean(Drills.class).version("straight-clear-1").orElseThrow();
        List<Level> levels = first.levels().stream()
                .map(one -> new Level(
                        one.number(),
                        one.target(),
                        one.ring(),
                        one.goal(),
                        one.dials(),
                        one.tries(),
                        one.coachTarget(),
                        new OneMetQuota(),
                        new AfterUnmet(1, AfterUnmet.Back.ONE_LEVEL),
                        one.accepts()))
                .toList();
        return new Drill(
                "straight-clear-2",
                first.family(),
                2,
                first.name(),
                first.feed(),
                first.freedom(),
                first.design(),
                levels);
    }

    /** The straight clear with another goal on its first level, which one met set passes. */
    private static void keepGoal(StartedServer own, String goal) {
        ObjectNode clear = (ObjectNode) own.drill("straight-clear");
        ObjectNode first = (ObjectNode) clear.at("/levels/0");
        first.set("goal", StartedServer.JSON.readTree(goal));
        first.set("advance", StartedServer.JSON.readTree("{\"rule\":\"one_met\"}"));
        assertThat(own.put("/api/drills/straight-clear?basedOn=1", clear.toString())
                        .statusCode())
                .isEqualTo(201);
    }

    private static void keep(StartedServer own, Drill drill) {
        JdbcClient.create(own.owner())
                .sql("insert into drill_version (id, drill, version, body) values (:id, :drill, :version, :body)")
                .param("id", drill.id())
                .param("drill", drill.family())
                .param("version", drill.version())
                .param("body", DrillCodec.encode(drill).toString())
                .update();
    }

    private static Courtside onCourt(Hall hall, StartedServer own) {
        String player = Device.newId();
        own.put("/api/players/" + player, "{\"name\":\"Goal Tester\",\"hand\":\"RIGHT\"}");
        Page page = hall.tablet();
        Visit.to(page, "http://localhost:" + own.port() + "/courtside/" + player + "/straight-clear-2");
        return new Courtside(page).ready();
    }
}
