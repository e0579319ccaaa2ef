package bersaglio.core.match;

import bersaglio.core.problem.Check;
import java.util.List;

/** What is agreed of a match before a rally: how it is scored, and what else holds. */
public record Agreed(Format format, List<GameRule> rules) {

    private static final int MOST = 8;

    public Agreed {
        Check.requireBetween("rules", rules.size(), 0, MOST);
        rules = List.copyOf(rules);
    }

    public static Agreed plain(Format format) {
        return new Agreed(format, List.of());
    }
}
