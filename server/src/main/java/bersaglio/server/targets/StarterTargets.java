package bersaglio.server.targets;

import bersaglio.core.drill.Drills;
import bersaglio.core.target.TargetSet;
import bersaglio.server.storage.Preparation;
import bersaglio.server.storage.Shelf;
import java.util.OptionalInt;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts the targets of the club's drills on a shelf that never held any. */
@Component
@Order(3)
class StarterTargets implements Preparation {

    private final Shelf<TargetSet> targets;
    private final Drills drills;

    StarterTargets(Shelf<TargetSet> targets, Drills drills) {
        this.targets = targets;
        this.drills = drills;
    }

    @Override
    public void prepare() {
        drills.newest().forEach(drill -> {
            TargetSet first = drill.level(1).target();
            if (targets.newest(first.id()).isEmpty()) {
                targets.keep(first, OptionalInt.empty());
            }
        });
    }
}
