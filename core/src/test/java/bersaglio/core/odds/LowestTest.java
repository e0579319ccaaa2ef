package bersaglio.core.odds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.apache.commons.statistics.distribution.BetaDistribution;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class LowestTest {

    private static final Offset<Double> TO_FOUR_PLACES = within(1.5e-4);

    private static List<Double> of(int... heldAndReached) {
        List<HitRate> rates = new ArrayList<>();
        for (int i = 0; i < heldAndReached.length; i += 2) {
            rates.add(new HitRate(heldAndReached[i], heldAndReached[i + 1]));
        }
        return Lowest.chances(rates);
    }

    private static void assertChances(List<Double> chances, double... wanted) {
        assertThat(chances).hasSize(wanted.length);
        for (int i = 0; i < wanted.length; i++) {
            assertThat(chances.get(i)).as("of step " + i).isCloseTo(wanted[i], TO_FOUR_PLACES);
        }
        assertThat(chances.stream().mapToDouble(Double::doubleValue).sum()).isCloseTo(1, within(1e-6));
    }

    @Test
    void theWorkedExamples() {
        assertChances(of(10, 10, 7, 9, 4, 6, 4, 4), 0.0082, 0.2851, 0.6444, 0.0623);
        assertChances(of(38, 40, 30, 38, 14, 28, 13, 14), 0.0000, 0.0067, 0.9916, 0.0017);
    }

    @Test
    void ofTwoItIsWhatOneIsBelowTheOther() {
        HitRate one = new HitRate(5, 9);
        HitRate other = new HitRate(7, 9);
        List<Double> chances = Lowest.chances(List.of(one, other));
        assertThat(chances.get(0)).isCloseTo(other.chanceAbove(one), within(1e-3));
    }

    @Test
    void whatIsNotKnownApartIsEquallyLikely() {
        assertChances(of(0, 0, 0, 0, 0, 0), 1.0 / 3, 1.0 / 3, 1.0 / 3);
        assertChances(of(3, 5), 1);
        assertThat(Lowest.chances(List.of())).isEmpty();
    }

    @Test
    void drawnRatesSayTheSame() {
        int[] counts = {20, 22, 9, 14, 30, 33, 3, 3};
        List<Double> chances = of(counts);
        Random random = new Random(7);
        BetaDistribution[] posteriors = new BetaDistribution[4];
        for (int i = 0; i < 4; i++) {
            posteriors[i] = BetaDistribution.of(counts[2 * i] + 0.5, counts[2 * i + 1] - counts[2 * i] + 0.5);
        }
        int draws = 60_000;
        int[] lowest = new int[4];
        for (int draw = 0; draw < draws; draw++) {
            int least = 0;
            double lowestRate = 2;
            for (int i = 0; i < 4; i++) {
                double rate = posteriors[i].inverseCumulativeProbability(random.nextDouble());
                if (rate < lowestRate) {
                    lowestRate = rate;
                    least = i;
                }
            }
            lowest[least]++;
        }
        for (int i = 0; i < 4; i++) {
            assertThat(chances.get(i)).isCloseTo((double) lowest[i] / draws, within(0.008));
        }
    }

    @Test
    void thousandsOfTrialsAreStillToldApart() {
        List<Double> chances = of(8000, 10_000, 7800, 10_000);
        double gap = 0.02 / Math.sqrt(0.8 * 0.2 / 10_000 + 0.78 * 0.22 / 10_000);
        assertThat(gap).isGreaterThan(3);
        assertThat(chances.get(1)).isGreaterThan(0.999);
    }
}
