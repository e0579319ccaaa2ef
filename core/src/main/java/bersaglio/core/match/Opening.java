package bersaglio.core.match;

import bersaglio.core.problem.Check;

/**
 * How a game begins, or goes on from a score.
 *
 * @param server   the team that serves
 * @param player   of it who serves
 * @param receiver of the other team who receives
 * @param at       the points that there are
 * @param number   of the server's turn in the team's service
 */
public record Opening(Team server, int player, int receiver, Count at, int number) {

    public Opening {
        Check.requireBetween("player", player, 0, 1);
        Check.requireBetween("receiver", receiver, 0, 1);
        Check.requireBetween("number", number, 1, 2);
    }

    public static Opening by(Team server) {
        return new Opening(server, 0, 0, Count.NONE, 1);
    }

    public Opening at(Count points) {
        return new Opening(server, player, receiver, points, number);
    }
}
