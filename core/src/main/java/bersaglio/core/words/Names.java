package bersaglio.core.words;

import bersaglio.core.measure.Letters;

/** Ids made of names. */
public final class Names {

    private static final int LONGEST = 40;

    private Names() {}

    /** Small letters and digits with dashes between: {@code Rear corner} is {@code rear-corner}. */
    public static String id(String name) {
        StringBuilder id = new StringBuilder();
        for (int i = 0; i < name.length() && id.length() < LONGEST; i++) {
            char c = Letters.small(name.charAt(i));
            boolean plain = c >= 'a' && c <= 'z' || c >= '0' && c <= '9';
            if (plain) {
                id.append(c);
            } else if (id.length() > 0 && id.charAt(id.length() - 1) != '-') {
                id.append('-');
            }
        }
        int end = id.length();
        while (end > 0 && id.charAt(end - 1) == '-') {
            end--;
        }
        return end == 0 ? "drill" : id.substring(0, end);
    }
}
