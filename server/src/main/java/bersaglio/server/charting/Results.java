package bersaglio.server.charting;

import bersaglio.core.charting.Footing;
import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetResult;
import bersaglio.core.goal.Tally;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.UUID;

/** Sets that were held, as they were made from the log. */
public interface Results {

    /** The sets of a player on a drill version, in the order they were held; without what was said as they closed. */
    List<SetResult> setsOf(UUID player, String drill);

    /** What was said of those of some sets that were judged. */
    Map<UUID, Said> saidOf(List<UUID> runs);

    /** How many sets were held, and the last of them when. */
    record Held(int sets, long last) {
        public static final Held NOTHING = new Held(0, 0);
    }

    /** What a player has held. */
    Map<Footing.Way, Held> heldBy(UUID player);

    /** The sets of a player held since then, in their order. */
    List<SetResult> heldSince(long from, UUID player);

    /** The sets of all players held in a time, {@code until} not included, in their order. */
    List<SetResult> heldBetween(long from, long until);

    /** What each other player hit at a level of a drill version, in sets laid as drawn. */
    List<Tally> othersAt(UUID player, String drill, String track, int level);

    /** When the last set before a time was held, or the first one from it on. */
    OptionalLong heldNext(long time, boolean later);
}
