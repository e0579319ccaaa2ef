package bersaglio.server.charting;

import bersaglio.core.charting.Footing;
import bersaglio.core.charting.HeldRally;
import bersaglio.core.charting.NotedShots;
import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetResult;
import bersaglio.core.charting.Volume;
import bersaglio.core.court.Point;
import bersaglio.core.goal.Tally;
import bersaglio.core.pattern.PassReport;
import bersaglio.core.pattern.StepCount;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.UUID;

/** What was charted, as it was made from the log. */
public interface Results {

    /** A landing, on the surface of the stage that it came to last; most targets have one, 0. */
    record Landing(UUID run, double x, double y, int stage, String outcome, String side, int zone) {}

    /** The sets of a player on a drill version, in the order they were held; without what was said as they closed. */
    List<SetResult> setsOf(UUID player, String drill);

    /** What was said of those of some sets that were judged. */
    Map<UUID, Said> saidOf(List<UUID> runs);

    /** Every landing of those of some sets that count, in the order they were held. */
    List<Landing> landingsOf(List<UUID> runs);

    /** Shots of sets that count on which the same is marked, and where they were played. */
    record Noted(String drill, String track, int level, String laid, NotedShots shots) {}

    /** Shots of a player that count and on which something is marked. */
    List<Noted> notedBy(UUID player);

    /** The same of one drill version alone. */
    List<Noted> notedOn(UUID player, String drill, String track);

    /** How many sets were held, and the last of them when. */
    record Held(int sets, long last) {
        public static final Held NOTHING = new Held(0, 0);
    }

    /** What a player has held. */
    Map<Footing.Way, Held> heldBy(UUID player);

    /** Passes of a pattern that count, in their order, and what its steps came to, set by set. */
    record Passed(List<PassReport.Went> passes, List<StepCount> steps) {}

    /** What a player's passes came to, level by level, in sets laid as drawn. */
    Map<Integer, Passed> passesOf(UUID player, String drill, String track);

    /** A player's rallies, level by level, of the sets that count, in their order. */
    Map<Integer, List<HeldRally>> ralliesOf(UUID player, String drill, String track);

    /** The sets of a player held since then, in their order. */
    List<SetResult> heldSince(long from, UUID player);

    /** The sets of all players held in a time, {@code until} not included, in their order. */
    List<SetResult> heldBetween(long from, long until);

    /** What each other player hit at a level of a drill version, in sets laid as drawn. */
    List<Tally> othersAt(UUID player, String drill, String track, int level);

    /** When the last set before a time was held, or the first one from it on. */
    OptionalLong heldNext(long time, boolean later);

    /** What each player hit in the sets that count of a time, {@code until} not included. */
    List<Volume> volumesBetween(long from, long until);

    /** What was hit in a set held then. */
    record Hit(long heldAt, Volume volume) {}

    /** What one player hit in the sets that count since then. */
    List<Hit> hitSince(long from, UUID player);

    /** What a player hit in another's set. */
    record WithAnother(UUID run, UUID of, String drill, long heldAt, int balls) {}

    /** The latest sets of others in which a player hit, the latest first. */
    List<WithAnother> withOthers(UUID player, int most);

    /** A level of a drill version at which a player has landings. */
    record Charted(String drill, String track, int level, int landings) {}

    /** Where a player has landings, the most first. */
    List<Charted> chartedBy(UUID player);

    /** Where a player's shots at one level came down, and how many the net kept. */
    record Placements(List<Point> places, int nets) {}

    /** Of the sets that count, laid as drawn; a shot that missed an earlier place of a target in order is left out. */
    Placements placementsOf(UUID player, String drill, String track, int level, int stage);
}
