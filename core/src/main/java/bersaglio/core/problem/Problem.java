package bersaglio.core.problem;

/**
 * What was wrong with something from outside: a code that the message file turns into words, the field, the value as
 * it came, and what is allowed there.
 */
public record Problem(String code, String field, String value, String allowed) {

    private static final int LONGEST_VALUE = 80;
    private static final char UNREADABLE = '\ufffd';

    public Problem {
        field = whole(field);
        value = whole(value.length() > LONGEST_VALUE ? value.substring(0, LONGEST_VALUE) + "…" : value);
    }

    /** Whether a text has no half of a pair by itself, which nobody can write. */
    public static boolean isWhole(String text) {
        return whole(text).equals(text);
    }

    private static String whole(String text) {
        StringBuilder whole = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean pair = isHigh(c) && i + 1 < text.length() && isLow(text.charAt(i + 1));
            if (pair) {
                whole.append(c).append(text.charAt(++i));
            } else {
                whole.append(isHigh(c) || isLow(c) ? UNREADABLE : c);
            }
        }
        return whole.toString();
    }

    private static boolean isHigh(char c) {
        return c >= '\ud800' && c <= '\udbff';
    }

    private static boolean isLow(char c) {
        return c >= '\udc00' && c <= '\udfff';
    }
}
