package bersaglio.core.drill;

import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Quota;
import java.util.ArrayList;
import java.util.List;

/** One met goal moves up. */
public record OneMetQuota() implements AdvanceRule {

    @Override
    public Advice advise(Level level, List<Attempt> attempts) {
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
            default -> new Advice(Advice.Call.STAY, block ? "once.missed" : "once.goalMissed", figures);
        };
    }

    @Override
    public double passesWithin(Level level, int sets, double rate) {
        return 1 - Math.pow(1 - level.metInOneSet(rate), sets);
    }
}
