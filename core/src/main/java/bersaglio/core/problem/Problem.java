package bersaglio.core.problem;

/**
 * What was wrong with something from outside: a code that the message file turns into words, the field, the value as
 * it came, and what is allowed there.
 */
public record Problem(String code, String field, String value, String allowed) {

    private static final int LONGEST_VALUE = 80;

    public Problem {
        if (value.length() > LONGEST_VALUE) {
            value = value.substring(0, LONGEST_VALUE) + "…";
        }
    }
}
