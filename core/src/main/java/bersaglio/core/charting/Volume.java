package bersaglio.core.charting;

import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Shot;
import java.util.ArrayList;
import java.util.List;

/** Balls that one player hit in a set. What a pair counts together is split between the two. */
public record Volume(String player, int balls) {

    static List<Volume> of(ChartedSet set, double contacts) {
        List<String> players = new ArrayList<>(List.of(set.origin().player()));
        players.addAll(set.origin().occasion().partners());
        boolean sides = set.played().count().progress().parts().size() > 1;
        int[] balls = new int[players.size()];
        int together = 0;
        for (Shot shot : set.played().shots()) {
            if (shot.ruling().outcome() == Outcome.VOID || !shot.struck().isOwn()) {
                continue;
            }
            if (sides && shot.team() < balls.length) {
                balls[shot.team()]++;
            } else if (!sides) {
                together++;
            }
        }
        if (set.task().asked().goal().rallies().isPresent()) {
            // A rally alone is with whoever feeds: half of its contacts are the player's.
            int hitters = Math.max(2, players.size());
            share(balls, (int) contacts, hitters);
        }
        share(balls, together, players.size());
        List<Volume> volumes = new ArrayList<>();
        for (int i = 0; i < balls.length; i++) {
            volumes.add(new Volume(players.get(i), balls[i]));
        }
        return volumes;
    }

    /** Evenly, what is left over to the first. */
    private static void share(int[] balls, int all, int hitters) {
        for (int i = 0; i < balls.length; i++) {
            balls[i] += all / hitters + (i < all % hitters ? 1 : 0);
        }
    }
}
