package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.charting.SharedEvent.Undone;
import bersaglio.core.shot.Hand;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A tape writes an entry a second. */
class HabitsTest {

    /** Touched, taken back and touched again: from the ball before to the one that stands is one gap. */
    @Test
    void aBallThatWasTakenBackIsNoGapOfItsOwn() {
        Tape tape = Tape.of("r1", "nora", Hand.RIGHT, 1).row("11");
        ChartedSet set = tape.add(new Undone(tape.lastId())).row("1").close().replay();

        assertThat(set.played().rhythm()).isEqualTo(new Rhythm(1, 3000));
    }

    @Test
    void thePaceIsKnownOnceTenGapsAre() {
        assertThat(Habits.of(List.of(held(1, 10)), ClubDays.UTC).secondsABall()).isEmpty();
        assertThat(Habits.of(List.of(held(1, 11)), ClubDays.UTC).secondsABall()).hasValue(1);
        assertThat(Habits.of(List.of(), ClubDays.UTC).setsADay()).isEqualTo(1);
    }

    /** The tape of run n is held n thousand seconds after 1970: eighty-six of them a day. */
    @Test
    void setsADayAreThoseOfDaysWithAny() {
        List<SetResult> sets = new ArrayList<>();
        IntStream.of(1, 2, 3, 200, 201, 202).forEach(run -> sets.add(held(run, 5)));

        assertThat(Habits.of(sets, ClubDays.UTC).setsADay()).isEqualTo(3);
    }

    private static SetResult held(int run, int balls) {
        return Tape.of("r" + run, "nora", Hand.RIGHT, 1)
                .row("1".repeat(balls))
                .close()
                .replay()
                .asResult();
    }
}
