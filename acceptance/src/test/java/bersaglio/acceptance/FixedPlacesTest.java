package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Nothing beside the court moves while a set runs. */
@ExtendWith(Club.class)
class FixedPlacesTest {

    private static Map<String, String> places(Courtside court) {
        Map<String, Locator> all = new LinkedHashMap<>();
        all.put("court", court.page().locator("svg.court").last());
        all.put("count", court.page().getByTestId("count"));
        all.put("standing", court.page().locator(".standing").last());
        for (String button : new String[] {"Net", "Void", "Undo", "Close set", "Count is now …"}) {
            all.put(button, court.button(button));
        }
        Map<String, String> places = new LinkedHashMap<>();
        all.forEach((name, one) -> {
            var box = one.boundingBox();
            double scrolled = ((Number) court.page().evaluate("() => window.scrollY")).doubleValue();
            places.put(name, "%.1f, %.1f".formatted(box.x, box.y + scrolled));
        });
        return places;
    }

    private static void runs(Hall hall, Page page, String drill) {
        Courtside court = new Courtside(page).open(hall.address(), hall.newPlayer("Steady Tester", "RIGHT"), drill);
        Map<String, String> before = places(court);
        court.key("Space");
        assertThat(court.shots()).hasCount(1);
        assertThat(places(court)).as("after the first shot of %s", drill).isEqualTo(before);
        court.key("n").key("u");
        assertThat(court.shots()).hasCount(3);
        court.press("Net clip").press("Mark");
        assertThat(places(court)).as("after notes on %s", drill).isEqualTo(before);
        court.press("Pause to teach");
        assertThat(court.button("Go on")).isVisible();
        assertThat(places(court)).as("in a pause of %s", drill).isEqualTo(before);
        court.press("Go on").press("What does it say so far?");
        assertThat(page.getByTestId("verdict")).isVisible();
        assertThat(places(court)).as("with a sentence on %s", drill).isEqualTo(before);
    }

    @Test
    void besideTheCourtOnATablet(Hall hall) {
        for (String drill : new String[] {"straight-clear-1", "three-corner-ladder-1", "net-shot-from-a-hand-feed-1"}) {
            runs(hall, hall.tablet(), drill);
        }
    }

    @Test
    void underTheCourtOnAPhone(Hall hall) {
        runs(hall, hall.phone(), "straight-clear-1");
    }

    @Test
    void aCloseCallHasAPlaceOfItsOwn(Hall hall) {
        Courtside court = new Courtside(hall.tablet()).open(hall.address(), hall.newPlayer("Edge Tester", "RIGHT"));
        Map<String, String> before = places(court);
        court.touch(1.7, 4.52);
        assertThat(court.page().getByText("Close to the edge")).isVisible();
        assertThat(places(court)).isEqualTo(before);
    }
}
