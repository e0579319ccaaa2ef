package bersaglio.core.charting;

import bersaglio.core.drill.CountUnit;
import bersaglio.core.drill.CountUnit.FirstMiss;
import bersaglio.core.goal.Step;
import java.util.Optional;

/** Puts the balls of a set together to what it counts: a pair, a combination, or each ball alone. */
final class Units {

    private final CountUnit unit;
    private int held;

    Units(CountUnit unit) {
        this.unit = unit;
    }

    /** @return what is counted now, if anything */
    Optional<Step> after(Step.Ball ball) {
        boolean last = held == unit.balls() - 1;
        if (ball.hit() && !last) {
            held++;
            return Optional.empty();
        }
        boolean playedAgain = !ball.hit() && !last && unit.firstMiss() == FirstMiss.IS_PLAYED_AGAIN;
        held = 0;
        return playedAgain ? Optional.empty() : Optional.of(ball);
    }
}
