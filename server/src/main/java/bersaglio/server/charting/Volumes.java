package bersaglio.server.charting;

import bersaglio.core.charting.Volume;
import java.util.List;
import java.util.UUID;

/** How much was hit, by whom. */
public interface Volumes {

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
}
