package bersaglio.server.demo;

import java.util.List;
import java.util.Set;

/**
 * What the demo club works on.
 *
 * @param drill    a drill version
 * @param hand     how its sets get into the log
 * @param who      by first names; everybody of the badminton club where it is empty
 * @param spread   of its landings against those of a clear, or against the size of the place; or about which number its
 *                 tries come to, or how often a contact is an error
 * @param often    in ten club days
 * @param minutes  after the first set of the evening
 * @param daysLeft out of the last days, in which other things were practised
 */
record DemoDrill(String drill, DemoHand hand, Set<String> who, double spread, int often, int minutes, int daysLeft) {

    /** Whose move up waits for the coach, and on what. */
    static final String READY = "Elio";

    static final String READY_ON = "straight-clear-1";

    static final List<DemoDrill> ALL = List.of(
            everybody("straight-clear-1", 1, 6, 0, 0),
            everybody("half-court-clear-1", 1.9, 3, -120, 1),
            everybody("low-serve-1", 0.45, 3, -180, 1),
            everybody("net-rings-1", 0.4, 3, -240, 1),
            of("Ugo", "volley-to-the-sides-1", DemoHand.LANDINGS, 1.3, 5, 10, 0),
            of("Ugo", "overhead-to-the-side-glass-1", DemoHand.LANDINGS, 1.2, 4, 40, 0),
            of("Ugo", "lob-from-the-back-glass-1", DemoHand.LANDINGS, 2.2, 4, 70, 0),
            of("Ugo", "duel-at-the-net-1", DemoHand.SIDES, 0, 3, 100, 0),
            of("Nora", "smash-down-the-line-1", DemoHand.LANDINGS, 0.9, 3, 150, 2),
            of("Nora", "drop-lift-clear-1", DemoHand.PASSES, 0.75, 4, 210, 0),
            of("Nora", "straight-straight-cross-1", DemoHand.PASSES, 0.85, 3, 230, 2),
            of("Livia", "smash-and-follow-in-1", DemoHand.PASSES, 0.9, 4, 210, 0),
            of("Ugo", "lob-then-forward-1", DemoHand.PASSES, 0.75, 4, 130, 0),
            of("Nora", "cover-the-four-corners-1", DemoHand.HITS, 0.7, 3, 170, 0),
            of("Nora", "two-ways-to-the-corner-1", DemoHand.HITS, 0.6, 2, 190, 4),
            of("Livia", "fast-hands-1", DemoHand.ROUNDS, 0.5, 3, 150, 0),
            of("Livia", "out-of-the-middle-1", DemoHand.CONTACTS, 0.06, 3, 170, 0),
            of("Livia", "length-test-1", DemoHand.LANDINGS, 0.9, 1, 190, 4),
            of("Elio", "three-corner-ladder-1", DemoHand.HITS, 0.7, 3, 150, 0),
            of("Elio", "corner-course-1", DemoHand.LAPS, 41, 3, 170, 0),
            of("Teo", "ball-on-the-racket-1", DemoHand.NUMBERS, 24, 2, 150, 2),
            of("Teo", "touches-called-1", DemoHand.NUMBERS, 28, 2, 160, 2),
            of("Teo", "wall-volley-run-1", DemoHand.HITS, 0.8, 2, 170, 2),
            of("Teo", "shadow-warm-up-1", DemoHand.HITS, 1, 3, -300, 0),
            of("Ada", "smash-down-the-line-1", DemoHand.LANDINGS, 1.6, 4, 150, 0),
            of("Ada", "corner-corner-middle-1", DemoHand.ROUNDS, 0.5, 2, 170, 2),
            of("Ada", "two-team-target-race-1", DemoHand.SIDES, 0, 2, 190, 2));

    DemoDrill {
        who = Set.copyOf(who);
    }

    private static DemoDrill everybody(String drill, double spread, int often, int minutes, int daysLeft) {
        return new DemoDrill(drill, DemoHand.LANDINGS, Set.of(), spread, often, minutes, daysLeft);
    }

    private static DemoDrill of(
            String who, String drill, DemoHand hand, double spread, int often, int minutes, int daysLeft) {
        return new DemoDrill(drill, hand, Set.of(who), spread, often, minutes, daysLeft);
    }

    boolean isFor(DemoPlayer player) {
        return who.isEmpty() ? player.playsBadminton() : who.contains(player.firstName());
    }
}
