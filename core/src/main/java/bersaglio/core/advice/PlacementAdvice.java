package bersaglio.core.advice;

import bersaglio.core.match.Spots;
import bersaglio.core.odds.Belief;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

/**
 * What is said of the one placement that is used most. It is asked of one, and of all others together: asked of each of five
 * that are equally good, some other looks better in every second match. It is judged only at the {@link Looks} of a match:
 * judged after every rally, one of five equally good ones would be left in 42 of 100 matches.
 *
 * @param here      what it came to in this match
 * @param favourite the same in this match and before
 * @param others    the other placements of that stroke
 * @param worse     the chance that it is worse than they are
 * @param verdict   what to do
 * @param luck      whether its losses in this match are more than luck
 * @param toTry     a neighbour, where it is to be left; to try, not known to be better
 * @param looked    rallies of this match on which the verdict rests, 0 for those before it; of one that is too early to
 *     give, all of them
 */
public record PlacementAdvice(
        PlacementTally here,
        PlacementTally favourite,
        PlacementTally others,
        double worse,
        Verdict verdict,
        Luck luck,
        Optional<Integer> toTry,
        int looked) {

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

    /** At each look; over all looks of a match one of equally good placements is left in at most 15 of 100 matches. */
    private static final double SURE = 0.94;

    private static final double UNSURE = 0.6;
    private static final int FEWEST = 6;
    private static final int FEWEST_MOVES = 3;
    private static final double EPSILON = 1e-9;

    /**
     * @param after   placements in the first so many decided rallies of this match
     * @param rallies decided so far
     * @param earlier placements of the matches before it
     */
    static Optional<PlacementAdvice> of(IntFunction<Placements> after, int rallies, List<PlacementTally> earlier) {
        int look = Looks.last(rallies);
        return judged(after.apply(look), earlier, look)
                .filter(advice -> advice.verdict != Verdict.TOO_EARLY)
                .or(() -> judged(after.apply(rallies), earlier, rallies).map(PlacementAdvice::tooEarly));
    }

    private static Optional<PlacementAdvice> judged(Placements match, List<PlacementTally> earlier, int looked) {
        Placements all = match.with(earlier);
        return match.favourite()
                .or(looked == 0 ? all::favourite : Optional::empty)
                .map(favourite -> {
                    Placement placement = favourite.placement();
                    PlacementTally known = all.at(placement);
                    PlacementTally others = all.others(placement);
                    double worse = belief(others, match.rate()).chanceAbove(belief(known, match.rate()));
                    boolean enough = known.rallies() >= FEWEST && others.rallies() >= FEWEST;
                    Verdict verdict = enough && worse >= SURE - EPSILON
                            ? Verdict.LEAVE
                            : enough && worse <= 1 - SURE + EPSILON ? Verdict.KEEP : Verdict.TOO_EARLY;
                    return new PlacementAdvice(
                            match.at(placement),
                            known,
                            others,
                            worse,
                            verdict,
                            match.luck(match.at(placement)),
                            verdict == Verdict.LEAVE ? toTry(placement, all) : Optional.empty(),
                            looked);
                });
    }

    private PlacementAdvice tooEarly() {
        // That losses are real is said at a look only.
        Luck soFar = luck == Luck.REAL ? Luck.NOT_CLEAR : luck;
        return new PlacementAdvice(here, favourite, others, worse, Verdict.TOO_EARLY, soFar, Optional.empty(), looked);
    }

    /** What is known of the rate at a placement, drawn towards the player's overall rate. */
    public static Belief belief(PlacementTally tally, double rate) {
        return new Belief(
                Math.max(EPSILON, STRENGTH * rate + tally.won()),
                Math.max(EPSILON, STRENGTH * (1 - rate) + tally.rallies() - tally.won()));
    }

    /**
     * Whether more is lost at a placement than in the match as a whole. Asked of several placements, the chance that any of
     * them seems to lose is shared out among them.
     *
     * @param rate  of the match
     * @param asked placements of which enough is known to ask
     */
    static Luck luck(PlacementTally tally, double rate, int asked) {
        double lost = belief(tally, rate).chanceBelow(rate);
        boolean real = tally.rallies() >= FEWEST && lost >= 1 - Looks.NEEDLESS / Math.max(1, asked) - EPSILON;
        return real ? Luck.REAL : lost <= UNSURE + EPSILON ? Luck.COULD_BE_LUCK : Luck.NOT_CLEAR;
    }

    /** Whether enough is known of a placement to ask why it loses. */
    static boolean canBeAsked(PlacementTally tally) {
        return tally.rallies() >= FEWEST;
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
