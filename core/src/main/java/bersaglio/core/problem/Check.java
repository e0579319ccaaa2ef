package bersaglio.core.problem;

/** The one door for arguments: each check names the field, the value and what is allowed. */
public final class Check {

    private static final int LONGEST_ID = 64;

    private Check() {}

    public static void requireAtLeast(String field, int value, int least) {
        if (value < least) {
            throw new Refused("out_of_range", field, Integer.toString(value), "at least " + least);
        }
    }

    public static void requireBetween(String field, int value, int least, int most) {
        if (value < least || value > most) {
            throw new Refused("out_of_range", field, Integer.toString(value), least + " to " + most);
        }
    }

    public static void requireBetween(String field, double value, double least, double most) {
        if (!(value >= least && value <= most)) {
            throw new Refused("out_of_range", field, Double.toString(value), least + " to " + most);
        }
    }

    public static void requireText(String field, String value, int longest) {
        if (value.isBlank() || value.length() > longest) {
            throw new Refused("bad_name", field, value, "1 to " + longest + " characters");
        }
    }

    public static void requireRate(String field, double value) {
        requireBetween(field, value, 0.0, 1.0);
    }

    public static void requirePositive(String field, double value) {
        if (!(value > 0 && value < Double.POSITIVE_INFINITY)) {
            throw new Refused("out_of_range", field, Double.toString(value), "greater than 0");
        }
    }

    /** Ids are made on many devices; they are compared as text, so only their shape is checked. */
    public static void requireId(String field, String value) {
        boolean fits = !value.isEmpty() && value.length() <= LONGEST_ID;
        for (int i = 0; fits && i < value.length(); i++) {
            char c = value.charAt(i);
            fits = c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z' || c >= '0' && c <= '9' || c == '-' || c == '_';
        }
        if (!fits) {
            throw new Refused("bad_id", field, value, "1 to 64 letters, digits, - or _");
        }
    }
}
