package bersaglio.core.drill;

/** How a rule is asked at a level: of one player after another. */
@FunctionalInterface
interface Asking {

    Examiner of(Streaks streaks);
}
