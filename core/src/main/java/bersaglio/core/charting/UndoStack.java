package bersaglio.core.charting;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Which entries of a run stand, and which one undo and redo would act on next. */
final class UndoStack {

    private final List<String> standing = new ArrayList<>();
    private final List<String> undone = new ArrayList<>();
    private final Set<String> undoneBeforeArrival = new HashSet<>();

    void entered(String id) {
        if (undoneBeforeArrival.remove(id)) {
            undone.add(id);
            return;
        }
        standing.add(id);
        undone.clear();
    }

    void undo(String id) {
        if (standing.remove(id)) {
            undone.add(id);
        } else if (!undone.contains(id)) {
            undoneBeforeArrival.add(id);
        }
    }

    void redo(String id) {
        if (undone.remove(id)) {
            standing.add(id);
        } else {
            undoneBeforeArrival.remove(id);
        }
    }

    Set<String> standing() {
        return new HashSet<>(standing);
    }

    Optional<String> nextUndo() {
        return last(standing);
    }

    Optional<String> nextRedo() {
        return last(undone);
    }

    private static Optional<String> last(List<String> ids) {
        return ids.isEmpty() ? Optional.empty() : Optional.of(ids.get(ids.size() - 1));
    }
}
