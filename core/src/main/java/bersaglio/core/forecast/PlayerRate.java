package bersaglio.core.forecast;

import bersaglio.core.court.Area;
import bersaglio.core.court.Point;
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
 * @param known  as hits and trials, for how far off it may be
 */
public record PlayerRate(double rate, Basis basis, int level, int trials, HitRate known) {

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
        Check.requireRate("rate", rate);
    }

    /** The middle of what is left open by these trials, older ones counting less. */
    public static PlayerRate of(HitRate weighted, int trials, int level) {
        return new PlayerRate((weighted.hits() + 0.5) / (weighted.trials() + 1), Basis.TRIALS, level, trials, weighted);
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
        double hits = 0;
        double trials = 0;
        double rates = 0;
        int all = 0;
        PlayerRate least = players.get(0);
        for (PlayerRate one : players) {
            hits += one.known.hits();
            trials += one.known.trials();
            rates += one.rate;
            all += one.trials;
            least = one.basis.compareTo(least.basis) > 0 ? one : least;
        }
        int count = players.size();
        return new PlayerRate(rates / count, least.basis, least.level, all, new HitRate(hits / count, trials / count));
    }

    private static PlayerRate inferred(double rate, Basis basis, int level, int trials, int worth) {
        return new PlayerRate(rate, basis, level, trials, new HitRate(rate * worth, worth));
    }
}
