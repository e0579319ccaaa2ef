package bersaglio.core.drill;

/** How often a player who is not ready has passed a level by luck. */
final class Luck {

    /** Sets beyond which it is no longer told. */
    static final int MOST_TRIES = 100;

    /** It is told at once, in whole hundredths. */
    private static final int BALLS_PLAYED = 100_000;

    private Luck() {}

    static double within(Level level, int sets) {
        int tries = Math.min(MOST_TRIES, sets);
        return level.passing(Trying.of(level.notReadyRate(), ahead(tries)), BALLS_PLAYED)
                .within(tries);
    }

    /** What is worked out for one set serves those after it. */
    private static int ahead(int tries) {
        int ahead = 1;
        while (ahead < tries) {
            ahead *= 2;
        }
        return Math.min(MOST_TRIES, ahead);
    }
}
