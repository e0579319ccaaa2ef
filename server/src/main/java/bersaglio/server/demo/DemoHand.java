package bersaglio.server.demo;

/** How the sets of a drill get into the log. */
enum DemoHand {
    /** Where each ball came down. */
    LANDINGS,
    /** Hit or not, in the zone that is asked for next. */
    HITS,
    /** A number after each try: the length of a rally, seconds held, what is measured. */
    NUMBERS,
    /** Rallies, contact by contact. */
    CONTACTS,
    /** Hits while the clock of a round or a station runs. */
    ROUNDS,
    /** The stopwatch of a lap. */
    LAPS,
    /** Where each of the player's own shots in a pattern came down. */
    PASSES,
    /** Two sides that score against each other, ball by ball. */
    SIDES
}
