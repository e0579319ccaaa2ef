package bersaglio.core.drill;

import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Tally;
import bersaglio.core.odds.HitRate;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.problem.Check;
import java.util.List;
import java.util.Optional;

/**
 * What a set says, with how far it can be trusted.
 *
 * @param lower        lower end of the 95 % interval of the true rate, from this set alone
 * @param upper        its upper end
 * @param mastery      the chance that the true rate is the target rate or better, from this set alone
 * @param tries        sets held at the level since the player came to it, this one included
 * @param notReadyRate the true rate of a player who is not ready
 * @param luckChance   how often such a player has passed by luck within so many tries
 * @param growth       whether the level still fits this player, by all sets held at it; nothing where the rule moves
 * @param advice       what the level's rule says
 */
public record Verdict(
        Tally tally,
        double lower,
        double upper,
        double targetRate,
        double mastery,
        int tries,
        double notReadyRate,
        double luckChance,
        Optional<Growth> growth,
        Advice advice) {

    public Verdict with(Advice other) {
        return new Verdict(tally, lower, upper, targetRate, mastery, tries, notReadyRate, luckChance, growth, other);
    }

    /**
     * Judges the last of these sets.
     *
     * @param before neighbouring balls of the player's sets before them
     */
    public static Verdict of(Drill drill, int levelNumber, List<Attempt> attempts, Neighbours before) {
        Level level = drill.level(levelNumber);
        Check.requireAtLeast("attempts", attempts.size(), 1);
        Tally tally = attempts.get(attempts.size() - 1).tally();
        HitRate rate = new HitRate(tally.hits(), tally.trials());
        Advice advice = drill.advise(levelNumber, attempts, before);
        boolean stays = advice.call() == Advice.Call.STAY;
        return new Verdict(
                tally,
                rate.lower(),
                rate.upper(),
                level.targetRate(),
                rate.mastery(level.targetRate()),
                attempts.size(),
                level.notReadyRate(),
                Luck.within(level, attempts.size()),
                stays ? Growth.of(attempts, level.targetRate()) : Optional.empty(),
                advice);
    }
}
