package bersaglio.server.charting;

import bersaglio.core.charting.ChartEvent;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * The events of the runs written last, so that a set being charted is not read again with every shot. What is kept is
 * used only while the log still ends where it ended then.
 */
@Component
class RecentRuns {

    private static final int MOST = 200;

    private record Kept(long lastPosition, List<ChartEvent> events) {}

    private final Map<UUID, Kept> runs = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Kept> eldest) {
            return size() > MOST;
        }
    };

    synchronized Optional<List<ChartEvent>> find(UUID run, long lastPosition) {
        Kept kept = runs.get(run);
        return kept != null && kept.lastPosition() == lastPosition ? Optional.of(kept.events()) : Optional.empty();
    }

    synchronized void keep(UUID run, long lastPosition, List<ChartEvent> events) {
        runs.put(run, new Kept(lastPosition, List.copyOf(events)));
    }
}
