package bersaglio.core.measure;

import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.List;

/**
 * Lengths as people write them: {@code 1.2 m}, {@code 45 cm}, {@code 4 ft 6 in}, {@code 2 1/2 tiles}. Terms add up; a
 * number may have a fraction after a point or a comma, or be one such as {@code 1/2}. Kept in metres.
 *
 * @param local what this place measures by, besides the common units
 */
public record Lengths(List<LocalMeasure> local) {

    private static final double LONGEST = 100;
    private static final int LONGEST_TEXT = 60;

    public Lengths {
        local = List.copyOf(local);
    }

    /**
     * @param field where the text stands, for a problem to name
     * @return metres, above 0 and at most 100
     * @throws Refused when the text is no length, or names a unit that is not known here
     */
    public double parse(String field, String text) {
        if (text.length() > LONGEST_TEXT) {
            throw new Refused(
                    "bad_length",
                    field,
                    text.substring(0, LONGEST_TEXT) + "…",
                    "at most " + LONGEST_TEXT + " characters");
        }
        double metres = new Reader(field, text).sum();
        Check.requirePositive(field, metres);
        Check.requireBetween(field, metres, 0, LONGEST);
        return metres;
    }

    /** A length in a unit, to the centimetre or the quarter of an inch; feet with their inches. */
    public String write(double metres, Unit unit) {
        return switch (unit) {
            case METRE -> hundredths(Math.round(metres * 100)) + " m";
            case CENTIMETRE -> Math.round(metres * 100) + " cm";
            case INCH -> quarters(Math.round(metres / Unit.INCH.metres() * 4)) + " in";
            case FOOT -> feet(Math.round(metres / Unit.INCH.metres() * 4));
        };
    }

    /** A length in a local measure, to a tenth of it. */
    public String write(double metres, LocalMeasure measure) {
        long tenths = Math.round(metres / measure.metres() * 10);
        String number = tenths % 10 == 0 ? Long.toString(tenths / 10) : tenths / 10 + "." + tenths % 10;
        return number + " " + (tenths == 10 ? measure.one() : measure.many());
    }

    private static String hundredths(long hundredths) {
        long rest = hundredths % 100;
        return hundredths / 100 + "." + (rest < 10 ? "0" : "") + rest;
    }

    private static String feet(long quarterInches) {
        long feet = quarterInches / 48;
        long rest = quarterInches % 48;
        if (feet == 0) {
            return quarters(rest) + " in";
        }
        return rest == 0 ? feet + " ft" : feet + " ft " + quarters(rest) + " in";
    }

    private static String quarters(long quarters) {
        String whole = Long.toString(quarters / 4);
        return switch ((int) (quarters % 4)) {
            case 1 -> whole + ".25";
            case 2 -> whole + ".5";
            case 3 -> whole + ".75";
            default -> whole;
        };
    }

    /** Reads one text from left to right. */
    private final class Reader {

        private final String field;
        private final String text;
        private int at;

        Reader(String field, String text) {
            this.field = field;
            this.text = text;
        }

        double sum() {
            double metres = 0;
            skipSpace();
            do {
                double number = number();
                skipSpace();
                if (digitNext()) {
                    number += number();
                    skipSpace();
                }
                metres += number * unit();
                skipSpace();
            } while (at < text.length());
            return metres;
        }

        private double number() {
            double number = digits();
            if (peek() == '/') {
                at++;
                double divisor = digits();
                if (divisor == 0) {
                    throw bad();
                }
                return number / divisor;
            }
            if (peek() == '.' || peek() == ',') {
                at++;
                int from = at;
                double fraction = digits();
                return number + fraction / Math.pow(10, at - from);
            }
            return number;
        }

        private double digits() {
            if (!digitNext()) {
                throw bad();
            }
            double number = 0;
            while (digitNext()) {
                number = number * 10 + (peek() - '0');
                at++;
            }
            return number;
        }

        private double unit() {
            int from = at;
            if (peek() == '\'' || peek() == '"') {
                at++;
            } else {
                while (at < text.length() && Letters.isLetter(peek())) {
                    at++;
                }
            }
            String name = text.substring(from, at);
            for (LocalMeasure measure : local) {
                if (Letters.alike(measure.one(), name) || Letters.alike(measure.many(), name)) {
                    return measure.metres();
                }
            }
            return Unit.named(name)
                    .map(Unit::metres)
                    .orElseThrow(() -> name.isEmpty() ? bad() : new Refused("unknown_unit", field, name, allowed()));
        }

        private Refused bad() {
            return new Refused("bad_length", field, text, "a number with its unit, such as 1.2 m or 4 ft 6 in");
        }

        private String allowed() {
            List<String> names = new ArrayList<>();
            for (Unit unit : Unit.values()) {
                names.add(unit.symbol());
            }
            for (LocalMeasure measure : local) {
                names.add(measure.many());
            }
            return String.join(", ", names);
        }

        private void skipSpace() {
            while (at < text.length() && (peek() == ' ' || peek() == '\u00a0')) {
                at++;
            }
        }

        private boolean digitNext() {
            return peek() >= '0' && peek() <= '9';
        }

        private char peek() {
            return at < text.length() ? text.charAt(at) : 0;
        }
    }
}
