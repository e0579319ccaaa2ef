package bersaglio.core.charting;

import bersaglio.core.court.Standpoint;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Level;
import bersaglio.core.target.Conditions;
import java.util.Optional;

/**
 * What a set asks, and under which conditions.
 *
 * @param track      wing, hand and side that the drill keeps apart
 * @param conditions hands, side and what was laid, with the stance as it was last
 * @param place      the version of the place that it was charted in
 */
public record SetTask(
        Drill drill, int level, String track, Conditions conditions, Standpoint standpoint, Optional<String> place) {

    public Level asked() {
        return drill.level(level);
    }

    Rung rung() {
        return new Rung(drill.id(), level, track, conditions.laidKey());
    }
}
