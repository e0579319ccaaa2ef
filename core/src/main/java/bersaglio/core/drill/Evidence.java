package bersaglio.core.drill;

import bersaglio.core.format.Kind;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Tally;
import bersaglio.core.measure.Threshold;
import bersaglio.core.odds.HitRate;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;

/**
 * Moves up when the trials at the level make it likely enough that the true rate is the target rate or better. Older
 * trials count less, so that a player who has improved is not held back for long.
 *
 * @param confidence  mastery wanted, 0.5 to 0.999
 * @param leastTrials trials wanted before the rule speaks, counted plainly, at least 1
 * @param halfLife    later trials after which a trial counts half; 0 turns the weights off
 */
@Kind("evidence")
public record Evidence(double confidence, int leastTrials, int halfLife) implements AdvanceRule {

    public static final Evidence DEFAULT = new Evidence(0.80, 20, 36);

    private static final int MOST_SETS_AHEAD = 6;

    public Evidence {
        Check.requireBetween("confidence", confidence, 0.5, 0.999);
        Check.requireBetween("leastTrials", leastTrials, 1, 500);
        Check.requireBetween("halfLife", halfLife, 0, 10_000);
    }

    /** Its words after {@code on evidence of}. */
    static Evidence read(Reader from) {
        double confidence = from.share();
        from.needs("from");
        int least = from.counted("trial", "trials");
        return new Evidence(confidence, least, from.takes("half weight after") ? from.count() : 0);
    }

    @Override
    public void write(Sentence to) {
        to.say("on evidence of").share(confidence);
        to.say("from").counted(leastTrials, "trial", "trials");
        if (halfLife > 0) {
            to.comma().say("half weight after").number(halfLife);
        }
    }

    @Override
    public Advice advise(Level level, List<Attempt> attempts, Neighbours before) {
        HitRate weighted = weigh(attempts, worth(attempts, before));
        double asked = level.targetRate();
        Tally plain = plain(attempts);
        Attempt last = attempts.get(attempts.size() - 1);
        List<Figure> figures = new ArrayList<>();
        figures.add(new Figure("hits", plain.hits()));
        figures.add(new Figure("trials", plain.trials()));
        figures.add(new Figure("targetRate", asked));
        figures.add(new Figure("masteryRate", weighted.mastery(asked)));
        figures.add(new Figure("confidenceRate", confidence));
        figures.add(new Figure("lastHits", last.tally().hits()));
        figures.add(new Figure("lastTrials", last.tally().trials()));
        figures.add(new Figure("leastTrials", leastTrials));
        figures.add(new Figure("worthRate", worth(attempts, before)));
        if (advances(asked, plain.trials(), weighted)) {
            return new Advice(Advice.Call.MOVE_UP, "evidence.enough", figures);
        }
        if (plain.trials() < leastTrials && isLikelyEnough(asked, weighted)) {
            return new Advice(Advice.Call.STAY, "evidence.few", figures);
        }
        if (!last.isMet()) {
            return new Advice(Advice.Call.STAY, "evidence.stay", figures);
        }
        String settling = settling(level.goal(), asked, attempts, worth(attempts, before), figures);
        return new Advice(Advice.Call.STAY, "evidence.metStay." + settling, figures);
    }

    /**
     * What would settle it: the fewest hits in the next set, else the fewest further sets like the last one. Misses are
     * put last in the sets to come, where they weigh most, so that the promise holds in any order; how streaky the player is
     * is taken as it is known.
     */
    private String settling(Goal goal, double asked, List<Attempt> attempts, double worth, List<Figure> figures) {
        if (!(goal instanceof Quota quota)) {
            return settlingAlike(asked, attempts, worth, figures);
        }
        int balls = quota.balls();
        for (int hits = quota.hits(); hits <= balls; hits++) {
            if (advances(asked, withNext(quota, attempts, hits, 1), worth)) {
                figures.add(new Figure("nextHits", hits));
                figures.add(new Figure("nextBalls", balls));
                return "nextSet";
            }
        }
        Tally last = attempts.get(attempts.size() - 1).tally();
        int alike = (int) Math.round((double) last.hits() * balls / last.trials());
        for (int sets = 2; sets <= MOST_SETS_AHEAD; sets++) {
            if (advances(asked, withNext(quota, attempts, alike, sets), worth)) {
                figures.add(new Figure("moreSets", sets));
                figures.add(new Figure("nextHits", alike));
                figures.add(new Figure("nextBalls", balls));
                return "moreSets";
            }
        }
        return "far";
    }

    /** Of a goal whose sets have no length of their own: further sets as the last one was. */
    private String settlingAlike(double asked, List<Attempt> attempts, double worth, List<Figure> figures) {
        Attempt last = attempts.get(attempts.size() - 1);
        List<Attempt> ahead = new ArrayList<>(attempts);
        for (int sets = 1; sets <= MOST_SETS_AHEAD; sets++) {
            ahead.add(last);
            if (sets > 1 && advances(asked, ahead, worth)) {
                figures.add(new Figure("moreSets", sets));
                figures.add(new Figure("nextHits", last.tally().hits()));
                figures.add(new Figure("nextBalls", last.tally().trials()));
                return "moreSets";
            } else if (advances(asked, ahead, worth)) {
                figures.add(new Figure("nextHits", last.tally().hits()));
                figures.add(new Figure("nextBalls", last.tally().trials()));
                return "nextSet";
            }
        }
        return "far";
    }

    private static List<Attempt> withNext(Quota quota, List<Attempt> attempts, int hits, int sets) {
        List<Attempt> ahead = new ArrayList<>(attempts);
        Attempt next = Attempt.of(quota, "1".repeat(hits) + "0".repeat(quota.balls() - hits));
        for (int i = 0; i < sets; i++) {
            ahead.add(next);
        }
        return ahead;
    }

    private boolean advances(double asked, List<Attempt> attempts, double worth) {
        return advances(asked, plain(attempts).trials(), weigh(attempts, worth));
    }

    /** @param asked the true rate asked for */
    private boolean advances(double asked, int trials, HitRate weighted) {
        return trials >= leastTrials && isLikelyEnough(asked, weighted);
    }

    /** With a half life that is too short the latest balls alone never tell enough, however many are hit. */
    @Override
    public void requireReachable(double targetRate) {
        if (halfLife > 0) {
            double endless = 1 / (1 - Math.pow(0.5, 1.0 / halfLife));
            if (!isLikelyEnough(targetRate, new HitRate(endless, endless))) {
                throw new Refused(
                        "never_enough", "halfLife", Integer.toString(halfLife), "longer, or 0 for all balls alike");
            }
        }
    }

    private boolean isLikelyEnough(double asked, HitRate weighted) {
        return Threshold.reaches(weighted.mastery(asked), confidence);
    }

    private static double worth(List<Attempt> attempts, Neighbours before) {
        Neighbours seen = before;
        for (Attempt attempt : attempts) {
            seen = seen.plus(attempt.trials());
        }
        return seen.worth();
    }

    /** Hits and trials of these sets, weighted by age and by what a ball of this player is worth. */
    HitRate weigh(List<Attempt> attempts, double worth) {
        HitRate byAge = weigh(attempts);
        return new HitRate(byAge.hits() * worth, byAge.trials() * worth);
    }

    /** Hits and trials of these sets, each weighted by how many trials came later. */
    public HitRate weigh(List<Attempt> attempts) {
        double hits = 0;
        double trials = 0;
        for (Attempt attempt : attempts) {
            for (int i = 0; i < attempt.trials().length(); i++) {
                hits = hits * fading() + (attempt.isHit(i) ? 1 : 0);
                trials = trials * fading() + 1;
            }
        }
        return new HitRate(Math.min(hits, trials), trials);
    }

    @Override
    public Asking asking(Level level) {
        return WeighingExaminer.asking(this, level.targetRate(), WeighingExaminer.For.MOVING_UP);
    }

    @Override
    public double[] exactly(Level level, Trying trying) {
        return level.isShort(trying) ? new EvidenceOdds(this, level, trying).passedAfter() : Trying.UNKNOWN;
    }

    /** What a trial's weight is multiplied by with each later trial. */
    double fading() {
        return halfLife == 0 ? 1 : Math.pow(0.5, 1.0 / halfLife);
    }

    boolean advances(double asked, int trials, double weightedHits, double weightedTrials) {
        return advances(asked, trials, new HitRate(Math.min(weightedHits, weightedTrials), weightedTrials));
    }

    static Tally plain(List<Attempt> attempts) {
        Tally sum = Tally.NONE;
        for (Attempt attempt : attempts) {
            sum = sum.plus(attempt.tally());
        }
        return sum;
    }
}
