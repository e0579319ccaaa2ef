package bersaglio.core.odds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.odds.ProductLimit.Run;
import bersaglio.core.odds.ProductLimit.Step;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ProductLimitTest {

    /** Own good shots of six rallies, and whether the player's own error ended them. */
    private static final ProductLimit RALLIES = ProductLimit.of(List.of(
            new Run(4, true),
            new Run(6, false),
            new Run(2, true),
            new Run(9, true),
            new Run(6, true),
            new Run(3, false)));

    private static void assertStep(ProductLimit limit, int step, double survives, double lower, double upper) {
        Step at = limit.steps().get(step - 1);
        assertThat(at.survives()).as("S(" + step + ")").isCloseTo(survives, within(5e-5));
        assertThat(at.lower()).as("lower of S(" + step + ")").isCloseTo(lower, within(5e-5));
        assertThat(at.upper()).as("upper of S(" + step + ")").isCloseTo(upper, within(5e-5));
    }

    @Test
    void ralliesThatOthersEndedSayOnlyHowFarTheyCame() {
        assertStep(RALLIES, 3, 0.8333, 0.2731, 0.9747);
        assertStep(RALLIES, 5, 0.6250, 0.1419, 0.8931);
        assertStep(RALLIES, 7, 0.3125, 0.0127, 0.7337);
        assertThat(RALLIES.survives(10)).isZero();
        assertThat(RALLIES.steps().get(9).hasInterval()).isFalse();
        assertThat(RALLIES.survives(2)).isEqualTo(1);
        assertThat(RALLIES.steps().get(1).hasInterval()).isFalse();
        assertThat(RALLIES.failureRate()).isCloseTo(4.0 / 34, within(1e-12));
        assertThat(RALLIES.median()).isEqualTo(7);
    }

    @Test
    void stepsOfAPatternAreWeighedByThePassesThatReachedThem() {
        List<Run> passes = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            passes.add(new Run(4, false));
        }
        passes.addAll(List.of(new Run(2, true), new Run(2, true), new Run(1, true), new Run(1, true)));
        passes.addAll(List.of(new Run(1, false), new Run(2, false)));
        ProductLimit limit = ProductLimit.of(passes);
        assertThat(limit.steps().stream().map(Step::tried)).containsExactly(10, 9, 6, 4);
        assertThat(limit.steps().stream().map(Step::failed)).containsExactly(0, 2, 2, 0);
        assertStep(limit, 4, 0.5185, 0.1641, 0.7877);
    }

    /** With nobody ended from outside, so many trials are just those that were seen. */
    @Test
    void asTrialsItTellsAsMuchAsItsVariance() {
        ProductLimit plain = ProductLimit.of(
                List.of(new Run(2, false), new Run(2, false), new Run(1, true), new Run(0, true), new Run(2, false)));
        HitRate trials = plain.asTrials(2).orElseThrow();
        assertThat(trials.hits()).isCloseTo(3, within(1e-9));
        assertThat(trials.trials()).isCloseTo(5, within(1e-9));
        assertThat(plain.asTrials(3)).isEmpty();
        assertThat(ProductLimit.of(List.of(new Run(2, false))).asTrials(2))
                .as("all came through")
                .isEmpty();
        assertThat(ProductLimit.of(List.of(new Run(0, true))).asTrials(1))
                .as("nobody did")
                .isEmpty();
    }

    @Test
    void tiesAtOneStepAndNothingButWhatOthersEnded() {
        // Three reach the second own shot and all miss it, one with a success before; one was ended after the first.
        ProductLimit ties =
                ProductLimit.of(List.of(new Run(1, true), new Run(1, true), new Run(1, true), new Run(1, false)));
        assertThat(ties.survives(1)).isEqualTo(1);
        assertThat(ties.survives(2)).isZero();
        ProductLimit others = ProductLimit.of(List.of(new Run(3, false), new Run(5, false), new Run(0, false)));
        assertThat(others.steps()).hasSize(5).allSatisfy(step -> assertThat(step.survives())
                .isEqualTo(1));
        assertThat(others.median()).isZero();
        assertThat(others.failureRate()).isZero();
        assertThat(ProductLimit.of(List.of()).survives(3)).isEqualTo(1);
        assertThat(ProductLimit.of(List.of(new Run(0, false))).steps()).isEmpty();
        assertThatThrownBy(() -> new Run(-1, false)).isInstanceOf(Refused.class).hasMessageContaining("lasted");
    }

    @Test
    void theIntervalHoldsTheTruthAboutAsOftenAsItSays() {
        Random random = new Random(20);
        double error = 0.12;
        int through = 5;
        double truth = Math.pow(1 - error, through);
        int held = 0;
        int seen = 0;
        for (int player = 0; player < 2000; player++) {
            List<Run> runs = new ArrayList<>();
            for (int rally = 0; rally < 40; rally++) {
                int stopped = 1 + random.nextInt(12);
                int lasted = 0;
                while (lasted < stopped && random.nextDouble() >= error) {
                    lasted++;
                }
                runs.add(new Run(lasted, lasted < stopped));
            }
            Step step = ProductLimit.of(runs).steps().get(through - 1);
            if (step.hasInterval()) {
                seen++;
                held += step.lower() <= truth && truth <= step.upper() ? 1 : 0;
            }
        }
        assertThat(seen).isGreaterThan(1990);
        assertThat((double) held / seen).isBetween(0.93, 0.97);
    }
}
