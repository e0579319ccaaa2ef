package bersaglio.core.court;

import java.util.List;

/**
 * A sport gives its courts their words: for the ball, the court and the misses. Its strokes are what is offered; a club
 * may write others.
 */
public enum Sport {
    BADMINTON("serve", "clear", "drop", "smash", "drive", "lift", "net", "net-kill", "block", "push"),
    TENNIS("serve", "return", "drive", "slice", "volley", "approach", "lob", "drop", "smash"),
    PADEL("serve", "return", "drive", "volley", "lob", "overhead", "smash", "drop", "off the glass"),
    TABLE_TENNIS("serve", "push", "topspin", "block", "flick", "chop", "lob", "smash"),
    PICKLEBALL("serve", "return", "drive", "drop", "dink", "volley", "lob", "smash"),
    SQUASH("serve", "drive", "boast", "drop", "lob", "volley", "kill"),
    VOLLEYBALL("serve", "pass", "set", "spike", "tip", "block", "dig"),
    BASKETBALL("pass", "lay-up", "jump shot", "set shot", "hook", "free throw"),
    ANY("serve", "drive", "volley", "lob", "drop", "smash");

    private final List<String> strokes;

    Sport(String... strokes) {
        this.strokes = List.of(strokes);
    }

    public List<String> strokes() {
        return strokes;
    }
}
