package bersaglio.core.forecast;

import bersaglio.core.court.Area;
import bersaglio.core.court.Point;
import bersaglio.core.goal.Tally;
import bersaglio.core.odds.Belief;
import bersaglio.core.odds.HitRate;
import bersaglio.core.problem.Check;
import bersaglio.core.scatter.Scatter;
import bersaglio.core.target.Ground;
import java.util.List;

/**
 * The true rate that a player is taken to have at a level, and what it rests on.
 *
 * @param level  whose trials or landings it rests on, 0 for a guess
 * @param trials trials or landings that it rests on
 * @param known  what is known of it
 * @param others players of the club towards whose rates it is drawn
 * @param setsADay that this player holds
 */
public record PlayerRate(Basis basis, int level, int trials, Belief known, int others, int setsADay) {

    /** Trials at a level below which its own rate is not taken. */
    public static final int FEWEST_TRIALS = 12;

    /** What a coach's guess is worth, in trials. */
    private static final int WORTH_OF_A_GUESS = 8;

    /** What a rate rests on. */
    public enum Basis {
        /** The player's own trials at the level. */
        TRIALS,
        /** The player's landings at the nearest level seen, as they would fall here. */
        LANDINGS,
        /** The coach's guess. */
        GUESS
    }

    public PlayerRate {
        Check.requireAtLeast("trials", trials, 0);
        Check.requireBetween("setsADay", setsADay, 1, 50);
    }

    public double rate() {
        return known.mean();
    }

    /** By these trials alone, older ones counting less. */
    public static PlayerRate of(HitRate weighted, int trials, int level) {
        return among(weighted, trials, level, List.of());
    }

    /** @param others what others hit at the same level, towards which it is drawn once they are enough */
    public static PlayerRate among(HitRate weighted, int trials, int level, List<Tally> others) {
        int drawn = others.size() < Belief.FEWEST_OTHERS ? 0 : others.size();
        return new PlayerRate(Basis.TRIALS, level, trials, Belief.among(weighted, others), drawn, 1);
    }

    /** @param aimedAt what the landings were aimed at */
    public static PlayerRate of(Scatter seen, int seenAt, Point aimedAt, Ground here, Area inUse) {
        Point middle = here.whole().middle();
        double chance =
                seen.aimedBy(middle.x() - aimedAt.x(), middle.y() - aimedAt.y()).chance(here, inUse);
        return inferred(Math.min(1, chance), Basis.LANDINGS, seenAt, seen.placements(), seen.placements());
    }

    public static PlayerRate guessed(double rate) {
        return inferred(rate, Basis.GUESS, 0, 0, WORTH_OF_A_GUESS);
    }

    /** A pair or group who hit in turn: the middle of their rates, known no better than any one of them is on average. */
    public static PlayerRate together(List<PlayerRate> players) {
        Check.requireBetween("players", players.size(), 1, 4);
        int all = 0;
        PlayerRate least = players.get(0);
        for (PlayerRate one : players) {
            all += one.trials;
            least = one.basis.compareTo(least.basis) > 0 ? one : least;
        }
        Belief known = Belief.together(players.stream().map(PlayerRate::known).toList());
        return new PlayerRate(least.basis, least.level, all, known, least.others, players.get(0).setsADay);
    }

    public PlayerRate holding(int sets) {
        return new PlayerRate(basis, level, trials, known, others, sets);
    }

    private static PlayerRate inferred(double rate, Basis basis, int level, int trials, int worth) {
        return new PlayerRate(basis, level, trials, Belief.about(rate, worth), 0, 1);
    }
}
