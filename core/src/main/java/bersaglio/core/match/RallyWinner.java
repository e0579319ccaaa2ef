package bersaglio.core.match;

import bersaglio.core.court.Side;
import bersaglio.core.format.Kind;
import java.util.List;

/**
 * Who wins a rally serves the next one.
 *
 * @param from        the court that is served from
 * @param winnerBegins whether who won a game begins the next one; else who did not begin it
 */
@Kind("RALLY_WINNER")
public record RallyWinner(From from, boolean winnerBegins) implements Service {

    /** How the service court follows. */
    public enum From {
        NO_COURT,
        /** Right on even points of the server, left on odd ones; a pair that serves changes courts with each point. */
        BY_POINTS,
        /** Right first, unless the server says otherwise, and the other one with each point in a row. */
        IN_TURN
    }

    @Override
    public Serving after(Opening opening, List<Team> rallies, Game game) {
        Team server = opening.server();
        Count points = opening.at();
        Side turn = Side.RIGHT;
        Courts courts = new Courts(opening, Courts.byPoints(points.of(server)), game.doubles());
        for (Team winner : rallies) {
            boolean held = winner == server;
            if (held || !game.counting().onServe()) {
                points = points.plus(winner);
            }
            if (held) {
                courts.change(server);
                turn = Courts.other(turn);
            } else {
                server = winner;
                turn = Side.RIGHT;
            }
        }
        return switch (from) {
            case NO_COURT -> new Serving(server, 0, 0, Side.NONE, 1);
            case BY_POINTS -> courts.serving(server, Courts.byPoints(points.of(server)), 1);
            case IN_TURN -> new Serving(server, 0, 0, turn, 1);
        };
    }

    @Override
    public Opening next(Opening before, Team winner) {
        return Opening.by(winnerBegins ? winner : before.server().other());
    }
}
