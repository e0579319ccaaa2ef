package bersaglio.core.words;

import bersaglio.core.problem.Problem;
import java.util.List;

/** A text that is no drill: what is wrong, where, and what could stand there instead. */
public final class Misread extends IllegalArgumentException {

    private final transient Problem problem;
    private final transient Place place;
    private final transient List<String> expected;

    Misread(Problem problem, Place place, List<String> expected) {
        super("line " + place.line() + ", column " + place.column() + ": " + problem.code());
        this.problem = problem;
        this.place = place;
        this.expected = List.copyOf(expected);
    }

    public Problem problem() {
        return problem;
    }

    public Place place() {
        return place;
    }

    /** Words that could stand there; a number or a name in quotes is described. */
    public List<String> expected() {
        return expected;
    }
}
