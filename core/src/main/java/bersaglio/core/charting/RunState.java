package bersaglio.core.charting;

import bersaglio.core.shot.Note;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * How a run stands, whatever is charted in it, while its events are gone through; {@link #chart} is the way in. Which entries
 * stand is found first, as undo may come before what it acts on.
 */
public final class RunState {

    /** What a kind of chart makes of an event that stands. */
    interface Chart {
        void take(ChartEvent event);
    }

    /** Whose run it is, and when it was held; milliseconds since 1970. */
    record Belongs(String player, long heldAt) {}

    private final UndoStack undo = new UndoStack();
    private final Clock clock = new Clock();
    private boolean closed;
    private boolean struck;
    private Optional<Said> said = Optional.empty();
    private Optional<LevelMove> move = Optional.empty();
    private Optional<Belongs> movedTo = Optional.empty();
    private final List<CountSaid> countsSaid = new ArrayList<>();
    private final Map<String, List<Note>> notes = new HashMap<>();
    private int pen = 1;
    private int claims;

    private RunState() {}

    /** Goes through the events of one run in their order; those of older pens are counted and left out. */
    static <C extends Chart> C chart(List<ChartEvent> events, Function<RunState, C> kind) {
        RunState run = new RunState();
        List<ChartEvent> own = run.withoutClaims(events);
        own.forEach(run::follow);
        Set<String> standing = run.undo.standing();
        C chart = kind.apply(run);
        for (ChartEvent event : own) {
            if (!event.what().canBeUndone() || standing.contains(event.id())) {
                if (event.what() instanceof SharedEvent shared) {
                    shared.applyTo(run, event);
                }
                chart.take(event);
            }
        }
        return chart;
    }

    /**
     * Goes on with one event more.
     *
     * @return whether it only adds to the run; else all of it is to be gone through anew
     */
    boolean goOn(Chart chart, ChartEvent event) {
        if (!event.what().onlyAdds() || event.pen() < pen) {
            return false;
        }
        follow(event);
        boolean stands = !event.what().canBeUndone() || undo.nextUndo().equals(Optional.of(event.id()));
        if (stands) {
            chart.take(event);
        }
        return stands;
    }

    private List<ChartEvent> withoutClaims(List<ChartEvent> events) {
        List<ChartEvent> own = new ArrayList<>(events.size());
        for (ChartEvent event : events) {
            if (event.what() instanceof SharedEvent.PenTaken taken) {
                pen = Math.max(pen, taken.pen());
            } else if (event.pen() < pen) {
                claims++;
            } else {
                own.add(event);
            }
        }
        return own;
    }

    private void follow(ChartEvent event) {
        if (event.what() instanceof SharedEvent.Undone undone) {
            undo.undo(undone.target());
        } else if (event.what() instanceof SharedEvent.Redone redone) {
            undo.redo(redone.target());
        } else if (event.what().canBeUndone()) {
            undo.entered(event.id());
        }
    }

    void countSaid(CountSaid said) {
        countsSaid.add(said);
    }

    void note(SharedEvent.ShotNoted noted) {
        List<Note> on = notes.computeIfAbsent(noted.shot(), first -> new ArrayList<>());
        on.removeIf(other -> other == noted.note() || noted.on() && noted.note().excludes(other));
        if (noted.on()) {
            on.add(noted.note());
        }
    }

    /** What is marked on a shot, in the order in which it was. */
    List<Note> notesOn(String shot) {
        return notes.getOrDefault(shot, List.of());
    }

    /** That a person said, in order. */
    List<CountSaid> countsSaid() {
        return countsSaid;
    }

    void pause(long at) {
        clock.pause(at);
    }

    void resume(long at) {
        clock.resume(at);
    }

    void close(Said verdict) {
        closed = true;
        said = Optional.of(verdict);
    }

    void reopen() {
        closed = false;
        withdrawMove();
    }

    void strike() {
        struck = true;
        withdrawMove();
    }

    void restore() {
        struck = false;
    }

    void moveLevel(LevelMove moved) {
        move = Optional.of(moved);
    }

    /** It belongs elsewhere; what was decided by it goes back. */
    void moveTo(Belongs to) {
        movedTo = Optional.of(to);
        withdrawMove();
    }

    /** Where it belongs since it was moved, whatever is charted in it. */
    Optional<Belongs> movedTo() {
        return movedTo;
    }

    /** What the level move rested on has changed. */
    void withdrawMove() {
        move = Optional.empty();
    }

    /** Milliseconds since the run's start in which it was played. */
    long active(long at) {
        return clock.active(at);
    }

    Clock.Paused paused() {
        return clock.paused();
    }

    boolean closed() {
        return closed;
    }

    boolean struck() {
        return struck;
    }

    Optional<Said> said() {
        return said;
    }

    Optional<LevelMove> move() {
        return move;
    }

    int pen() {
        return pen;
    }

    int claims() {
        return claims;
    }

    Optional<String> nextUndo() {
        return undo.nextUndo();
    }

    Optional<String> nextRedo() {
        return undo.nextRedo();
    }

    RunOutline outline() {
        return new RunOutline(paused(), countsSaid, struck, pen, claims, nextUndo(), nextRedo());
    }
}
