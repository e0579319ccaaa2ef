package bersaglio.core.charting;

/**
 * Whose set it is and where it comes from.
 *
 * @param openedAt milliseconds since 1970
 * @param heldAt   when the set was held; sets are ordered by it
 * @param occasion who else is in it, and whether it comes from paper
 * @param moved    whether it was given another player, level or date
 * @param turned   whether its landings were turned afterwards
 */
public record SetOrigin(
        String session,
        String run,
        String player,
        long openedAt,
        long heldAt,
        Occasion occasion,
        boolean moved,
        boolean turned) {}
