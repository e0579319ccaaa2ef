package bersaglio.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.advice.PlacementAdvice.Luck;
import bersaglio.core.advice.PlacementAdvice.Verdict;
import bersaglio.core.match.Bounce;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PlacementAdviceTest {

    private static PlacementTally tally(int spot, int won, int rallies) {
        return new PlacementTally(
                new Placement("drop", spot, Bounce.MET), rallies, rallies, won, List.of(0, 0, 0, 0, 0), 0, 0);
    }

    private static Placements of(int won, int rallies, PlacementTally... tallies) {
        return new Placements(won, rallies, List.of(tallies));
    }

    private static PlacementAdvice advice(Placements match) {
        return PlacementAdvice.of(match, match).orElseThrow();
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
        assertThat(leave.worse()).isGreaterThan(0.85);
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
    void twoLossesMayBeLuckAndTenAreNot() {
        assertThat(PlacementAdvice.luck(tally(3, 0, 0), 0.6)).isEqualTo(Luck.COULD_BE_LUCK);
        assertThat(PlacementAdvice.luck(tally(3, 1, 2), 0.5)).isEqualTo(Luck.COULD_BE_LUCK);
        assertThat(PlacementAdvice.luck(tally(3, 0, 2), 0.5)).isEqualTo(Luck.NOT_CLEAR);
        assertThat(PlacementAdvice.luck(tally(3, 1, 10), 0.5)).isEqualTo(Luck.REAL);
    }

    /** Five equally good placements, one of them the favourite: how often is it said to leave it, all the same? */
    @Test
    void ofFiveThatAreEquallyGoodOneIsRarelyLeft() {
        Random random = new Random(3);
        int left = 0;
        int matches = 300;
        for (int match = 0; match < matches; match++) {
            List<PlacementTally> tallies = new ArrayList<>();
            int won = 0;
            for (int spot = 1; spot <= 5; spot++) {
                int rallies = spot == 1 ? 14 : 10;
                int here = 0;
                for (int i = 0; i < rallies; i++) {
                    here += random.nextDouble() < 0.5 ? 1 : 0;
                }
                won += here;
                tallies.add(tally(spot, here, rallies));
            }
            left += advice(new Placements(won, 54, tallies)).verdict() == Verdict.LEAVE ? 1 : 0;
        }
        assertThat((double) left / matches).isBetween(0.05, 0.15);
    }
}
