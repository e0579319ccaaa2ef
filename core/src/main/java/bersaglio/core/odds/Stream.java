package bersaglio.core.odds;

/**
 * Numbers from 0 to 1 that look drawn, the same on every machine: the generator of S. K. Park and K. W. Miller, "Random Number
 * Generators: Good Ones Are Hard to Find", Communications of the ACM 31 (1988).
 */
public final class Stream {

    private static final double MODULUS = 2_147_483_647;
    private static final double MULTIPLIER = 16_807;
    private static final double APART = 1_000_003;
    private static final int FORGOTTEN = 8;

    private double state;

    /** @param number each has a stream of its own, from 0 */
    public Stream(int number) {
        state = (1 + number * APART) % MODULUS;
        for (int i = 0; i < FORGOTTEN; i++) {
            next();
        }
    }

    public double next() {
        // The remainder by hand, exact below 2⁵³: the operator takes ten times as long.
        double product = state * MULTIPLIER;
        double rest = product - Math.floor(product / MODULUS) * MODULUS;
        state = rest < 0 ? rest + MODULUS : rest >= MODULUS ? rest - MODULUS : rest;
        return state / MODULUS;
    }
}
