package bersaglio.server.charting;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.EventBody;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** All kinds of charts; which one a run is of is told by its first event. */
@Component
class ChartKinds {

    private static final Logger LOG = LoggerFactory.getLogger(ChartKinds.class);

    private final List<ChartKind<?>> kinds;

    ChartKinds(List<ChartKind<?>> kinds) {
        this.kinds = kinds;
    }

    /** A run that nothing is in yet; nothing where no run begins with this. */
    Optional<Run<?>> openedBy(EventBody first) {
        for (ChartKind<?> kind : kinds) {
            if (kind.isOpenedBy(first)) {
                return Optional.of(new Run<>(kind, List.of()));
            }
        }
        return Optional.empty();
    }

    Run<?> of(List<ChartEvent> events) {
        for (ChartKind<?> kind : kinds) {
            if (kind.isOpenedBy(events.get(0).what())) {
                return new Run<>(kind, events);
            }
        }
        throw new Refused("not_opened", "run", events.get(0).run(), "a run that begins with an opening");
    }

    void saveAll(int generation, List<List<ChartEvent>> runs) {
        kinds.forEach(kind -> saveAll(kind, generation, runs));
    }

    private static <C> void saveAll(ChartKind<C> kind, int generation, List<List<ChartEvent>> runs) {
        List<C> charts = new ArrayList<>();
        for (List<ChartEvent> run : runs) {
            if (kind.isOpenedBy(run.get(0).what())) {
                replay(kind, run).ifPresent(charts::add);
            }
        }
        kind.saveAll(generation, charts);
    }

    /** A run that these rules do not take is named, and keeps nothing else from being made; its events stay. */
    private static <C> Optional<C> replay(ChartKind<C> kind, List<ChartEvent> run) {
        try {
            return Optional.of(kind.replay(run));
        } catch (RuntimeException refused) {
            LOG.warn("  {} {} has no result: {}", kind.name(), run.get(0).run(), refused.getMessage());
            return Optional.empty();
        }
    }

    void complete(int generation) {
        kinds.forEach(kind -> kind.complete(generation));
    }

    List<UUID> differences(int one, int other) {
        return kinds.stream()
                .flatMap(kind -> kind.differences(one, other).stream())
                .toList();
    }

    List<Integer> generations() {
        return kinds.stream()
                .flatMap(kind -> kind.generations().stream())
                .distinct()
                .toList();
    }

    void drop(int generation) {
        kinds.forEach(kind -> kind.drop(generation));
    }
}
