package bersaglio.core.tactic;

import bersaglio.core.court.Sport;
import bersaglio.core.problem.Check;

/**
 * One version of a rule that a coach wrote. A version never changes.
 *
 * @param id      of the rule; its versions share it
 * @param version 1 for the first
 * @param words   that read as a {@link Tactic} of its sport
 */
public record TacticRule(String id, int version, String name, Sport sport, String words) {

    private static final int LONGEST_ID = 48;
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST = 300;

    public TacticRule {
        Check.requireId("id", id);
        Check.requireBetween("id", id.length(), 1, LONGEST_ID);
        Check.requireAtLeast("version", version, 1);
        Check.requireText("name", name, LONGEST_NAME);
        Check.requireText("words", words, LONGEST);
    }

    public TacticRule as(int number) {
        return new TacticRule(id, number, name, sport, words);
    }
}
