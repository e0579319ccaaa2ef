package bersaglio.core.measure;

/**
 * Comparison with a bound that two machines decide alike, though their logarithms differ in the last bit.
 */
public final class Threshold {

    private static final double SLACK = 1e-9;

    private Threshold() {}

    public static boolean reaches(double value, double bound) {
        return value >= bound - SLACK;
    }
}
