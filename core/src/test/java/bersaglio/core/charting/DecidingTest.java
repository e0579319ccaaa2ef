package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.Samples;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.Advice;
import bersaglio.core.drill.BallByBall;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Standing;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class DecidingTest {

    private static SetResult open(Drill drill, String trials) {
        Attempt attempt = new Attempt(trials, Standing.OPEN, trials.length(), 0);
        return new SetResult(
                "now",
                "nora",
                new Rung(drill.id(), 1, "", ""),
                0,
                attempt,
                false,
                0,
                false,
                new Closing(true, Optional.empty(), Optional.empty()),
                SetDetails.NONE);
    }

    private static Optional<Advice.Call> after(AdvanceRule rule, String trials) {
        Drill drill = Samples.drill(rule);
        SetResult set = open(drill, trials);
        return new Ledger(drill, List.of(set))
                .deciding(set)
                .after(set.attempt())
                .map(Advice::call);
    }

    /** Each hit is worth .392 between .50 and .74, and 2.2 is asked for: six in a row. */
    @Test
    void sixHitsInARowDecideAndFiveDoNot() {
        assertThat(after(BallByBall.DEFAULT, "11111")).isEmpty();
        assertThat(after(BallByBall.DEFAULT, "111111")).contains(Advice.Call.MOVE_UP);
        assertThat(after(BallByBall.DEFAULT, "1111110")).contains(Advice.Call.MOVE_UP);
    }

    /** On the lowest level nobody steps back, but it is decided all the same. */
    @Test
    void fiveMissesDecideOnTheLowestLevelToo() {
        assertThat(after(BallByBall.DEFAULT, "0000")).isEmpty();
        assertThat(after(BallByBall.DEFAULT, "00000")).contains(Advice.Call.STAY);
    }

    @Test
    void aRuleThatWaitsForTheEndDecidesNothingBefore() {
        assertThat(after(new OneMetQuota(), "111111111111")).isEmpty();
        assertThat(after(BallByBall.DEFAULT, "")).isEmpty();
    }
}
