package bersaglio.server.charting;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * The runs written last, so that what is being charted is neither read nor replayed again with every shot but once. What is kept is
 * used only while the log still ends where it ended then.
 */
@Component
class RecentRuns {

    private static final int MOST = 200;

    private record Kept(long lastPosition, Run<?> run) {}

    private final Map<UUID, Kept> runs = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Kept> eldest) {
            return size() > MOST;
        }
    };

    synchronized Optional<Run<?>> find(UUID run, long lastPosition) {
        Kept kept = runs.get(run);
        return kept != null && kept.lastPosition() == lastPosition ? Optional.of(kept.run()) : Optional.empty();
    }

    synchronized void keep(UUID id, long lastPosition, Run<?> run) {
        runs.put(id, new Kept(lastPosition, run));
    }
}
