package bersaglio.server.drills;

import bersaglio.core.drill.Drill;
import bersaglio.core.target.TargetSet;
import bersaglio.server.storage.Preparation;
import bersaglio.server.storage.Shelf;
import bersaglio.server.storage.Writer;
import java.util.List;
import java.util.OptionalInt;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Gives a club the ready drills that it does not have yet, with their targets; what it has is left as it is. */
@Component
@Order(1)
class DrillShelf implements Preparation {

    private final DrillStore drills;
    private final Shelf<TargetSet> targets;
    private final Writer writer;

    DrillShelf(DrillStore drills, Shelf<TargetSet> targets, Writer writer) {
        this.drills = drills;
        this.targets = targets;
        this.writer = writer;
    }

    @Override
    public void prepare() {
        List<Drill> lacking = ReadyDrills.allBut(drills.families());
        if (!lacking.isEmpty()) {
            writer.run(() -> add(lacking));
        }
    }

    private void add(List<Drill> lacking) {
        for (Drill drill : lacking) {
            drills.add(drill);
            TargetSet first = drill.level(1).target();
            if (targets.newest(first.id()).isEmpty()) {
                targets.keep(first, OptionalInt.empty());
            }
        }
    }
}
