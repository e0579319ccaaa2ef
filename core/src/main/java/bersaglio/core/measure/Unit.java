package bersaglio.core.measure;

import java.util.List;
import java.util.Optional;

/** The common units of length; a foot is 0.3048 metres exactly, an inch a twelfth of it. */
public enum Unit {
    METRE(1, "m", "metre", "metres", "meter", "meters"),
    CENTIMETRE(0.01, "cm", "centimetre", "centimetres", "centimeter", "centimeters"),
    FOOT(0.3048, "ft", "foot", "feet", "'"),
    INCH(0.0254, "in", "inch", "inches", "\"");

    private final double metres;
    private final List<String> names;

    Unit(double metres, String... names) {
        this.metres = metres;
        this.names = List.of(names);
    }

    public double metres() {
        return metres;
    }

    /** How it is written after a number. */
    public String symbol() {
        return names.get(0);
    }

    public static Optional<Unit> named(String name) {
        for (Unit unit : values()) {
            for (String known : unit.names) {
                if (Letters.alike(known, name)) {
                    return Optional.of(unit);
                }
            }
        }
        return Optional.empty();
    }
}
