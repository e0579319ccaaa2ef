package bersaglio.core.tactic;

import bersaglio.core.court.Sport;
import java.util.List;

/** Rules that come with the product; a club may take them off its list, change them, and write its own. */
public final class ReadyTactics {

    private static final List<TacticRule> ALL = List.of(
            rule(
                    "down-after-short-serve",
                    "Down after the short serve",
                    Sport.BADMINTON,
                    "after own short serve, the next own shot goes down"),
            rule(
                    "no-two-lifts-to-one-corner",
                    "Lifts change corners",
                    Sport.BADMINTON,
                    "never two lifts in a row to the same part"),
            rule(
                    "net-taken-early",
                    "In front after the drop",
                    Sport.BADMINTON,
                    "after own drop, the next own shot is taken in front of the service line"),
            rule(
                    "smash-then-forward",
                    "Forward after the smash",
                    Sport.BADMINTON,
                    "after own smash, the next own shot is not clear"),
            rule(
                    "no-middle-clear",
                    "Clears go to corners",
                    Sport.BADMINTON,
                    "every own clear does not go to the middle"),
            rule("deep-return", "Returns go deep", Sport.TENNIS, "every own return goes deep"),
            rule(
                    "approach-down-the-line",
                    "Approach down the line",
                    Sport.TENNIS,
                    "every own approach goes down the line"),
            rule(
                    "volley-after-approach",
                    "Volley after the approach",
                    Sport.TENNIS,
                    "after own approach, the next own shot is volley or smash"),
            rule(
                    "net-after-lob",
                    "To the net after a lob",
                    Sport.PADEL,
                    "after own lob, the next own shot is taken in front of the service line"),
            rule("no-three-drives", "Not three drives in a row", Sport.PADEL, "never three drives in a row"),
            rule(
                    "third-ball-topspin",
                    "Third ball attacked",
                    Sport.TABLE_TENNIS,
                    "after own short serve, the next own shot is topspin or flick or smash"),
            rule(
                    "straight-before-boast",
                    "Straight after their boast",
                    Sport.SQUASH,
                    "after their boast, the next own shot does not go across"),
            rule(
                    "deep-first",
                    "Deep before the drop",
                    Sport.SQUASH,
                    "after their short shot, the next own shot goes deep"),
            rule(
                    "third-shot-drop",
                    "Third shot falls short",
                    Sport.PICKLEBALL,
                    "after own serve then their return, the next own shot goes short"),
            rule(
                    "no-two-dinks-middle",
                    "Dinks change places",
                    Sport.PICKLEBALL,
                    "never three dinks in a row to the same part"));

    private ReadyTactics() {}

    public static List<TacticRule> all() {
        return ALL;
    }

    private static TacticRule rule(String id, String name, Sport sport, String words) {
        return new TacticRule(id, 1, name, sport, TacticWords.write(TacticWords.read(words, sport)));
    }
}
