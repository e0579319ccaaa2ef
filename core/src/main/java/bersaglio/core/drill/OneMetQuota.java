package bersaglio.core.drill;

import java.util.List;

/** One met quota moves up. */
public record OneMetQuota() implements AdvanceRule {

    @Override
    public Advice advise(Level level, List<Attempt> attempts) {
        Quota quota = level.quota();
        Tally last = attempts.get(attempts.size() - 1).tally();
        Figure hits = new Figure("hits", last.hits());
        Figure trials = new Figure("trials", last.trials());
        Figure quotaHits = new Figure("quotaHits", quota.hits());
        Figure quotaBalls = new Figure("quotaBalls", quota.balls());
        return switch (quota.judge(last)) {
            case MET -> Advice.moveUp("once.met", hits, trials, quotaHits, quotaBalls);
            case OPEN -> Advice.stay("once.endedEarly", hits, trials, quotaHits, quotaBalls);
            case OUT_OF_REACH ->
                Advice.stay(
                        "once.missed", hits, trials, quotaHits, quotaBalls, new Figure("short", quota.wanted(last)));
        };
    }

    @Override
    public double passesWithin(Level level, int sets, double rate) {
        return 1 - Math.pow(1 - level.quota().odds().met(rate), sets);
    }
}
