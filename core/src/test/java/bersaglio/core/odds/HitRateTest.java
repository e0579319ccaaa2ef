package bersaglio.core.odds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.problem.Refused;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class HitRateTest {

    @Test
    void nineOfTwelveLeavesAWideInterval() {
        HitRate rate = new HitRate(9, 12);
        assertThat(rate.lower()).isCloseTo(0.4708, within(5e-5));
        assertThat(rate.upper()).isCloseTo(0.9241, within(5e-5));
    }

    @Test
    void aCleanSheetReachesOneAndABlankOneNought() {
        assertThat(new HitRate(8, 8).lower()).isCloseTo(0.7378, within(5e-5));
        assertThat(new HitRate(8, 8).upper()).isEqualTo(1);
        assertThat(new HitRate(0, 8).lower()).isZero();
    }

    @Test
    void theSameRateOnMoreTrialsIsMuchBetterEvidence() {
        assertThat(new HitRate(9, 12).mastery(0.60)).isCloseTo(0.8562, within(5e-5));
        assertThat(new HitRate(27, 36).mastery(0.60)).isCloseTo(0.9698, within(5e-5));
    }

    @Test
    void moreHitsThanTrialsAreRefusedWithTheRange() {
        assertThatThrownBy(() -> new HitRate(5, 4))
                .isInstanceOfSatisfying(Refused.class, refused -> assertThat(refused.problem())
                        .returns("hits", problem -> problem.field())
                        .returns("5.0", problem -> problem.value())
                        .returns("0.0 to 4.0", problem -> problem.allowed()));
    }

    @Property(tries = 200)
    void theIntervalHoldsTheShareAndOneMoreHitRaisesMastery(
            @ForAll @IntRange(min = 1, max = 300) int trials, @ForAll @IntRange(max = 299) int some) {
        int hits = some % trials;
        HitRate rate = new HitRate(hits, trials);
        assertThat(rate.share()).isBetween(rate.lower(), rate.upper());
        assertThat(new HitRate(hits + 1, trials).mastery(0.5)).isGreaterThanOrEqualTo(rate.mastery(0.5));
    }
}
