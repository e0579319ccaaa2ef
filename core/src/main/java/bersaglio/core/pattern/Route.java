package bersaglio.core.pattern;

import java.util.ArrayList;
import java.util.List;

/** The way through a pattern's steps, repeats gone through. */
record Route(Pattern pattern) {

    /**
     * Before a step.
     *
     * @param step  its place in the pattern; the number of steps at the end
     * @param round how often the repeat that it is in was gone through
     */
    record Position(int step, int round) {}

    static final Position START = new Position(0, 0);

    boolean isEnd(Position position) {
        return position.step() == pattern.steps().size();
    }

    PatternStep step(Position position) {
        return pattern.steps().get(position.step());
    }

    Position after(Position position) {
        for (Repeat repeat : pattern.repeats()) {
            if (position.step() == repeat.last() && position.round() + 1 < repeat.times()) {
                return new Position(repeat.first(), position.round() + 1);
            }
            if (repeat.has(position.step()) && position.step() < repeat.last()) {
                return new Position(position.step() + 1, position.round());
            }
        }
        return new Position(position.step() + 1, 0);
    }

    /** Somebody's next steps from a position on: more than one where somebody may end a repeat. */
    List<Position> nextOf(Actor actor, Position from) {
        List<Position> next = new ArrayList<>();
        Position position = from;
        List<Position> changes = new ArrayList<>();
        while (!isEnd(position) && step(position).by() != actor) {
            addChange(position, changes);
            position = after(position);
        }
        if (!isEnd(position)) {
            addChange(position, changes);
            next.add(position);
        }
        for (Position change : changes) {
            for (Position other : nextOf(actor, change)) {
                if (!next.contains(other)) {
                    next.add(other);
                }
            }
        }
        return next;
    }

    private void addChange(Position position, List<Position> changes) {
        for (Repeat repeat : pattern.repeats()) {
            if (repeat.orFewer() && position.step() == repeat.first() && position.round() > 0) {
                changes.add(new Position(repeat.last() + 1, 0));
            }
        }
    }
}
