package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Levels as they are read: what differs, where a player stands, and whether a level still fits. */
@ExtendWith(Club.class)
class LevelsTest {

    @Test
    void noTwoLevelsOfAReadyDrillReadAlikeAndNoSentenceHasAHole(Hall hall) {
        Page page = hall.tablet();
        for (JsonNode drill : hall.server().drills()) {
            if (drill.get("version").asInt() > 1 || !drill.get("id").asString().endsWith("-1")) {
                continue;
            }
            Visit.to(page, hall.address() + "/drills/" + drill.get("family").asString());
            Locator rungs = page.locator(".rungs ol button");
            assertThat(rungs).hasCount(drill.get("levels").size());
            List<String> read = page.locator(".rungs ol button > span").allInnerTexts();
            assertThat(new HashSet<>(read)).as(drill.get("name").asString()).hasSameSizeAs(read);
            assertThat(page.locator(".rungs").innerText())
                    .as(drill.get("name").asString())
                    .doesNotContain("{", "undefined", "NaN", " 1 times")
                    .doesNotContainPattern("(goal|step|rule|retreat|missRule)\\.\\w");
        }
    }

    @Test
    void aDrillsPageOpensWhereThePlayerStandsWhoIsMostDue(Hall hall) {
        String player = hall.newPlayer("Aida Levelton", "RIGHT");
        Page page = hall.tablet();
        new Courtside(page)
                .open(hall.address(), player)
                .row("11111111")
                .press("Close set")
                .press("Move up to level 2")
                .sent();
        Visit.to(page, hall.address() + "/drills/straight-clear");
        page.locator(".v-input:has(label:text-is(\"For\")) input[type=text]").fill("Aida");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Aida Levelton"))
                .click();
        assertThat(page.locator(".rungs [aria-pressed=true]")).containsText(Pattern.compile("^2"));
        assertThat(page.locator(".rungs [aria-pressed=true]")).containsText("Aida");
    }

    @Test
    void whoHoldsNineSetsAtAThirdOfWhatIsAskedIsToldToStepBack(Hall hall) {
        String player = hall.newPlayer("Pino Poorly", "RIGHT");
        Page page = hall.tablet();
        Courtside court = new Courtside(page).open(hall.address(), player, "smash-down-the-line-1");
        court.press("From now on it counts");
        for (int ball = 0; ball < 5; ball++) {
            court.key("Space");
        }
        court.shows("5 in a row").press("Close set").press("Move up to level 2");
        for (int set = 0; set < 2; set++) {
            court.press(set == 0 ? "Next set" : "Stay on level 2");
            assertThat(court.shots()).hasCount(0);
            court.press("From now on it counts");
            for (int ball = 0; ball < 20; ball++) {
                court.key("ArrowRight");
            }
            court.press("Close set");
            assertThat(court.verdict()).isVisible();
        }
        assertThat(page.getByTestId("growth")).containsText("Step back: after 2 sets");
        court.press("Step back to level 1").sent();
        Visit.to(page, hall.address() + "/players");
        assertThat(page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("Pino Poorly"))))
                .containsText("Smash down the line");
    }

    @Test
    void playersAreReadInColumnsByWhatThereIsToDo(Hall hall) {
        Page page = hall.tablet();
        Visit.to(page, hall.address() + "/players");
        for (String column : new String[] {"Player", "Last held", "Ready to move up", "Stuck", "Going on"}) {
            assertThat(page.getByRole(
                            AriaRole.COLUMNHEADER,
                            new Page.GetByRoleOptions().setName(column).setExact(true)))
                    .isVisible();
        }
        Set<String> widths = new HashSet<>();
        page.locator("tbody th a").all().forEach(name -> widths.add(String.valueOf(name.boundingBox().height)));
        assertThat(widths).as("a name takes one line").hasSize(1);
    }
}
