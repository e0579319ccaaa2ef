package bersaglio.server.charting;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.EventBody;
import com.eclipsesource.json.JsonValue;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One kind of chart, as the server takes it: what its events may name, what they make, and what is written of that. Whatever
 * takes events, replays, rebuilds and answers knows charts by this alone.
 *
 * @param <C> what the events of one run make
 */
interface ChartKind<C> {

    /** What it is called where it is answered with. */
    String name();

    /** Whether a run that begins with this is of this kind. */
    boolean isOpenedBy(EventBody first);

    /**
     * Refuses an event that names what is not there, or for which the run has no room.
     *
     * @param run what it would be added to; without events for the first one
     */
    void check(ChartEvent event, Run<C> run);

    C replay(List<ChartEvent> events);

    JsonValue view(C chart);

    /** Writes what a run now makes, in place of what it made before. */
    void save(@Nullable C before, C now);

    /** Writes many into a generation that nobody reads yet. */
    void saveAll(int generation, List<C> charts);

    /** Once all of them are in it. */
    void complete(int generation);

    /** Runs of which two generations say otherwise. */
    List<UUID> differences(int one, int other);

    /** Those of which something is written. */
    List<Integer> generations();

    void drop(int generation);
}
