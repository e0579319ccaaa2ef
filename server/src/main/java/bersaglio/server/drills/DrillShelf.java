package bersaglio.server.drills;

import bersaglio.core.drill.Drill;
import bersaglio.core.target.TargetSet;
import bersaglio.server.storage.Preparation;
import bersaglio.server.storage.Shelf;
import java.util.OptionalInt;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Gives a club the ready drills that it does not have yet, with their targets; what it has is left as it is. */
@Component
@Order(1)
class DrillShelf implements Preparation {

    private final DrillStore drills;
    private final Shelf<TargetSet> targets;

    DrillShelf(DrillStore drills, Shelf<TargetSet> targets) {
        this.drills = drills;
        this.targets = targets;
    }

    @Override
    @Transactional
    public void prepare() {
        for (Drill drill : ReadyDrills.allBut(drills.families())) {
            drills.add(drill);
            TargetSet first = drill.level(1).target();
            if (targets.newest(first.id()).isEmpty()) {
                targets.keep(first, OptionalInt.empty());
            }
        }
    }
}
