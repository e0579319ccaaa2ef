package bersaglio.core.match;

import bersaglio.core.court.Side;
import bersaglio.core.format.Kind;
import java.util.List;

/** Both of a pair serve before the other pair does; at the start of a game only one, who is called the second. */
@Kind("SIDE_OUT")
public record SideOut() implements Service {

    private static final int SECOND = 2;

    /** The first to serve in a game is their team's second server. */
    public static Opening begin(Team server) {
        return new Opening(server, 0, 0, Count.NONE, SECOND);
    }

    @Override
    public Serving after(Opening opening, List<Team> rallies, Game game) {
        Team server = opening.server();
        int number = opening.number();
        Side court = Courts.byPoints(opening.at().of(server));
        Courts courts = new Courts(opening, court, game.doubles());
        for (Team winner : rallies) {
            if (winner == server) {
                courts.change(server);
                court = Courts.other(court);
            } else if (number < SECOND) {
                number = SECOND;
                court = Courts.other(court);
            } else {
                server = winner;
                number = 1;
                court = Side.RIGHT;
            }
        }
        return courts.serving(server, court, number);
    }

    @Override
    public Opening next(Opening before, Team winner) {
        return begin(before.server().other());
    }
}
