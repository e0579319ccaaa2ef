package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.charting.Grades.Cause;
import bersaglio.core.goal.Tally;
import bersaglio.core.shot.Note;
import java.util.List;
import org.junit.jupiter.api.Test;

class GradesTest {

    private static NotedShots shots(int hits, int trials, Note... notes) {
        return new NotedShots(List.of(notes), new Tally(hits, trials));
    }

    @Test
    void choiceAndExecutionAreGradedApartAndCausesOnlyAsGiven() {
        Grades grades = Grades.of(List.of(
                shots(3, 4, Note.CHOICE_RIGHT, Note.STRUCK_WELL),
                shots(0, 2, Note.CHOICE_RIGHT, Note.STRUCK_BADLY, Note.CAUSE_TECHNIQUE),
                shots(0, 3, Note.CHOICE_WRONG, Note.CAUSE_CHOICE),
                shots(0, 1, Note.CAUSE_TECHNIQUE, Note.AS_ASKED),
                shots(0, 2, Note.SOFT),
                shots(5, 9, Note.NET_CLIP)));
        assertThat(grades.choice()).isEqualTo(new Tally(6, 9));
        assertThat(grades.execution()).isEqualTo(new Tally(4, 6));
        assertThat(grades.causes())
                .containsExactly(new Cause(Note.CAUSE_CHOICE, 3), new Cause(Note.CAUSE_TECHNIQUE, 3));
        assertThat(grades.soft()).isEqualTo(2);
    }

    @Test
    void whatNobodyGradedSaysNothing() {
        assertThat(Grades.of(List.of(shots(5, 9, Note.NET_CLIP, Note.MARKED))).isEmpty())
                .isTrue();
        assertThat(Grades.of(List.of(shots(0, 1, Note.SOFT))).isEmpty()).isFalse();
    }

    @Test
    void ofOneSortOneStands() {
        assertThat(Note.CHOICE_RIGHT.excludes(Note.CHOICE_WRONG)).isTrue();
        assertThat(Note.CAUSE_ATTENTION.excludes(Note.CAUSE_MOVEMENT)).isTrue();
        assertThat(Note.CHOICE_WRONG.excludes(Note.CAUSE_CHOICE)).isFalse();
        assertThat(Note.NET_CLIP.excludes(Note.MARKED)).isFalse();
        assertThat(Note.WATCH_KEPT.excludes(Note.WATCH_LOST)).isTrue();
    }
}
