package bersaglio.core.charting;

import bersaglio.core.drill.Drills;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A set while it is charted. What only adds to it is judged and counted from where the set stands, however long that is; after
 * anything else all of it is gone through anew.
 */
public final class LiveSet {

    private final Drills drills;
    private @Nullable SetChart chart;
    private int taken;

    public LiveSet(Drills drills) {
        this.drills = drills;
    }

    /**
     * @param events all so far: those of the last time, and what came since
     * @return what {@link SetChart#replay} says of them
     */
    public ChartedSet after(List<ChartEvent> events) {
        SetChart going = chart;
        // What is refused half way is not gone on with.
        chart = null;
        boolean goesOn = going != null && events.size() == taken + 1 && going.goOn(events.get(taken));
        SetChart whole = goesOn ? going : SetChart.of(drills, events);
        ChartedSet set = whole.result();
        chart = whole;
        taken = events.size();
        return set;
    }
}
