package bersaglio.server.drills;

import bersaglio.core.drill.Drill;
import bersaglio.server.storage.Preparation;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Gives a club the ready drills that it does not have yet; what it has is left as it is. */
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
        Set<String> there = drills.newest().stream().map(Drill::family).collect(Collectors.toSet());
        ReadyDrills.all().stream()
                .filter(drill -> !there.contains(drill.family()))
                .forEach(drills::add);
    }
}
