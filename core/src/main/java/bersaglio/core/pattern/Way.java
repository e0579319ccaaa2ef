package bersaglio.core.pattern;

import bersaglio.core.format.Usually;
import bersaglio.core.measure.Letters;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;

/**
 * One thing that a step may be: a stroke, a place, or both, and then it counts only whole.
 *
 * @param stroke in the sport's word for it; empty where any will do
 * @param zone   the number of the target's zone that it goes to, 0 for anywhere in play
 */
public record Way(@Usually("") String stroke, @Usually("0") int zone) {

    private static final int LONGEST_STROKE = 24;

    public static final Way ANY = new Way("", 0);

    public Way {
        requireStroke("stroke", stroke);
        Check.requireBetween("zone", zone, 0, 9);
    }

    /** A stroke is a word or a few in small letters, or nothing. */
    public static void requireStroke(String field, String stroke) {
        boolean plain = stroke.length() <= LONGEST_STROKE && stroke.strip().equals(stroke);
        for (int i = 0; plain && i < stroke.length(); i++) {
            char c = stroke.charAt(i);
            plain = Letters.isLetter(c) && Letters.small(c) == c || c == ' ' || c == '-';
        }
        if (!plain) {
            throw new Refused("bad_name", field, stroke, "1 to " + LONGEST_STROKE + " small letters");
        }
    }

    boolean isBy(String other) {
        return other.isEmpty() || stroke.isEmpty() || stroke.equals(other);
    }
}
