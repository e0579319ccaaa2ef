package bersaglio.core.drill;

import bersaglio.core.format.Kind;
import bersaglio.core.goal.Attempt;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/** Nobody goes down but by the coach's word. */
@Kind("stay")
public record StayPut() implements Retreat {

    @Override
    public void write(Sentence to) {
        to.say("never");
    }

    @Override
    public Optional<Advice> advise(Level level, List<Attempt> attempts, Neighbours before) {
        return Optional.empty();
    }

    @Override
    public Asking asking(Level level) {
        return streaks -> Examiner.STAYING;
    }
}
