package bersaglio.core.drill;

import bersaglio.core.goal.Attempt;
import bersaglio.core.odds.Neighbours;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** A rule asked of a player's sets at one level as they come, one after the other. */
public interface Following {

    void take(Attempt next);

    /** What it says after the last set taken. */
    Advice advice();

    default Advice after(List<Attempt> attempts) {
        attempts.forEach(this::take);
        return advice();
    }

    /** The same, put otherwise. */
    default Following saying(UnaryOperator<Advice> otherwise) {
        Following rule = this;
        return new Following() {
            @Override
            public void take(Attempt next) {
                rule.take(next);
            }

            @Override
            public Advice advice() {
                return otherwise.apply(rule.advice());
            }
        };
    }

    /** Goes through all of them whenever it is asked. */
    static Following anew(AdvanceRule rule, Level level, Neighbours before) {
        List<Attempt> taken = new ArrayList<>();
        return new Following() {
            @Override
            public void take(Attempt next) {
                taken.add(next);
            }

            @Override
            public Advice advice() {
                return rule.advise(level, taken, before);
            }
        };
    }
}
