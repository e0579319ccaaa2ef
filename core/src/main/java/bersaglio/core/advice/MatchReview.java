package bersaglio.core.advice;

import bersaglio.core.charting.ChartedMatch;
import bersaglio.core.court.Side;
import bersaglio.core.match.PlayedRally;
import bersaglio.core.match.Team;
import bersaglio.core.odds.Readable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a match says of a team, or of one of its players.
 *
 * @param here    its placements in this match
 * @param looked  the same at the last of the {@link Looks}
 * @param lengths of rallies, short, middling and long ones, that were won and played
 * @param bonuses of both teams
 * @param serving rallies won on the own serve, and how many there were
 */
public record MatchReview(
        Placements here,
        Placements looked,
        Optional<PlacementAdvice> advice,
        List<ServeReport> serves,
        List<Band> lengths,
        Band serving,
        Band receiving,
        List<BonusTally> bonuses) {

    private static final int[] BANDS = {4, 8, Integer.MAX_VALUE};

    /** @param upTo the longest rally that it holds; 0 where it is about no length */
    public record Band(int upTo, int won, int rallies) {

        private Band plus(boolean itWasWon) {
            return new Band(upTo, won + (itWasWon ? 1 : 0), rallies + 1);
        }
    }

    /**
     * @param player  of the team, from 0; -1 for all of it
     * @param earlier placements of earlier matches against the same opponent
     */
    public static MatchReview of(ChartedMatch match, Team team, int player, List<PlacementTally> earlier) {
        List<PlayedRally> rallies = match.asCounted();
        List<PlayedRally> decided = rallies.stream()
                .filter(rally -> rally.end().winner().isPresent())
                .toList();
        int look = Looks.last(decided.size());
        Placements looked = Placements.of(match.sport(), decided.subList(0, look), team, player);
        Placements here = Placements.of(match.sport(), rallies, team, player);
        List<Band> lengths = new ArrayList<>();
        for (int upTo : BANDS) {
            lengths.add(new Band(upTo, 0, 0));
        }
        Band serving = new Band(0, 0, 0);
        Band receiving = serving;
        for (PlayedRally rally : decided) {
            boolean won = rally.end().winner().get() == team;
            int length = rally.length(match.opened().counts());
            if (length > 0) {
                int band = 0;
                while (length > BANDS[band]) {
                    band++;
                }
                lengths.set(band, lengths.get(band).plus(won));
            }
            if (rally.serving().team() == team) {
                serving = serving.plus(won);
            } else {
                receiving = receiving.plus(won);
            }
        }
        return new MatchReview(
                here,
                looked,
                PlacementAdvice.of(number -> number == look ? looked : here, decided.size(), earlier),
                ServeReport.all(match.sport(), rallies, team, player),
                lengths,
                serving,
                receiving,
                BonusTally.all(match.agreed(), rallies));
    }

    /** Why a placement loses; nothing where it does not lose more than the match as a whole does. */
    public Optional<PlacementAdvice.Luck> lossesAt(PlacementTally tally) {
        if (tally.won() >= here.rate() * tally.rallies() - 1e-9) {
            return Optional.empty();
        }
        if (looked.luck(looked.at(tally.placement())) == PlacementAdvice.Luck.REAL) {
            return Optional.of(PlacementAdvice.Luck.REAL);
        }
        PlacementAdvice.Luck now = here.luck(tally);
        return Optional.of(now == PlacementAdvice.Luck.REAL ? PlacementAdvice.Luck.NOT_CLEAR : now);
    }

    /** What may be said in a break, one at a time, the most useful first. */
    public List<Hint> hints() {
        return Stream.concat(
                        advice.stream().flatMap(MatchReview::about),
                        serves.stream().flatMap(MatchReview::about))
                .sorted(Comparator.comparing(Hint::what))
                .toList();
    }

    private static Stream<Hint> about(PlacementAdvice advice) {
        PlacementTally here = advice.here();
        Hint.What what =
                switch (advice.verdict()) {
                    case LEAVE -> Hint.What.LEAVE;
                    case KEEP -> Hint.What.KEEP;
                    case TOO_EARLY ->
                        loses(here) && advice.luck() == PlacementAdvice.Luck.COULD_BE_LUCK
                                ? Hint.What.STAY
                                : Hint.What.TOO_EARLY;
                };
        // Luck is of this match; all else counts those before it.
        PlacementTally told = what == Hint.What.STAY ? here : advice.favourite();
        return Stream.of(new Hint(
                what,
                told.placement().stroke(),
                Side.NONE,
                told.placement().spot(),
                advice.toTry().orElse(0),
                told.won(),
                told.rallies(),
                advice.looked(),
                what == Hint.What.KEEP ? 1 - advice.worse() : advice.worse()));
    }

    private static boolean loses(PlacementTally tally) {
        return 2 * tally.won() < tally.rallies();
    }

    private static Stream<Hint> about(ServeReport serves) {
        Optional<Readable> readable = serves.readable();
        return serves.next().stream()
                .map(next -> new Hint(
                        Hint.What.READABLE,
                        "serve",
                        serves.court(),
                        0,
                        next,
                        0,
                        readable.map(Readable::choices).orElse(0),
                        readable.map(Readable::choices).orElse(0),
                        readable.map(Readable::guessed).orElse(0.0)));
    }
}
