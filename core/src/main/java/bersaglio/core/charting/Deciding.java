package bersaglio.core.charting;

import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Level;
import bersaglio.core.goal.Attempt;
import java.util.Optional;

/** Whether a set that still runs has decided its level already, by a rule that looks at every ball. */
public final class Deciding {

    private final Drill drill;
    private final Level level;
    private final History before;

    Deciding(Drill drill, Level level, History before) {
        this.drill = drill;
        this.level = level;
        this.before = before;
    }

    /** @return nothing while it is open, or where the rule waits for the end of a set */
    public Optional<Advice> after(Attempt sofar) {
        if (!level.advance().looksAtEachBall() || sofar.trials().isEmpty()) {
            return Optional.empty();
        }
        History now = before.with(sofar);
        boolean open =
                level.advance().advise(level, now.attempts(), now.before()).call() == Advice.Call.STAY;
        return open ? Optional.empty() : Optional.of(now.advice(drill, level.number()));
    }
}
