package bersaglio.core.drill;

import bersaglio.core.court.Area;
import bersaglio.core.court.Court;
import bersaglio.core.court.Region;
import bersaglio.core.court.Surface;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Referee;
import bersaglio.core.target.TargetZone;
import java.util.List;

/**
 * One version of a drill with its progression. A version never changes: results belong to it.
 *
 * @param id      of this version
 * @param version 1 for the first
 * @param inUse   the region of the court that is in use
 * @param levels  the rungs in order, at least one
 */
public record Drill(
        String id,
        int version,
        String name,
        String feed,
        Freedom freedom,
        Court court,
        String inUse,
        List<Level> levels) {

    public Drill {
        Check.requireId("id", id);
        Check.requireAtLeast("version", version, 1);
        levels = List.copyOf(levels);
        if (levels.isEmpty()) {
            throw new Refused("empty_progression", "levels", "none", "at least one level");
        }
        for (int i = 0; i < levels.size(); i++) {
            Check.requireBetween("levels." + i + ".number", levels.get(i).number(), i + 1, i + 1);
            requireOnCourt("levels." + i + ".zone", court, inUse, levels.get(i).zone());
        }
    }

    public Level level(int number) {
        Check.requireBetween("level", number, 1, levels.size());
        return levels.get(number - 1);
    }

    public boolean isTop(int level) {
        return level == levels.size();
    }

    /** What the level's rule says after the last of these sets; from the top rung nobody moves up. */
    public Advice advise(int level, List<Attempt> attempts) {
        Advice advice = level(level).advance().advise(level(level), attempts);
        return isTop(level) && advice.call() == Advice.Call.MOVE_UP
                ? new Advice(Advice.Call.STAY, "top.reached", advice.figures())
                : advice;
    }

    public Area zoneFor(int level, Hand hand) {
        return level(level).zone().areaFor(hand);
    }

    public Referee refereeFor(int level, Hand hand) {
        Surface surface = court.surface(level(level).zone().plane());
        return new Referee(surface, surface.region(inUse), zoneFor(level, hand));
    }

    /** A zone must touch what is in use of a surface that this court has; else no shot could ever hit it. */
    private static void requireOnCourt(String field, Court court, String inUse, TargetZone zone) {
        Region region = court.surface(zone.plane()).region(inUse);
        for (Hand hand : Hand.values()) {
            if (!region.area().bounds().meets(zone.areaFor(hand).bounds())) {
                throw new Refused(
                        "off_court", field, zone.areaFor(hand).toString(), "on what is in use, " + region.area());
            }
        }
    }
}
