package bersaglio.core.goal;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.Samples;
import bersaglio.core.drill.Drill;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class MemoTest {

    private final List<Integer> worked = new ArrayList<>();

    private int square(Memo memo, int of, int weight) {
        return memo.recall(
                of,
                () -> {
                    worked.add(of);
                    return of * of;
                },
                answer -> weight);
    }

    @Test
    void whatIsAskedAgainIsNotWorkedOutAgain() {
        Memo memo = new Memo();
        assertThat(square(memo, 3, 1)).isEqualTo(9);
        assertThat(square(memo, 4, 1)).isEqualTo(16);
        assertThat(square(memo, 3, 1)).isEqualTo(9);
        assertThat(worked).containsExactly(3, 4);
        assertThat(square(new Memo(), 3, 1)).isEqualTo(9);
        assertThat(worked).as("another keeps its own").containsExactly(3, 4, 3);
    }

    @Test
    void itForgetsBeforeItGrowsTooLargeAndKeepsTheLatest() {
        Memo memo = new Memo();
        for (int of = 0; of < 30; of++) {
            square(memo, of, 10_000);
        }
        worked.clear();
        square(memo, 29, 10_000);
        square(memo, 0, 10_000);
        assertThat(worked).containsExactly(0);
    }

    @Test
    void aDrillIsTheSameWhateverWasAskedOfIt() {
        Drill fresh = Samples.drill();
        Drill asked = Samples.drill().remembering(new Memo());
        asked.level(1).targetRate();
        asked.level(1).metInOneSet(0.6);
        assertThat(asked).isEqualTo(fresh).hasSameHashCodeAs(fresh);
        assertThat(asked.level(1).metInOneSet(0.6)).isEqualTo(fresh.level(1).metInOneSet(0.6));
    }
}
