package bersaglio.server.charting;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.SharedEvent;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The events of a run, and what its kind of chart makes of them: worked out when it is first asked for. */
final class Run<C> {

    private final ChartKind<C> kind;
    private final List<ChartEvent> events;
    private final int pen;
    private @Nullable C chart;

    Run(ChartKind<C> kind, List<ChartEvent> events) {
        this(kind, events, penAfter(1, events));
    }

    private Run(ChartKind<C> kind, List<ChartEvent> events, int pen) {
        this.kind = kind;
        this.events = events;
        this.pen = pen;
    }

    private static int penAfter(int pen, List<ChartEvent> events) {
        int newest = pen;
        for (ChartEvent event : events) {
            if (event.what() instanceof SharedEvent.PenTaken taken) {
                newest = Math.max(newest, taken.pen());
            }
        }
        return newest;
    }

    /** The one that writes; what older ones still send is kept apart. */
    int pen() {
        return pen;
    }

    List<ChartEvent> events() {
        return events;
    }

    boolean isEmpty() {
        return events.isEmpty();
    }

    Run<C> and(ChartEvent event) {
        List<ChartEvent> more = new ArrayList<>(events.size() + 1);
        more.addAll(events);
        more.add(event);
        return new Run<>(kind, more, penAfter(pen, List.of(event)));
    }

    void check(ChartEvent event) {
        kind.check(event, this);
    }

    C chart() {
        C known = chart;
        if (known == null) {
            known = kind.replay(events);
            chart = known;
        }
        return known;
    }

    /** @param before the same run before its last events */
    void saveAfter(Run<C> before) {
        kind.save(before.isEmpty() ? null : before.chart(), chart());
    }

    /** Its kind, and what it makes under the name of that kind. */
    JsonObject view() {
        return new JsonObject().add("kind", Json.value(kind.name())).add(kind.name(), kind.view(chart()));
    }
}
