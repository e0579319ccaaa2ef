package bersaglio.server.charting;

import bersaglio.core.charting.ClubDays;
import bersaglio.core.charting.Ledger;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Players' ledgers, one for each version of a drill; on a new version a player starts on the rung reached before. */
@Component
public class Ledgers {

    private final Results results;
    private final Standings standings;
    private final Drills drills;
    private final ClubDays days;

    Ledgers(Results results, Standings standings, Drills drills, ClubDays days) {
        this.results = results;
        this.standings = standings;
        this.drills = drills;
        this.days = days;
    }

    /** @param track wing, hand or side, where the drill keeps them apart */
    public Ledger of(UUID player, Drill drill, String track) {
        return new Ledger(drill, results.setsOf(player, drill.id()), startOn(player, drill, track), days).on(track);
    }

    public int startOn(UUID player, Drill drill, String track) {
        return standings.of(player).startOn(drill, track);
    }

    /** The rung that is reached on every track of the newest version of a drill; 0 where there is no such drill. */
    public int standsOn(UUID player, String family) {
        return drills.newest().stream()
                .filter(drill -> drill.family().equals(family))
                .findFirst()
                .map(standings.of(player)::standsOn)
                .orElse(0);
    }
}
