package bersaglio.server.drills;

import bersaglio.core.drill.Drill;
import bersaglio.wire.view.DrillView;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Drills as they are shown. A version never changes, so what its levels ask for is worked out once. */
@Component
public class DrillViews {

    private final Map<String, DrillView> known = new ConcurrentHashMap<>();

    DrillViews() {}

    public DrillView of(Drill drill) {
        return known.computeIfAbsent(drill.id(), id -> DrillView.of(drill));
    }
}
