package bersaglio.core.goal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class CountsTest {

    private static final Counts COUNTS = Counts.of(List.of(3, 7, 7, 200));

    @Test
    void oneMoreIsOfOnePlaceAndLeavesTheOldAsTheyWere() {
        assertThat(COUNTS.plusOne(3).numbers()).containsExactly(3, 7, 7, 201);
        assertThat(COUNTS.with(0, 9).numbers()).containsExactly(9, 7, 7, 200);
        assertThat(COUNTS.numbers()).containsExactly(3, 7, 7, 200);
    }

    @Test
    void countsOfTheSameNumbersAreTheSame() {
        Counts again = Counts.zeros(4).with(0, 3).with(1, 7).with(2, 7).with(3, 200);

        assertThat(again).isEqualTo(COUNTS).hasSameHashCodeAs(COUNTS);
        assertThat(again.plusOne(1)).isNotEqualTo(COUNTS);
    }

    @Test
    void theFirstOfThoseWithTheMostLeadsByWhatItHasMoreThanTheBestOther() {
        Counts level = Counts.of(List.of(5, 8, 8));

        assertThat(level.leader()).isEqualTo(1);
        assertThat(level.leadOf(1)).isZero();
        assertThat(level.plusOne(2).leader()).isEqualTo(2);
        assertThat(level.plusOne(2).leadOf(2)).isEqualTo(1);
        assertThat(level.leadOf(0)).isEqualTo(-3);
    }

    @Test
    void theFirstOfThoseWithTheFewestIsLastAndTheOthersAreAboveIt() {
        assertThat(Counts.of(List.of(4, 2, 2)).last()).isEqualTo(1);
        assertThat(Counts.of(List.of(4, 2, 3)).aboveFewest().numbers()).containsExactly(2, 0, 1);
    }

    @Test
    void noPlaceBeyondTheLast() {
        assertThat(COUNTS.has(3)).isTrue();
        assertThat(COUNTS.has(4)).isFalse();
        assertThat(Counts.zeros(0).has(0)).isFalse();
        assertThat(COUNTS.sum()).isEqualTo(217);
        assertThat(COUNTS.measures()).containsExactly(3.0, 7.0, 7.0, 200.0);
    }
}
