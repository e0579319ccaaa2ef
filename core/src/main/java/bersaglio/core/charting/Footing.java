package bersaglio.core.charting;

import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import java.util.List;
import java.util.Map;

/** Where one player stands on every version of every drill: on a new version on the rung that was reached on the one before. */
public final class Footing {

    private static final int FIRST_LEVEL = 1;

    private final Map<Way, Reached> held;
    private final Drills drills;

    /** One wing, hand or side of a drill version; an empty one where all are one. */
    public record Way(String drill, String track) {}

    /** @param held what is known of versions on which the player has held something */
    public Footing(Map<Way, Reached> held, Drills drills) {
        this.held = Map.copyOf(held);
        this.drills = drills;
    }

    public Reached on(Drill drill, String track) {
        Reached known = held.get(new Way(drill.id(), track));
        return known != null ? known : Reached.fresh(drill, startOn(drill, track));
    }

    /** The rung on which the player comes to a version. */
    public int startOn(Drill drill, String track) {
        return drills.versionBefore(drill)
                .map(before -> Math.min(standsOn(before, track), drill.levels().size()))
                .orElse(FIRST_LEVEL);
    }

    /** What is kept apart can change from version to version: of another way, the lowest rung holds for all. */
    private int standsOn(Drill drill, String track) {
        List<String> tracks = drill.design().tracks();
        return (tracks.contains(track) ? List.of(track) : tracks)
                .stream().mapToInt(one -> on(drill, one).level()).min().orElse(FIRST_LEVEL);
    }

    /** The rung that is reached on every track of a drill. */
    public int standsOn(Drill drill) {
        return drill.design().tracks().stream()
                .mapToInt(track -> on(drill, track).level())
                .min()
                .orElse(FIRST_LEVEL);
    }
}
