package bersaglio.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.advice.PlacementAdvice.Luck;
import bersaglio.core.advice.PlacementAdvice.Verdict;
import bersaglio.core.match.Bounce;
import bersaglio.core.odds.Readable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlacementAdviceTest {

    private static PlacementTally tally(int spot, int won, int rallies) {
        return new PlacementTally(
                new Placement("drop", spot, Bounce.MET), rallies, rallies, won, List.of(0, 0, 0, 0, 0), 0, 0);
    }

    private static Placements of(int won, int rallies, PlacementTally... tallies) {
        return new Placements(won, rallies, List.of(tallies));
    }

    /** At a look at which the match was as it is told. */
    private static PlacementAdvice advice(Placements match) {
        return PlacementAdvice.of(rallies -> match, 24, List.of()).orElseThrow();
    }

    /** 6 of 8 and 2 of 6 where 7 of 12 are won overall. */
    @Test
    void twoPlacementsAreComparedDrawnTowardsTheOverallRate() {
        double rate = 7.0 / 12;
        var better = PlacementAdvice.belief(tally(1, 6, 8), rate);
        var worse = PlacementAdvice.belief(tally(3, 2, 6), rate);
        assertThat(better.hits()).isEqualTo(9.5, within(1e-9));
        assertThat(better.misses()).isEqualTo(4.5, within(1e-9));
        assertThat(worse.hits()).isEqualTo(5.5, within(1e-9));
        assertThat(worse.misses()).isEqualTo(6.5, within(1e-9));
        assertThat(better.chanceAbove(worse)).isEqualTo(0.8804, within(1e-4));
    }

    @Test
    void theFavouriteIsLeftWhenTheOthersOfItsStrokeAreBetterAndThereIsEnoughOfBoth() {
        PlacementAdvice leave = advice(of(16, 30, tally(3, 2, 12), tally(1, 6, 7), tally(2, 5, 6)));
        assertThat(leave.verdict()).isEqualTo(Verdict.LEAVE);
        assertThat(leave.luck()).isEqualTo(Luck.REAL);
        assertThat(leave.worse()).isGreaterThan(0.94);
        assertThat(leave.toTry())
                .as("a neighbour, the least seen of those that are alike")
                .hasValue(5);
        assertThat(advice(of(3, 11, tally(3, 0, 6), tally(1, 3, 5))).verdict())
                .as("five of the others are too few")
                .isEqualTo(Verdict.TOO_EARLY);
        assertThat(advice(of(16, 26, tally(3, 11, 12), tally(1, 2, 8))).verdict())
                .isEqualTo(Verdict.KEEP);
    }

    @Test
    void aNeighbourThatMovedTheOpponentIsTriedFirst() {
        PlacementTally moving =
                new PlacementTally(new Placement("drop", 6, Bounce.MET), 4, 4, 2, List.of(0, 0, 0, 0, 0), 4, 4);
        PlacementAdvice leave = advice(of(16, 30, tally(3, 1, 12), tally(1, 6, 7), moving));
        assertThat(leave.toTry()).hasValue(6);
    }

    @Test
    void twoLossesMayBeLuckAndTwelveAreNot() {
        assertThat(PlacementAdvice.luck(tally(3, 0, 0), 0.6, 1)).isEqualTo(Luck.COULD_BE_LUCK);
        assertThat(PlacementAdvice.luck(tally(3, 1, 2), 0.5, 1)).isEqualTo(Luck.COULD_BE_LUCK);
        assertThat(PlacementAdvice.luck(tally(3, 0, 2), 0.5, 1)).isEqualTo(Luck.NOT_CLEAR);
        assertThat(PlacementAdvice.luck(tally(3, 1, 12), 0.5, 4)).isEqualTo(Luck.REAL);
        assertThat(PlacementAdvice.luck(tally(3, 3, 12), 0.5, 1)).isEqualTo(Luck.REAL);
        assertThat(PlacementAdvice.luck(tally(3, 3, 12), 0.5, 4))
                .as("one of four that are asked")
                .isEqualTo(Luck.NOT_CLEAR);
    }

    @Test
    void aVerdictStandsFromItsLookToTheNext() {
        Placements lost = of(10, 24, tally(3, 1, 10), tally(1, 9, 14));
        Placements even = of(20, 40, tally(3, 12, 25), tally(1, 8, 15));
        IntFunction<Placements> after = rallies -> rallies == 24 ? lost : even;
        for (int rallies = 24; rallies < 48; rallies++) {
            PlacementAdvice advice =
                    PlacementAdvice.of(after, rallies, List.of()).orElseThrow();
            assertThat(advice.verdict()).isEqualTo(Verdict.LEAVE);
            assertThat(advice.looked()).isEqualTo(24);
        }
        assertThat(PlacementAdvice.of(after, 48, List.of()).orElseThrow().verdict())
                .isEqualTo(Verdict.TOO_EARLY);
        assertThat(PlacementAdvice.of(after, 23, List.of()).orElseThrow().looked())
                .as("of what is too early to judge all is told")
                .isEqualTo(23);
    }

    /**
     * Placements that are equally good, and a coach who looks after every rally: how often in a match is one of them left,
     * or are its losses said to be real?
     */
    @ParameterizedTest
    @CsvSource({"5, 44, 0.5", "5, 77, 0.5", "5, 130, 0.5", "2, 130, 0.3", "8, 130, 0.3", "5, 130, 0.65", "5, 260, 0.5"})
    void howeverOftenTheCoachLooksNothingNeedlessIsSaidInMostMatches(int places, int length, double rate) {
        Random random = new Random(places * 1000L + length);
        int left = 0;
        int real = 0;
        int matches = 400;
        for (int match = 0; match < matches; match++) {
            List<Placements> after = simulated(random, places, length, rate);
            boolean leave = false;
            boolean lost = false;
            for (int rallies = 0; rallies <= length; rallies = Math.max(rallies + 1, nextLook(rallies))) {
                Placements look = after.get(Looks.last(rallies));
                leave |= PlacementAdvice.of(after::get, rallies, List.of())
                        .filter(advice -> advice.verdict() == Verdict.LEAVE)
                        .isPresent();
                lost |= look.tallies().stream().anyMatch(tally -> look.luck(tally) == Luck.REAL);
            }
            left += leave ? 1 : 0;
            real += lost ? 1 : 0;
        }
        assertThat((double) left / matches).isLessThanOrEqualTo(Looks.NEEDLESS);
        assertThat((double) real / matches).isLessThanOrEqualTo(Looks.NEEDLESS);
    }

    /** Between two looks the answer stays the same, which another test shows. */
    private static int nextLook(int rallies) {
        int look = Math.max(6, Looks.last(rallies));
        return 2 * look;
    }

    private static List<Placements> simulated(Random random, int places, int length, double rate) {
        int[] won = new int[places];
        int[] played = new int[places];
        int wins = 0;
        List<Placements> after = new ArrayList<>(List.of(of(0, 0)));
        for (int rally = 1; rally <= length; rally++) {
            int at = random.nextDouble() < 0.3 ? 0 : random.nextInt(places);
            int win = random.nextDouble() < rate ? 1 : 0;
            won[at] += win;
            wins += win;
            played[at]++;
            after.add(of(
                    wins,
                    rally,
                    IntStream.range(0, places)
                            .filter(place -> played[place] > 0)
                            .boxed()
                            .sorted(Comparator.comparing(place -> -played[place]))
                            .map(place -> tally(place + 1, won[place], played[place]))
                            .toArray(PlacementTally[]::new)));
        }
        return after;
    }

    /** What it finds where there is something: the favourite wins .25, the others .60. */
    @Test
    void aFavouriteThatLosesIsLeftInTheEnd() {
        Random random = new Random(5);
        int left = 0;
        int matches = 200;
        for (int match = 0; match < matches; match++) {
            int[] favourite = {0, 0};
            int[] other = {0, 0};
            boolean leave = false;
            for (int rally = 1; rally <= 96; rally++) {
                boolean there = random.nextDouble() < 0.45;
                int[] at = there ? favourite : other;
                at[0] += random.nextDouble() < (there ? 0.25 : 0.6) ? 1 : 0;
                at[1]++;
                if (rally == Looks.last(rally)) {
                    Placements now = of(
                            favourite[0] + other[0],
                            rally,
                            tally(1, favourite[0], favourite[1]),
                            tally(2, other[0], other[1]));
                    leave |= PlacementAdvice.of(after -> now, rally, List.of())
                                    .orElseThrow()
                                    .verdict()
                            == Verdict.LEAVE;
                }
            }
            left += leave ? 1 : 0;
        }
        assertThat((double) left / matches).isGreaterThan(0.8);
    }

    /** Serves from two sides at random, looked at after each. */
    @Test
    void randomServesAreRarelySaidToBeReadable() {
        Random random = new Random(7);
        int readable = 0;
        int matches = 300;
        for (int match = 0; match < matches; match++) {
            boolean said = false;
            for (int side = 0; side < 4; side++) {
                List<Integer> row = new ArrayList<>();
                for (int served = 0; served < 48; served++) {
                    row.add(random.nextInt(3));
                }
                for (int look = 12; look <= 48; look *= 2) {
                    said |= Readable.of(row.subList(0, look), 3).isReadable(Looks.NEEDLESS / (4 * Looks.IN_ALL));
                }
            }
            readable += said ? 1 : 0;
        }
        assertThat((double) readable / matches).isLessThanOrEqualTo(Looks.NEEDLESS);
    }
}
