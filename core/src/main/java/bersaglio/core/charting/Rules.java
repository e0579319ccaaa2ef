package bersaglio.core.charting;

/** The number of the rules, raised whenever any verdict or score could change. */
public final class Rules {

    public static final int NUMBER = 12;

    private Rules() {}
}
