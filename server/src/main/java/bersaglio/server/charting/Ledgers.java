package bersaglio.server.charting;

import bersaglio.core.charting.ClubDays;
import bersaglio.core.charting.Habits;
import bersaglio.core.charting.Ledger;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Players' ledgers, one for each version of a drill; on a new version a player starts on the rung reached before. */
@Component
public class Ledgers {

    private static final int FIRST_LEVEL = 1;
    private static final String ALL = "*";

    private final ResultStore results;
    private final Drills drills;
    private final ClubDays days;

    Ledgers(ResultStore results, Drills drills, ClubDays days) {
        this.results = results;
        this.drills = drills;
        this.days = days;
    }

    /** @param track wing, hand or side, where the drill keeps them apart */
    public Ledger of(UUID player, Drill drill, String track) {
        return new Ledger(drill, results.setsOf(player, drill.id()), startOn(player, drill, track), days).on(track);
    }

    /** How a player goes about a drill, by the own log. */
    public Habits habits(UUID player, Drill drill, String track) {
        return Habits.of(of(player, drill, track).sets(), days);
    }

    public int startOn(UUID player, Drill drill, String track) {
        return drills.versionBefore(drill)
                .map(before ->
                        Math.min(standsOn(player, before, track), drill.levels().size()))
                .orElse(FIRST_LEVEL);
    }

    /** What is kept apart can change from version to version: of another way, the lowest rung holds for all. */
    private int standsOn(UUID player, Drill drill, String track) {
        List<String> tracks = drill.design().tracks();
        return (tracks.contains(track) ? List.of(track) : tracks)
                .stream().mapToInt(one -> of(player, drill, one).level()).min().orElse(FIRST_LEVEL);
    }

    /** The rung that is reached on every track of the newest version of a drill; 0 where there is no such drill. */
    public int standsOn(UUID player, String family) {
        return drills.newest().stream()
                .filter(drill -> drill.family().equals(family))
                .findFirst()
                .map(drill -> standsOn(player, drill, ALL))
                .orElse(0);
    }
}
