package bersaglio.core.charting;

/** The number of the rules, raised whenever any verdict could change. */
public final class Rules {

    public static final int NUMBER = 9;

    private Rules() {}
}
