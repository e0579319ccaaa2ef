package bersaglio.core.advice;

import bersaglio.core.match.Spots;
import bersaglio.core.odds.Belief;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What is said of the one placement that is used most. It is asked of one, and of all others together: asked of each of five
 * that are equally good, some other looks better in every second match.
 *
 * @param here      what it came to in this match
 * @param favourite the same in this match and before
 * @param others    the other placements of that stroke
 * @param worse     the chance that it is worse than they are
 * @param verdict   what to do
 * @param luck      whether its losses in this match are more than luck
 * @param toTry     a neighbour, where it is to be left; to try, not known to be better
 */
public record PlacementAdvice(
        PlacementTally here,
        PlacementTally favourite,
        PlacementTally others,
        double worse,
        Verdict verdict,
        Luck luck,
        Optional<Integer> toTry) {

    /** What to do with the favourite. */
    public enum Verdict {
        TOO_EARLY,
        LEAVE,
        KEEP
    }

    /** Why it loses. */
    public enum Luck {
        /** More is lost there than elsewhere. */
        REAL,
        NOT_CLEAR,
        COULD_BE_LUCK
    }

    /** A player's overall rate counts as much as so many rallies. */
    public static final double STRENGTH = 6;

    private static final double SURE = 0.85;
    private static final double UNSURE = 0.6;
    private static final int FEWEST = 6;
    private static final int FEWEST_MOVES = 3;
    private static final double EPSILON = 1e-9;

    /** @param match of this match; @param all of this match and those before */
    public static Optional<PlacementAdvice> of(Placements match, Placements all) {
        return match.favourite().map(here -> {
            Placement placement = here.placement();
            PlacementTally known = all.at(placement);
            PlacementTally others = all.others(placement);
            double worse = belief(others, match.rate()).chanceAbove(belief(known, match.rate()));
            boolean enough = known.rallies() >= FEWEST && others.rallies() >= FEWEST;
            Verdict verdict = enough && worse >= SURE - EPSILON
                    ? Verdict.LEAVE
                    : enough && worse <= 1 - SURE + EPSILON ? Verdict.KEEP : Verdict.TOO_EARLY;
            return new PlacementAdvice(
                    here,
                    known,
                    others,
                    worse,
                    verdict,
                    luck(here, match.rate()),
                    verdict == Verdict.LEAVE ? toTry(placement, all) : Optional.empty());
        });
    }

    /** What is known of the rate at a placement, drawn towards the player's overall rate. */
    public static Belief belief(PlacementTally tally, double rate) {
        return new Belief(
                Math.max(EPSILON, STRENGTH * rate + tally.won()),
                Math.max(EPSILON, STRENGTH * (1 - rate) + tally.rallies() - tally.won()));
    }

    /** Why it loses; nothing where it does not lose more than the match as a whole does. */
    public static Optional<Luck> ofLosses(PlacementTally tally, double rate) {
        return tally.won() < rate * tally.rallies() - EPSILON ? Optional.of(luck(tally, rate)) : Optional.empty();
    }

    /** Whether more is lost at a placement than in the match as a whole. */
    public static Luck luck(PlacementTally tally, double rate) {
        double lost = belief(tally, rate).chanceBelow(rate);
        return lost >= SURE - EPSILON ? Luck.REAL : lost <= UNSURE + EPSILON ? Luck.COULD_BE_LUCK : Luck.NOT_CLEAR;
    }

    /** The neighbour that moves the opponent most; of equals the one least seen. */
    private static Optional<Integer> toTry(Placement from, Placements all) {
        return IntStream.rangeClosed(1, Spots.MOST)
                .filter(spot -> spot != from.spot() && Spots.isNear(spot, from.spot()))
                .boxed()
                .min(Comparator.<Integer>comparingDouble(spot -> -moves(all.at(at(from, spot))))
                        .thenComparingInt(spot -> all.at(at(from, spot)).shots())
                        .thenComparingInt(spot -> spot));
    }

    private static Placement at(Placement from, int spot) {
        return new Placement(from.stroke(), spot, from.kind());
    }

    private static double moves(PlacementTally tally) {
        return tally.movable() < FEWEST_MOVES ? 0.5 : (double) tally.moved() / tally.movable();
    }
}
