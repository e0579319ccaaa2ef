package bersaglio.core.tactic;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ReadyTacticsTest {

    @Test
    void eachReadsBackHasANameOfItsOwnAndThereAreEnoughOnSeveralSports() {
        assertThat(ReadyTactics.all()).hasSizeGreaterThanOrEqualTo(10);
        assertThat(ReadyTactics.all()).extracting(TacticRule::id).doesNotHaveDuplicates();
        assertThat(ReadyTactics.all()).extracting(TacticRule::name).doesNotHaveDuplicates();
        assertThat(ReadyTactics.all().stream().map(TacticRule::sport).distinct())
                .hasSizeGreaterThanOrEqualTo(5);
        for (TacticRule rule : ReadyTactics.all()) {
            assertThat(TacticWords.write(TacticWords.read(rule.words(), rule.sport())))
                    .isEqualTo(rule.words());
        }
    }
}
