package bersaglio.core.goal;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.goal.Readout.Count;
import bersaglio.core.goal.Readout.Wanted;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How counts are read out, by the kind of goal. */
class ReadoutTest {

    private static void reads(Goal goal, Count count, Wanted wanted) {
        assertThat(goal.readout()).as(goal.toString()).isEqualTo(new Readout(count, wanted));
    }

    @Test
    void balls() {
        reads(new Quota(8, 12), Count.DONE_OF_BALLS, Wanted.MORE_WITHIN_BALLS);
        reads(new FixedTest(24), Count.DONE_OF_BALLS, Wanted.MORE_WITHIN_BALLS);
        reads(new Run(6), Count.IN_A_ROW, Wanted.MORE_WITHIN_BALLS);
        reads(new BestToBeat(BestToBeat.Of.RUN, 20), Count.DONE_OF_BALLS, Wanted.MORE_WITHIN_BALLS);
        reads(new BestToBeat(BestToBeat.Of.HITS, 20), Count.HITS_OF_BALLS, Wanted.MORE_WITHIN_BALLS);
        reads(new Rally(6, 2, 5), Count.DONE_OF_WANTED, Wanted.MORE_RALLIES);
    }

    @Test
    void clocksAndSides() {
        reads(new Timed(1, 30, 0, 10, Signal.COUNTS), Count.DONE_OF_WANTED, Wanted.MORE_WITHIN_BALLS);
        reads(new Timed(1, 30, 0, 0, Signal.COUNTS), Count.DONE, Wanted.MORE_WITHIN_BALLS);
        reads(new Timed(1, 30, 0, 0, Signal.COUNTS, 2), Count.SIDES, Wanted.MORE_WITHIN_BALLS);
        reads(new Duel(11, 2, List.of(0, 0)), Count.SIDES, Wanted.FIRST_TO);
        reads(new Hold(20, 3), Count.SECONDS, Wanted.SECONDS_HELD);
        reads(new Stopwatch(40, 3, 3), Count.SECONDS, Wanted.SECONDS_AT_MOST);
    }
}
