package bersaglio.core.odds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.apache.commons.numbers.gamma.LogBeta;

class BeliefTest {

    /** With whole numbers the chance is a sum: of the rates above, by how many of its hits lie above. */
    @Property(tries = 200)
    void theChanceToBeAboveAnotherIsItsExactSum(
            @ForAll @IntRange(min = 1, max = 60) int hits,
            @ForAll @IntRange(min = 1, max = 60) int misses,
            @ForAll @IntRange(min = 1, max = 60) int otherHits,
            @ForAll @IntRange(min = 1, max = 60) int otherMisses) {
        double exact = 0;
        for (int i = 0; i < hits; i++) {
            exact += Math.exp(LogBeta.value(otherHits + i, misses + otherMisses)
                    - Math.log(misses + i)
                    - LogBeta.value(1 + i, misses)
                    - LogBeta.value(otherHits, otherMisses));
        }
        assertThat(new Belief(hits, misses).chanceAbove(new Belief(otherHits, otherMisses)))
                .isCloseTo(exact, within(1e-5));
    }

    /** Who missed once at most: the chance to be above is what the power of the other's rate lacks of 1. */
    @Property(tries = 200)
    void soItIsOfWhoHardlyEverMisses(
            @ForAll @IntRange(min = 1, max = 5000) int hits,
            @ForAll @DoubleRange(min = 0.5, max = 400) double otherHits,
            @ForAll @DoubleRange(min = 0.5, max = 400) double otherMisses) {
        double power = Math.exp(LogBeta.value(otherHits + hits, otherMisses) - LogBeta.value(otherHits, otherMisses));
        assertThat(new Belief(hits, 1).chanceAbove(new Belief(otherHits, otherMisses)))
                .isCloseTo(1 - power, within(1e-5));
    }

    @Property(tries = 200)
    void oneOfTwoIsAboveTheOther(
            @ForAll @DoubleRange(min = 0.01, max = 400) double hits,
            @ForAll @DoubleRange(min = 0.01, max = 400) double misses,
            @ForAll @DoubleRange(min = 0.01, max = 400) double otherHits,
            @ForAll @DoubleRange(min = 0.01, max = 400) double otherMisses) {
        Belief one = new Belief(hits, misses);
        Belief other = new Belief(otherHits, otherMisses);
        assertThat(one.chanceAbove(other) + other.chanceAbove(one)).isCloseTo(1, within(1e-6));
        assertThat(one.chanceAbove(one)).isCloseTo(0.5, within(1e-6));
    }
}
