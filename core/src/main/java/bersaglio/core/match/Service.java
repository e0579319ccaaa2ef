package bersaglio.core.match;

import bersaglio.core.format.Family;
import java.util.List;

/** Who serves. Each kind follows the rallies of a game from its opening. */
@Family
public sealed interface Service permits RallyWinner, SideOut, Turns, WholeGames {

    /**
     * What a kind needs to know of the game.
     *
     * @param swapsAt points of a team at which receivers of pairs change places once; 0 for never
     * @param tieBreak whether it is a tie-break
     * @param games   service games that each team has begun in the match
     */
    record Game(boolean doubles, Counting counting, int swapsAt, boolean tieBreak, Count games) {}

    /** Who serves after these rallies, each by who won it. */
    Serving after(Opening opening, List<Team> rallies, Game game);

    /** The same in games to another number of points. */
    default Service to(int points) {
        return this;
    }

    /** Who begins the game after one that somebody won. */
    Opening next(Opening before, Team winner);
}
