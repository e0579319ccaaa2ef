package bersaglio.core.group;

import bersaglio.core.problem.Check;

/**
 * Where somebody is in a turn.
 *
 * @param court from 1; 0 for who waits
 * @param team  of those who play on that court or, in a race, of all, from 0
 */
public record Spot(String player, Post post, int court, int team) {

    public Spot {
        Check.requireId("player", player);
        Check.requireBetween("court", court, 0, Form.MOST_COURTS);
        Check.requireBetween("team", team, 0, TeamRace.MOST_TEAMS - 1);
    }

    static Spot waiting(String player) {
        return new Spot(player, Post.WAITING, 0, 0);
    }

    public boolean isOnCourt() {
        return post.isOnCourt();
    }
}
