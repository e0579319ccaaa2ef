package bersaglio.core.match;

import bersaglio.core.problem.Check;

/**
 * When the teams change ends.
 *
 * @param everyGame  after each game, where games make no set
 * @param oddGames   after each odd game of a set
 * @param inLastGame once, when a team first has so many points in the game that decides; 0 for never
 * @param inTieBreak after so many points of a tie-break each time; 0 for never
 */
public record Ends(boolean everyGame, boolean oddGames, int inLastGame, int inTieBreak) {

    /** How games that make no set change them: not at all, after each, or at the half of the last one too. */
    public enum Change {
        STAY,
        GAMES,
        HALF
    }

    public static final Ends STAY = new Ends(false, false, 0, 0);

    public Ends {
        Check.requireBetween("inLastGame", inLastGame, 0, 100);
        Check.requireBetween("inTieBreak", inTieBreak, 0, 100);
    }

    Ends inLastGameAt(int points) {
        return new Ends(everyGame, oddGames, points, inTieBreak);
    }
}
