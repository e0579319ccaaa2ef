package bersaglio.core.measure;

/** Letters without the tables of all the world's scripts, which the page cannot carry. */
public final class Letters {

    private static final int LAST_PLAIN = 127;

    private Letters() {}

    /** Any character past the plain ones may be a letter of some language. */
    public static boolean isLetter(char c) {
        return c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z' || c > LAST_PLAIN && c != '\u00a0';
    }

    /** Equal, whether plain letters are small or capital. */
    static boolean alike(String one, String other) {
        if (one.length() != other.length()) {
            return false;
        }
        for (int i = 0; i < one.length(); i++) {
            if (small(one.charAt(i)) != small(other.charAt(i))) {
                return false;
            }
        }
        return true;
    }

    public static char small(char c) {
        return c >= 'A' && c <= 'Z' ? (char) (c + 'a' - 'A') : c;
    }
}
