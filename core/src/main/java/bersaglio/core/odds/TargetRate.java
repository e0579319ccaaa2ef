package bersaglio.core.odds;

import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Memo;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Scoresheet;
import bersaglio.core.goal.Standing;
import bersaglio.core.problem.Check;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The rate at which a goal is met half the time within its balls, its tries or its time. A set that has no end is given
 * three times the fewest balls that can do it.
 */
public final class TargetRate {

    private static final int OF_THE_FEWEST = 3;
    private static final double SAME = 1e-9;
    private static final double HALF = 0.5;
    /** Of an answer that is kept, in states. */
    private static final int WEIGHT = 20;

    private record Asked(Goal goal, double secondsABall, double chance) {}

    private TargetRate() {}

    /** @return nothing where no rate of hits decides it */
    public static OptionalDouble of(Goal goal, double secondsABall, Memo memo) {
        return of(goal, secondsABall, HALF, memo);
    }

    /** The same, of what is asked once. */
    public static OptionalDouble of(Goal goal, double secondsABall) {
        return of(goal, secondsABall, HALF);
    }

    /**
     * The rate at which a goal is met with this chance.
     *
     * @param chance above 0 and below 1
     * @return nothing where no rate of hits gives it
     */
    public static OptionalDouble of(Goal goal, double secondsABall, double chance) {
        return of(goal, secondsABall, chance, new Memo());
    }

    /** The same; each verdict asks for it several times, and a level's is always the same. */
    public static OptionalDouble of(Goal goal, double secondsABall, double chance, Memo memo) {
        Check.requireBetween("chance", chance, 0.01, 0.99);
        Check.requirePositive("secondsABall", secondsABall);
        return memo.recall(
                new Asked(goal, secondsABall, chance),
                () -> workedOut(goal, secondsABall, chance, memo),
                answer -> WEIGHT);
    }

    private static OptionalDouble workedOut(Goal goal, double secondsABall, double chance, Memo memo) {
        if (!goal.isDecidedByRate()) {
            return OptionalDouble.empty();
        }
        Ahead ahead = goal.ahead(secondsABall).remembering(memo);
        if (ahead.balls() == Play.NO_END && isEndless(ahead.play())) {
            ahead = new Ahead(ahead.play(), OF_THE_FEWEST * fewest(ahead.play()), ahead.playsOn(), memo);
        }
        int wanted = ahead.hitsWanted().orElse(0);
        if (wanted > 0 && wanted <= ahead.balls() && ahead.balls() != Play.NO_END) {
            return OptionalDouble.of(new QuotaOdds(wanted, ahead.balls()).rateFor(chance));
        }
        double best = GoalOdds.of(ahead, 1).met();
        if (best < chance) {
            return OptionalDouble.empty();
        }
        OptionalDouble followed = rateFor(ahead, best, chance);
        return followed.isPresent() ? followed : OptionalDouble.of(PlayedSets.rateFor(ahead, chance));
    }

    /** Whether who never hits goes on for ever. */
    private static boolean isEndless(Play first) {
        Play play = first;
        for (int ball = 0; ball < Scoresheet.LONGEST; ball++) {
            if (play.over() || play.standing(Play.NO_END) != Standing.OPEN) {
                return false;
            }
            play = play.after(play.next(false)).play();
        }
        return true;
    }

    private static int fewest(Play first) {
        Play play = first;
        int balls = 0;
        while (play.standing(Play.NO_END) != Standing.MET && balls < Scoresheet.LONGEST) {
            play = play.after(play.next(true)).play();
            balls++;
        }
        return balls;
    }

    /** False position, with the end that stays counting half (Illinois), so that few rates are tried. Nothing where that takes long. */
    private static OptionalDouble rateFor(Ahead ahead, double best, double chance) {
        double low = 0;
        double high = 1;
        double below = -chance;
        double above = best - chance;
        int moved = 0;
        while (high - low > SAME) {
            double straight = high - above * (high - low) / (above - below);
            double rate = Math.max(low + SAME / 2, Math.min(high - SAME / 2, straight));
            Optional<GoalOdds> odds = GoalOdds.exactly(ahead, rate);
            if (odds.isEmpty()) {
                return OptionalDouble.empty();
            }
            double off = odds.get().met() - chance;
            if (off < 0) {
                low = rate;
                below = off;
                above /= moved < 0 ? 2 : 1;
                moved = -1;
            } else {
                high = rate;
                above = off;
                below /= moved > 0 ? 2 : 1;
                moved = 1;
            }
        }
        return OptionalDouble.of(high);
    }
}
