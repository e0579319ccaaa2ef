package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.drill.CountUnit;
import bersaglio.core.drill.CountUnit.FirstMiss;
import bersaglio.core.drill.CountUnit.Kind;
import bersaglio.core.goal.Step;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How balls are put together to what a drill counts, and which time is nobody's. */
class UnitsTest {

    @ParameterizedTest
    @CsvSource({
        "BALL, 1, USES_UP_A_TRY, 1011, 1011",
        "PAIR, 2, USES_UP_A_TRY, 11011, 101",
        "PAIR, 2, USES_UP_A_TRY, 1000, 000",
        "PAIR, 2, IS_PLAYED_AGAIN, 0011, 1",
        "PAIR, 2, IS_PLAYED_AGAIN, 1011, 01",
        "COMBINATION, 3, USES_UP_A_TRY, 111110, 10",
        "COMBINATION, 3, IS_PLAYED_AGAIN, 10111, 1",
        "COMBINATION, 3, IS_PLAYED_AGAIN, 110111, 01",
        "RALLY, 1, USES_UP_A_TRY, 01, 01"
    })
    void ballsArePutTogether(Kind kind, int balls, FirstMiss firstMiss, String charted, String counted) {
        Units units = new Units(new CountUnit(kind, balls, firstMiss));
        StringBuilder seen = new StringBuilder();
        charted.chars().forEach(ball -> units.after(Step.Ball.of(ball == '1'))
                .ifPresent(step -> seen.append(((Step.Ball) step).hit() ? '1' : '0')));
        assertThat(seen.toString()).isEqualTo(counted);
    }

    @Test
    void aPauseStopsTheClockWhereItIsAndTwoPausesAddUp() {
        Clock clock = new Clock();
        assertThat(clock.active(5_000)).isEqualTo(5_000);
        clock.pause(10_000);
        assertThat(clock.active(14_000)).isEqualTo(10_000);
        clock.resume(20_000);
        assertThat(clock.active(21_000)).isEqualTo(11_000);
        clock.pause(30_000);
        clock.pause(31_000);
        clock.resume(35_000);
        clock.resume(36_000);
        assertThat(clock.active(40_000)).isEqualTo(25_000);
    }
}
