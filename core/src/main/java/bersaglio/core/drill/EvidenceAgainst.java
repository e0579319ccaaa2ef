package bersaglio.core.drill;

import bersaglio.core.format.Flat;
import bersaglio.core.format.Kind;
import bersaglio.core.goal.Attempt;
import bersaglio.core.measure.Threshold;
import bersaglio.core.odds.HitRate;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/**
 * Goes down when the trials at the level make it unlikely enough that the true rate is there: the evidence rule the
 * other way round, with its weights.
 */
@Kind("evidence")
public record EvidenceAgainst(@Flat Evidence rule) implements Retreat {

    @Override
    public void write(Sentence to) {
        rule.write(to);
    }

    @Override
    public Optional<Advice> advise(Level level, List<Attempt> attempts, Neighbours before) {
        Neighbours seen = before;
        for (Attempt attempt : attempts) {
            seen = seen.plus(attempt.trials());
        }
        HitRate weighted = rule.weigh(attempts, seen.worth());
        double mastery = weighted.mastery(level.targetRate());
        boolean enough = Evidence.plain(attempts).trials() >= rule.leastTrials();
        if (!enough || !Threshold.reaches(1 - rule.confidence(), mastery)) {
            return Optional.empty();
        }
        return Optional.of(Advice.stepBack(
                level.number() - 1,
                "evidence.back",
                new Figure("masteryRate", mastery),
                new Figure("targetRate", level.targetRate()),
                new Figure("confidenceRate", rule.confidence())));
    }

    public EvidenceAgainst {
        Check.requireBetween("confidence", rule.confidence(), 0.5, 0.999);
    }

    @Override
    public Asking asking(Level level) {
        return WeighingExaminer.asking(rule, level.targetRate(), WeighingExaminer.For.STEPPING_BACK);
    }
}
