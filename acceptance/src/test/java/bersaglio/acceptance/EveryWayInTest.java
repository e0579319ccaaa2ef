package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A coach as quick as a coach can be charts long sets by every way in. */
@ExtendWith(Club.class)
class EveryWayInTest {

    private static final int SHOTS = 200;
    private static final long MILLIS_BETWEEN_SHOTS = 300;

    private final Random random = new Random(4);

    /** A set and how its next ball is entered. */
    private interface Way {
        void enter(boolean hit);
    }

    private static final class Hand {
        private final Courtside court;
        private final Way way;
        private final StringBuilder entered = new StringBuilder();
        private long last;

        Hand(Courtside court, Way way) {
            this.court = court;
            this.way = way;
        }

        /** The pause is the coach's own, between two shots of a feed: nothing is waited for. */
        void enter(boolean hit) {
            court.page().waitForTimeout(Math.max(0, last + MILLIS_BETWEEN_SHOTS - System.currentTimeMillis()));
            way.enter(hit);
            last = System.currentTimeMillis();
            entered.append(hit ? '1' : '0');
        }
    }

    /** The coaches chart side by side, each at the full speed: one after the other they would take minutes. */
    @Test
    void twoHundredShotsByEachWayInAreThereOnceInTheirOrder(Hall hall) {
        String drill = WaysInTest.drillFor(hall, "long-block", "{\"kind\":\"QUOTA\",\"hits\":100,\"balls\":200}");
        List<Hand> hands = new ArrayList<>();
        Courtside court = open(hall.tablet(), hall, drill);
        hands.add(hand(court, hit -> court.place(hit)));
        Courtside zones = open(hall.tablet(), hall, drill);
        WaysInTest.way(zones.page(), "Zones");
        hands.add(hand(zones, hit -> zones.place(hit)));
        Courtside halves = open(hall.phone(), hall, drill);
        WaysInTest.way(halves.page(), "Two halves");
        double[] hitHalf = middleOf(halves.page().getByTestId("hit-0"));
        double[] otherHalf = middleOf(halves.page().getByTestId("not-0"));
        hands.add(hand(halves, hit -> tap(halves, hit ? hitHalf : otherHalf)));
        Courtside clicker = open(hall.tablet(), hall, drill);
        hands.add(hand(clicker, hit -> clicker.key(hit ? "Space" : "0")));
        Courtside far = open(hall.phone(), hall, drill);
        far.key("f");
        hands.add(hand(far, hit -> far.key(hit ? "Space" : "n")));
        Courtside after = open(hall.tablet(), hall, drill);
        WaysInTest.way(after.page(), "After the set");
        double[] hitKey = middleOf(after.button("Hit"));
        double[] otherKey = middleOf(after.button("Not hit"));
        hands.add(hand(after, hit -> tap(after, hit ? hitKey : otherKey)));

        for (int shot = 0; shot < SHOTS; shot++) {
            for (Hand hand : hands) {
                hand.enter(random.nextBoolean());
            }
        }
        after.press("Enter 200 balls");
        for (Hand hand : hands) {
            hand.court.sent();
            StringBuilder stored = new StringBuilder();
            for (JsonNode shot : ChartingTest.storedSet(hall, hand.court).get("shots")) {
                stored.append(shot.at("/ruling/outcome").asString().equals("HIT") ? '1' : '0');
            }
            assertThat(stored).hasToString(hand.entered.toString());
        }
    }

    private static Courtside open(Page page, Hall hall, String drill) {
        return new Courtside(page).open(hall.address(), hall.newPlayer("Scripted Coach", "RIGHT"), drill);
    }

    private static double[] middleOf(Locator control) {
        BoundingBox box = control.boundingBox();
        return new double[] {box.x + box.width / 2, box.y + box.height / 2};
    }

    private static void tap(Courtside court, double[] at) {
        court.page().touchscreen().tap(at[0], at[1]);
    }

    private static Hand hand(Courtside court, Way way) {
        return new Hand(court, way);
    }
}
