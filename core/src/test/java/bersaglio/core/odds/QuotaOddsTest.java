package bersaglio.core.odds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuotaOddsTest {

    @ParameterizedTest
    @CsvSource({"0.4, 0.0573", "0.5, 0.1938", "0.6, 0.4382", "0.7, 0.7237", "0.8, 0.9274"})
    void eightOfTwelveIsMetByTheBinomialTail(double rate, double chance) {
        assertThat(new QuotaOdds(8, 12).met(rate)).isCloseTo(chance, within(5e-5));
    }

    @Test
    void theTargetRateMeetsTheQuotaHalfTheTime() {
        assertThat(new QuotaOdds(8, 12).rateMetHalfTheTime()).isCloseTo(0.6215, within(5e-5));
    }

    @Property(tries = 200)
    void theTargetRateOfAnyQuotaIsMetHalfTheTime(
            @ForAll @IntRange(min = 1, max = 60) int balls, @ForAll @IntRange(min = 1, max = 60) int some) {
        QuotaOdds odds = new QuotaOdds(1 + some % balls, balls);
        assertThat(odds.met(odds.rateMetHalfTheTime())).isCloseTo(0.5, within(1e-9));
    }
}
