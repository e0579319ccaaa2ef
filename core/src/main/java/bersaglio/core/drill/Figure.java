package bersaglio.core.drill;

import bersaglio.core.problem.Check;

/** A named number in a sentence. Names ending in {@code Rate} or {@code Chance} are shares from 0 to 1. */
public record Figure(String name, double value) {

    public Figure {
        Check.requireId("name", name);
        Check.requireBetween(name, value, -1e12, 1e12);
    }
}
