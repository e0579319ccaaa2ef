package bersaglio.core.odds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ReadableTest {

    private static List<Integer> row(String letters) {
        return Arrays.stream(letters.split(" ")).map("WBC"::indexOf).toList();
    }

    @Test
    void aRowIsGuessedByWhatFollowedBefore() {
        Readable row = Readable.of(row("W B W C W W B W C B W W"), 3);
        assertThat(row.entropy()).isCloseTo(0.8735, within(5e-5));
        assertThat(row.guessed()).isCloseTo(5.0 / 11, within(1e-12));
        assertThat(row.byChance()).isCloseTo(1.0 / 3, within(1e-12));
        assertThat(row.commonest()).isCloseTo(7.0 / 12, within(1e-12));
        assertThat(row.isReadable(0.05)).isFalse();
    }

    @Test
    void turnAndTurnAboutIsReadable() {
        Readable row = Readable.of(row("W B W B W B W B W B"), 2);
        assertThat(row.entropy()).isCloseTo(1, within(1e-12));
        assertThat(row.guessed()).isGreaterThan(0.75);
        assertThat(row.isReadable(0.05)).isTrue();
    }

    @Test
    void alwaysTheSameIsNotReadInItsOrder() {
        Readable row = Readable.of(row("W W W W"), 2);
        assertThat(row.entropy()).isZero();
        assertThat(row.guessed()).isEqualTo(1);
        assertThat(row.isReadable(0.05)).isFalse();
    }

    /** Of random orders so many seem readable as may, at one look. */
    @Test
    void whoChoosesAtRandomIsRarelyReadable() {
        Random random = new Random(11);
        int readable = 0;
        int rows = 400;
        for (int i = 0; i < rows; i++) {
            List<Integer> row = new ArrayList<>();
            for (int choice = 0; choice < 24; choice++) {
                row.add(random.nextInt(5) < 2 ? 0 : random.nextInt(3));
            }
            readable += Readable.of(row, 3).isReadable(0.05) ? 1 : 0;
        }
        assertThat((double) readable / rows).isBetween(0.005, 0.07);
    }

    @Test
    void anOrderIsHeldAgainstItsOwnShuffles() {
        assertThat(Readable.of(row("W B W B W B W B W B W B"), 2).shuffled()).isLessThan(0.01);
        assertThat(Readable.of(row("W B W C W W B W C B W W"), 3).shuffled()).isGreaterThan(0.1);
        assertThat(Readable.of(row("W W W W"), 2).shuffled())
                .as("there is no other order")
                .isEqualTo(1);
    }

    /** Who chooses by a coin is guessed about half the time. */
    @Test
    void whoChoosesByACoinIsGuessedHalfTheTime() {
        Random coin = new Random(3);
        List<Integer> row = new ArrayList<>();
        for (int i = 0; i < 1500; i++) {
            row.add(coin.nextInt(2));
        }
        assertThat(Readable.of(row, 2).guessed()).isCloseTo(0.5, within(0.05));
    }

    @Test
    void oneChoiceIsNoRow() {
        assertThatThrownBy(() -> Readable.of(List.of(1), 2)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> Readable.of(List.of(1, 1), 1)).isInstanceOf(Refused.class);
    }
}
