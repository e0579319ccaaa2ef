package bersaglio.core.match;

import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;
import java.util.List;

/**
 * What is agreed of a match before a rally: how it is scored, and what else holds.
 *
 * @param minutes when these are over the charter is told to end it at the score that it has; 0 where only the score ends it
 */
public record Agreed(Format format, List<GameRule> rules, @Usually("0") int minutes) {

    private static final int MOST = 8;
    private static final int LONGEST = 300;

    public Agreed {
        Check.requireBetween("rules", rules.size(), 0, MOST);
        Check.requireBetween("minutes", minutes, 0, LONGEST);
        rules = List.copyOf(rules);
    }

    public static Agreed plain(Format format) {
        return new Agreed(format, List.of(), 0);
    }
}
