package bersaglio.core.group;

import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.List;

/**
 * Players who hit one after the other. Whoever is away is passed over and keeps the place.
 *
 * @param order      of the players, 2 to 30
 * @param away       those who are away now
 * @param ballsATurn 1 to 100
 * @param at         the place of who hits, from 0
 * @param taken      balls of this turn so far
 */
public record Queue(List<String> order, List<String> away, int ballsATurn, int at, int taken) {

    /** What can happen to it. */
    public enum Act {
        NOTHING,
        BALL,
        SKIP,
        THAT_WAS,
        CALL,
        AWAY,
        BACK
    }

    public Queue {
        order = List.copyOf(order);
        away = List.copyOf(away);
        Check.requireBetween("order", order.size(), 2, 30);
        Check.requireBetween("ballsATurn", ballsATurn, 1, 100);
        Check.requireBetween("at", at, 0, order.size() - 1);
        Check.requireBetween("taken", taken, 0, ballsATurn);
        for (int i = 0; i < order.size(); i++) {
            Check.requireId("order." + i, order.get(i));
            if (order.indexOf(order.get(i)) != i) {
                throw new Refused("twice", "order." + i, order.get(i), "each player once");
            }
        }
    }

    public static Queue of(List<String> order, int ballsATurn) {
        return new Queue(order, List.of(), ballsATurn, 0, 0);
    }

    public String hitter() {
        return order.get(at);
    }

    /** @param player whom it is about; nobody for a ball, a skip and nothing */
    public Queue after(Act act, String player) {
        return switch (act) {
            case NOTHING -> this;
            case BALL -> afterBall();
            case SKIP -> skipped();
            case THAT_WAS -> thatWas(player);
            case CALL -> calling(player);
            case AWAY -> without(player);
            case BACK -> withBack(player);
        };
    }

    /** Who hits after the one who hits now. */
    public String next() {
        return skipped().hitter();
    }

    /** Balls that are left of this turn. */
    public int left() {
        return ballsATurn - taken;
    }

    /** After one ball of who hits; the last one of a turn brings the next player. */
    public Queue afterBall() {
        return taken + 1 < ballsATurn ? new Queue(order, away, ballsATurn, at, taken + 1) : skipped();
    }

    /** The turn goes to the next one who is there; alone, the player goes on. */
    public Queue skipped() {
        int place = at;
        do {
            place = (place + 1) % order.size();
        } while (place != at && away.contains(order.get(place)));
        return new Queue(order, away, ballsATurn, place, 0);
    }

    /** The last ball was this player's: it belongs to that turn, and the queue goes on from there. */
    public Queue thatWas(String player) {
        return new Queue(order, away, ballsATurn, placeOf(player), 0).afterBall();
    }

    /** This player hits now. */
    public Queue calling(String player) {
        return new Queue(order, away, ballsATurn, placeOf(player), 0);
    }

    public Queue without(String player) {
        List<String> gone = new ArrayList<>(away);
        if (!gone.contains(player)) {
            gone.add(order.get(placeOf(player)));
        }
        Queue queue = new Queue(order, gone, ballsATurn, at, taken);
        return hitter().equals(player) ? queue.skipped() : queue;
    }

    public Queue withBack(String player) {
        List<String> gone = new ArrayList<>(away);
        gone.remove(player);
        return new Queue(order, gone, ballsATurn, at, taken);
    }

    private int placeOf(String player) {
        int place = order.indexOf(player);
        if (place < 0) {
            throw new Refused("unknown_id", "player", player, "a player of this queue");
        }
        return place;
    }
}
