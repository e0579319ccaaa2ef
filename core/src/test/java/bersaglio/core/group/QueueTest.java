package bersaglio.core.group;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class QueueTest {

    private final Queue queue = Queue.of(List.of("nora", "elio", "livia", "teo", "ada"), 2);

    private static List<String> hitters(Queue from, int balls) {
        List<String> hitters = new ArrayList<>();
        Queue now = from;
        for (int ball = 0; ball < balls; ball++) {
            hitters.add(now.hitter());
            now = now.afterBall();
        }
        return hitters;
    }

    @Test
    void everyoneHitsEquallyInTheirOrder() {
        assertThat(hitters(queue, 12))
                .containsExactly(
                        "nora", "nora", "elio", "elio", "livia", "livia", "teo", "teo", "ada", "ada", "nora", "nora");
    }

    @Test
    void aSkippedTurnGoesToTheNextAndNobodyElseMoves() {
        assertThat(hitters(queue.afterBall().skipped(), 4)).containsExactly("elio", "elio", "livia", "livia");
    }

    @Test
    void whoIsAwayIsPassedOverAndKeepsThePlace() {
        Queue without = queue.without("elio").without("nora");
        assertThat(without.hitter()).isEqualTo("livia");
        assertThat(hitters(without, 8)).containsExactly("livia", "livia", "teo", "teo", "ada", "ada", "livia", "livia");
        Queue back = without.withBack("elio").calling("ada").skipped();
        assertThat(back.hitter()).as("Nora is still away").isEqualTo("elio");
    }

    @Test
    void aBallThatWasAnothersBelongsToThatTurn() {
        Queue corrected = queue.afterBall().thatWas("livia");
        assertThat(corrected).returns("livia", Queue::hitter).returns(1, Queue::left);
        assertThat(hitters(corrected, 3)).containsExactly("livia", "teo", "teo");
        assertThat(Queue.of(queue.order(), 1).thatWas("livia").hitter()).isEqualTo("teo");
    }

    @Test
    void everythingThatHappensHasItsName() {
        assertThat(queue.after(Queue.Act.NOTHING, "")).isEqualTo(queue);
        assertThat(queue.after(Queue.Act.BALL, "")).isEqualTo(queue.afterBall());
        assertThat(queue.after(Queue.Act.SKIP, "")).isEqualTo(queue.skipped());
        assertThat(queue.after(Queue.Act.THAT_WAS, "teo")).isEqualTo(queue.thatWas("teo"));
        assertThat(queue.after(Queue.Act.CALL, "ada")).isEqualTo(queue.calling("ada"));
        Queue away = queue.after(Queue.Act.AWAY, "elio");
        assertThat(away).isEqualTo(queue.without("elio"));
        assertThat(away.after(Queue.Act.BACK, "elio")).isEqualTo(queue);
    }

    @Test
    void alonePlayersGoOn() {
        Queue two = Queue.of(List.of("nora", "elio"), 1).without("elio");
        assertThat(hitters(two, 3)).containsExactly("nora", "nora", "nora");
        assertThat(two.next()).isEqualTo("nora");
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> Queue.of(List.of("nora"), 1)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> Queue.of(List.of("nora", "nora"), 1)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> queue.thatWas("ugo")).isInstanceOf(Refused.class);
    }
}
