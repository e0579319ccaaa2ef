package bersaglio.core.drill;

import bersaglio.core.goal.Attempt;
import bersaglio.core.odds.Neighbours;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Says what a rule advises after a player's sets at one level, as they come. */
public interface Adviser {

    void take(Attempt next);

    /** After the last set taken. */
    Advice advice();

    default Advice after(List<Attempt> attempts) {
        attempts.forEach(this::take);
        return advice();
    }

    /** The same, put otherwise. */
    default Adviser saying(UnaryOperator<Advice> otherwise) {
        Adviser rule = this;
        return new Adviser() {
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
    static Adviser anew(AdvanceRule rule, Level level, Neighbours before) {
        List<Attempt> taken = new ArrayList<>();
        return new Adviser() {
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
