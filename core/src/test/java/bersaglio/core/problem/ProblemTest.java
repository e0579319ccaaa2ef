package bersaglio.core.problem;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ProblemTest {

    private static final String RACKET = "\ud83c\udff8";

    @Test
    void whatIsToldCanBeWrittenWhateverCame() {
        Problem halves = new Problem("bad_name", "na\udfffme", "\udfff\ud800x" + RACKET, "words");
        assertThat(halves.value()).isEqualTo("\ufffd\ufffdx" + RACKET);
        assertThat(halves.field()).isEqualTo("na\ufffdme");
        Problem cut = new Problem("bad_name", "name", "a".repeat(79) + RACKET + "b", "words");
        assertThat(cut.value()).as("a pair that is cut in two").isEqualTo("a".repeat(79) + "\ufffd…");
        assertThat(Problem.isWhole("più " + RACKET)).isTrue();
        assertThat(Problem.isWhole("\ud83c")).isFalse();
        assertThat(Problem.isWhole("")).isTrue();
    }
}
