package bersaglio.server.charting;

import bersaglio.core.charting.Ledger;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Players' ledgers, one for each version of a drill; on a new version a player starts on the rung reached before. */
@Component
public class Ledgers {

    private static final int FIRST_LEVEL = 1;

    private final ResultStore results;
    private final Drills drills;

    Ledgers(ResultStore results, Drills drills) {
        this.results = results;
        this.drills = drills;
    }

    public Ledger of(UUID player, Drill drill) {
        return new Ledger(drill, results.setsOf(player, drill.id()), startOn(player, drill));
    }

    public int startOn(UUID player, Drill drill) {
        return drills.versionBefore(drill)
                .map(before ->
                        Math.min(of(player, before).level(), drill.levels().size()))
                .orElse(FIRST_LEVEL);
    }
}
