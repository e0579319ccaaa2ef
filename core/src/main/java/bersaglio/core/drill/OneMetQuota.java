package bersaglio.core.drill;

import bersaglio.core.format.Kind;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Standing;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** One met goal moves up. */
@Kind("one_met")
public record OneMetQuota() implements AdvanceRule {

    @Override
    public void write(Sentence to) {
        to.say("after one met set");
    }

    @Override
    public Advice advise(Level level, List<Attempt> attempts, Neighbours before) {
        Attempt last = attempts.get(attempts.size() - 1);
        List<Figure> figures = new ArrayList<>();
        figures.add(new Figure("hits", last.tally().hits()));
        figures.add(new Figure("trials", last.tally().trials()));
        boolean block = false;
        if (level.goal() instanceof Quota quota) {
            block = true;
            figures.add(new Figure("quotaHits", quota.hits()));
            figures.add(new Figure("quotaBalls", quota.balls()));
            if (!last.isMet()) {
                figures.add(new Figure("short", quota.hits() - last.tally().hits()));
            }
        }
        return switch (last.standing()) {
            case MET -> new Advice(Advice.Call.MOVE_UP, block ? "once.met" : "once.goalMet", figures);
            case OPEN -> new Advice(Advice.Call.STAY, block ? "once.endedEarly" : "once.goalEndedEarly", figures);
            case OUT_OF_REACH, DONE -> new Advice(Advice.Call.STAY, block ? "once.missed" : "once.goalMissed", figures);
        };
    }

    @Override
    public Asking asking(Level level) {
        return streaks -> new Examiner() {
            @Override
            Advice.Call close(Standing standing, long day) {
                return standing == Standing.MET ? Advice.Call.MOVE_UP : Advice.Call.STAY;
            }
        };
    }

    @Override
    public double[] exactly(Level level, Trying trying) {
        OptionalDouble met = level.metInOneSetExactly(trying.rate());
        if (met.isEmpty()) {
            return Trying.UNKNOWN;
        }
        double unmet = 1 - met.getAsDouble();
        double[] passed = new double[trying.sets()];
        double left = 1;
        for (int set = 0; set < passed.length; set++) {
            left *= unmet;
            passed[set] = 1 - left;
        }
        return passed;
    }
}
