package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class UndoStackTest {

    private final UndoStack stack = new UndoStack();

    @Test
    void undoGoesBackToTheStartAndRedoAllTheWayForwardAgain() {
        List.of("a", "b", "c").forEach(stack::entered);
        List.of("c", "b", "a").forEach(stack::undo);
        assertThat(stack.standing()).isEmpty();
        assertThat(stack.nextUndo()).isEmpty();
        assertThat(stack.nextRedo()).contains("a");
        List.of("a", "b", "c").forEach(stack::redo);
        assertThat(stack.standing()).containsExactlyInAnyOrder("a", "b", "c");
        assertThat(stack.nextRedo()).isEmpty();
    }

    @Test
    void aNewEntryEndsWhatCouldBeRedone() {
        stack.entered("a");
        stack.undo("a");
        stack.entered("b");
        assertThat(stack.nextRedo()).isEmpty();
        assertThat(stack.standing()).containsExactly("b");
    }

    @Test
    void anUndoThatArrivesBeforeItsEntryWaitsForIt() {
        stack.undo("late");
        assertThat(stack.nextRedo()).isEmpty();
        stack.entered("late");
        assertThat(stack.standing()).isEmpty();
        assertThat(stack.nextRedo()).contains("late");
    }

    @Test
    void aRedoThatArrivesBeforeItsEntryCancelsTheUndo() {
        stack.undo("late");
        stack.redo("late");
        stack.entered("late");
        assertThat(stack.standing()).containsExactly("late");
    }

    @Test
    void undoingTwiceIsUndoingOnce() {
        stack.entered("a");
        stack.undo("a");
        stack.undo("a");
        stack.redo("a");
        assertThat(stack.standing()).containsExactly("a");
        assertThat(stack.nextRedo()).isEmpty();
    }
}
