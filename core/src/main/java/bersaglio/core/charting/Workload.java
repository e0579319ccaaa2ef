package bersaglio.core.charting;

import bersaglio.core.goal.Tally;
import java.util.Collection;

/**
 * How much a player hit, with what came of it: amount alone says nothing.
 *
 * @param balls in sets of the player's own and of partners
 * @param tally of the sets of the player's own
 */
public record Workload(int balls, Tally tally) {

    /** @param volumes of any players in the same sets */
    public static Workload of(String player, Collection<Volume> volumes, Collection<SetResult> sets) {
        int balls = volumes.stream()
                .filter(volume -> volume.player().equals(player))
                .mapToInt(Volume::balls)
                .sum();
        Tally tally = Tally.NONE;
        for (SetResult set : sets) {
            if (set.counts() && set.player().equals(player)) {
                tally = tally.plus(set.attempt().tally());
            }
        }
        return new Workload(balls, tally);
    }
}
