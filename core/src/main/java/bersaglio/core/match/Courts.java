package bersaglio.core.match;

import bersaglio.core.court.Side;
import java.util.EnumMap;
import java.util.Map;

/** In which service court the players of a pair stand, while a game goes on. */
final class Courts {

    /** Who of each team stands in the right one. */
    private final Map<Team, Integer> right = new EnumMap<>(Team.class);

    private final boolean doubles;

    /** At an opening, the server in this court and the receiver in the one across. */
    Courts(Opening opening, Side court, boolean doubles) {
        this.doubles = doubles;
        place(opening.server(), opening.player(), court);
        place(opening.server().other(), opening.receiver(), court);
    }

    private void place(Team team, int player, Side court) {
        right.put(team, court == Side.RIGHT ? player : 1 - player);
    }

    static Side byPoints(int points) {
        return points % 2 == 0 ? Side.RIGHT : Side.LEFT;
    }

    static Side other(Side court) {
        return court == Side.RIGHT ? Side.LEFT : Side.RIGHT;
    }

    void change(Team team) {
        right.put(team, 1 - right.get(team));
    }

    int in(Side court, Team team) {
        if (!doubles) {
            return 0;
        }
        return court == Side.RIGHT ? right.get(team) : 1 - right.get(team);
    }

    Serving serving(Team server, Side court, int number) {
        return new Serving(server, in(court, server), in(court, server.other()), court, number);
    }
}
