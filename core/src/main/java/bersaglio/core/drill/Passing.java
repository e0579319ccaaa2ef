package bersaglio.core.drill;

/**
 * How often a level's rules have let a player through.
 *
 * @param after the first set, the second and so on
 * @param error standard error of the last of these; 0 where they are exact
 */
public record Passing(double[] after, double error) {

    public double within(int sets) {
        return sets == 0 ? 0 : after[Math.min(sets, after.length) - 1];
    }

    public double inAll() {
        return within(after.length);
    }
}
