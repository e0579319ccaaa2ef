package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A target too small for a finger is drawn close up. */
@ExtendWith(Club.class)
class CloseUpTest {

    private static final double MIDDLE_X = 1.6;
    private static final double MIDDLE_Y = 0.6;

    /** Thirty touches about the rings, eleven of them within. */
    private static List<double[]> places() {
        List<double[]> places = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            double turn = i * 2.4;
            double away = i % 3 == 0 ? 0.1 + 0.04 * i / 3 : 0.62;
            places.add(new double[] {MIDDLE_X + away * Math.cos(turn), MIDDLE_Y + away * Math.sin(turn)});
        }
        return places;
    }

    @Test
    void theNetRingsAreChartedByAFingerOnAPhone(Hall hall) {
        Page page = hall.phone();
        Courtside court =
                new Courtside(page).open(hall.address(), hall.newPlayer("Ring Tester", "RIGHT"), "net-rings-1");
        List<double[]> touched = new ArrayList<>();
        for (double[] place : places()) {
            double[] at = court.onScreen(place[0], -place[1]);
            touched.add(new double[] {Math.round(at[0]), Math.round(at[1])});
        }
        for (int i = 0; i < touched.size(); i++) {
            page.touchscreen().tap(touched.get(i)[0], touched.get(i)[1]);
            assertThat(court.shots()).hasCount(Math.min(12, i + 1));
        }
        JsonNode shots = ChartingTest.storedSet(hall, court.sent()).get("shots");
        double off = 0;
        int charted = 0;
        for (int i = 0; i < touched.size(); i++) {
            JsonNode shot = shots.get(i);
            if (shot.has("x")) {
                double[] at =
                        court.onScreen(shot.get("x").asDouble(), -shot.get("y").asDouble());
                off += Math.hypot(at[0] - touched.get(i)[0], at[1] - touched.get(i)[1]);
                charted++;
            }
        }
        assertThat(charted).isEqualTo(30);
        assertThat(off / charted).isLessThanOrEqualTo(1);
    }

    @Test
    void aTouchBesideTheCloseUpIsAMissWithItsDirectionAndNoPlace(Hall hall) {
        Page page = hall.phone();
        Courtside court =
                new Courtside(page).open(hall.address(), hall.newPlayer("Beyond Tester", "RIGHT"), "net-rings-1");
        court.touch(MIDDLE_X, MIDDLE_Y + 0.96);
        assertThat(court.shots()).hasText("In deep");
        court.touch(MIDDLE_X - 0.96, MIDDLE_Y);
        assertThat(court.shots().last()).hasText("In left");
        JsonNode shots = ChartingTest.storedSet(hall, court.sent()).get("shots");
        assertThat(shots.get(0).has("x") || shots.get(1).has("x")).isFalse();
    }

    @Test
    void theWholeCourtIsOneTouchAwayAndKeptForTheDrill(Hall hall) {
        Page page = hall.phone();
        String player = hall.newPlayer("Whole Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player, "net-rings-1");
        court.press("Draw the whole court");
        court.touch(-2, 6).sent();
        JsonNode shot = ChartingTest.storedSet(hall, court).at("/shots/0");
        assertThat(shot.get("y").asDouble()).isBetween(5.9, 6.1);
        court.open(hall.address(), player, "net-rings-1");
        assertThat(court.button("Draw the target close up")).isVisible();
        court.open(hall.address(), player);
        assertThat(court.button("Draw the target close up")).isVisible();
        court.open(hall.address(), player, "net-rings-1").press("Draw the target close up");
        assertThat(court.button("Draw the whole court")).isVisible();
    }
}
