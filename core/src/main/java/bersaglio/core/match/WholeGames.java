package bersaglio.core.match;

import bersaglio.core.format.Kind;
import java.util.List;

/**
 * Each team serves a game in turn, its players by turns too. In a tie-break the first serves once, then each twice. Who of a
 * pair receives in the right court does so for the set.
 */
@Kind("WHOLE_GAMES")
public record WholeGames() implements Service {

    @Override
    public Serving after(Opening opening, List<Team> rallies, Game game) {
        int played = opening.at().total() + rallies.size();
        int turns = game.tieBreak() ? (played + 1) / 2 : 0;
        Team server = turns % 2 == 0 ? opening.server() : opening.server().other();
        int player = (game.games().of(server) + turns / 2) % 2;
        var court = Courts.byPoints(played);
        int receiver = Courts.byPoints(0) == court ? 0 : 1;
        return game.doubles() ? new Serving(server, player, receiver, court, 1) : new Serving(server, 0, 0, court, 1);
    }

    @Override
    public Opening next(Opening before, Team winner) {
        return Opening.by(before.server().other());
    }
}
