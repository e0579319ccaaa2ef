package bersaglio.core.drill;

import bersaglio.core.format.Kind;
import bersaglio.core.goal.Attempt;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.words.Sentence;
import java.util.List;

/** Only the coach moves a player up; the figures are there to decide by. */
@Kind("coach")
public record CoachsCall() implements AdvanceRule {

    @Override
    public void write(Sentence to) {
        to.say("when the coach says");
    }

    @Override
    public Advice advise(Level level, List<Attempt> attempts, Neighbours before) {
        Attempt last = attempts.get(attempts.size() - 1);
        return Advice.stay(
                last.isMet() ? "coach.met" : "coach.unmet",
                new Figure("hits", last.tally().hits()),
                new Figure("trials", last.tally().trials()));
    }

    @Override
    public Asking asking(Level level) {
        return streaks -> Examiner.STAYING;
    }

    /** Nobody passes by luck where luck does not decide. */
    @Override
    public double[] exactly(Level level, Trying trying) {
        return new double[trying.sets()];
    }
}
