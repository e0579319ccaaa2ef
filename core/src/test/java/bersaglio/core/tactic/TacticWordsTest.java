package bersaglio.core.tactic;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.court.Sport;
import bersaglio.core.tactic.ShotIs.Whose;
import bersaglio.core.words.Misread;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TacticWordsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "BADMINTON | after own short serve, the next own shot goes down",
                "BADMINTON | never two lifts in a row to the same part",
                "BADMINTON | after lift, the next own shot is taken in front of the service line",
                "BADMINTON | every own smash goes down the line",
                "BADMINTON | every own serve goes to part 1 or 2",
                "BADMINTON | after own drop then their lift, the next own shot is smash or clear",
                "BADMINTON | never three smashes in a row",
                "TENNIS | after their short shot, the next own shot is not lob",
                "TENNIS | every own return does not go short",
                "PADEL | after own \"off the glass\" or lob to part 7 or 9, the next their shot is not taken in front",
                "SQUASH | after own boast, the next shot goes across",
            })
    void isTheSameWhenItIsReadBack(Sport sport, String words) {
        Tactic tactic = TacticWords.read(words, sport);
        assertThat(TacticWords.write(tactic)).isEqualTo(words);
        assertThat(TacticWords.read(TacticWords.write(tactic), sport)).isEqualTo(tactic);
    }

    @Test
    void isReadAsItIsSaid() {
        Tactic said = TacticWords.read("Never two lifts in a row to the same corner", Sport.BADMINTON);
        assertThat(said).isInstanceOfSatisfying(Tactic.Never.class, never -> {
            assertThat(never.times()).isEqualTo(2);
            assertThat(never.shot().by()).as("it is said of oneself").isEqualTo(Whose.OWN);
            assertThat(never.sameSpot()).isTrue();
        });
        assertThat(TacticWords.read("After a lob, the next shot is taken in front of the service line.", Sport.TENNIS))
                .isInstanceOf(Tactic.After.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "after own serve",
                "after own dream, the next own shot goes down",
                "never 9 lift in a row",
                "every own smash goes sideways",
                "every own smash goes to part 12",
                "after own serve, the next own shot goes down and out",
                "''",
            })
    void whatCannotBeReadIsRefusedWithItsPlace(String words) {
        assertThatThrownBy(() -> TacticWords.read(words == null ? "" : words, Sport.BADMINTON))
                .isInstanceOf(Misread.class);
    }
}
