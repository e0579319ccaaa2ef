package bersaglio.core.measure;

import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;

/**
 * A length that a coach has at hand in a place: a tile, a pole, the coach's own pace.
 *
 * @param one    its name, letters only, such as {@code tile}
 * @param many   its name for several, such as {@code tiles}
 * @param metres how long it is, 0.01 to 20
 */
public record LocalMeasure(String one, String many, double metres) {

    private static final int LONGEST_NAME = 20;

    public LocalMeasure {
        requireName("one", one);
        requireName("many", many);
        Check.requireBetween("metres", metres, 0.01, 20);
    }

    private static void requireName(String field, String name) {
        boolean fits = !name.isEmpty() && name.length() <= LONGEST_NAME;
        for (int i = 0; fits && i < name.length(); i++) {
            fits = Letters.isLetter(name.charAt(i));
        }
        if (!fits) {
            throw new Refused("bad_name", field, name, "1 to " + LONGEST_NAME + " letters");
        }
        if (Unit.named(name).isPresent()) {
            throw new Refused("bad_name", field, name, "not the name of a common unit");
        }
    }
}
