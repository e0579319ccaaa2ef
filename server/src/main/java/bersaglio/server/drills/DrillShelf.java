package bersaglio.server.drills;

import bersaglio.server.storage.Preparation;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts the starter drill on the shelf of a club that has none. */
@Component
@Order(1)
class DrillShelf implements Preparation {

    private final DrillStore drills;

    DrillShelf(DrillStore drills) {
        this.drills = drills;
    }

    @Override
    @Transactional
    public void prepare() {
        if (drills.newest().isEmpty()) {
            drills.add(StarterDrills.straightClear());
        }
    }
}
