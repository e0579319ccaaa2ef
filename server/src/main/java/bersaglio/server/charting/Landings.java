package bersaglio.server.charting;

import bersaglio.core.court.Point;
import java.util.List;
import java.util.UUID;

/** Where shots came down. */
public interface Landings {

    /** A landing, on the surface of the stage that it came to last; most targets have one, 0. */
    record Landing(UUID run, double x, double y, int stage, String outcome, String side, int zone) {}

    /** Every landing of those of some sets that count, in the order they were held. */
    List<Landing> landingsOf(List<UUID> runs);

    /** A level of a drill version at which a player has landings. */
    record Charted(String drill, String track, int level, int landings) {}

    /** Where a player has landings, the most first. */
    List<Charted> chartedBy(UUID player);

    /** Where a player's shots at one level came down, and how many the net kept. */
    record Placements(List<Point> places, int nets) {}

    /** Of the sets that count, laid as drawn; a shot that missed an earlier place of a target in order is left out. */
    Placements placementsOf(UUID player, String drill, String track, int level, int stage);
}
