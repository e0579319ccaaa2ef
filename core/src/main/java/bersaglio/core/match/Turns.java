package bersaglio.core.match;

import bersaglio.core.court.Side;
import bersaglio.core.format.Kind;
import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.List;

/**
 * Each serves so many in turn, whoever wins them; one each once both have so many points.
 *
 * @param each     in a row
 * @param oneFrom  points of both from which it is one each
 */
@Kind("TURNS")
public record Turns(int each, int oneFrom) implements Service {

    public Turns {
        Check.requireBetween("each", each, 1, 10);
        Check.requireBetween("oneFrom", oneFrom, 1, 100);
    }

    /** Laws of table tennis (ITTF) 2.13.3: one each from 10 all in a game to 11, where both lack one point. */
    @Override
    public Turns to(int points) {
        return new Turns(each, Math.max(1, points - 1));
    }

    private int turn(int played) {
        int longOnes = 2 * oneFrom;
        return played < longOnes ? played / each : longOnes / each + played - longOnes;
    }

    @Override
    public Serving after(Opening opening, List<Team> rallies, Game game) {
        List<Serving> order = order(opening.server(), opening.player(), opening.receiver());
        int first = turn(opening.at().total());
        Count points = opening.at();
        int swapsAt = game.doubles() && points.most() < game.swapsAt() ? game.swapsAt() : 0;
        for (Team winner : rallies) {
            points = points.plus(winner);
            if (swapsAt > 0 && points.most() == swapsAt) {
                Serving now = order.get(Math.floorMod(turn(points.total()) - first, order.size()));
                order = order(now.team(), now.player(), 1 - now.receiver());
                first = turn(points.total());
                swapsAt = 0;
            }
        }
        Serving now = order.get(Math.floorMod(turn(points.total()) - first, order.size()));
        return game.doubles() ? now : new Serving(now.team(), 0, 0, Side.NONE, 1);
    }

    /** Who receives serves next, to the partner of who served. */
    private static List<Serving> order(Team team, int player, int receiver) {
        List<Serving> order = new ArrayList<>();
        Serving now = new Serving(team, player, receiver, Side.NONE, 1);
        for (int i = 0; i < 4; i++) {
            order.add(now);
            now = new Serving(now.team().other(), now.receiver(), 1 - now.player(), Side.NONE, 1);
        }
        return order;
    }

    /** Who served first receives first; of a pair, from who was served to by them. */
    @Override
    public Opening next(Opening before, Team winner) {
        return new Opening(before.server().other(), before.receiver(), before.player(), Count.NONE, 1);
    }
}
