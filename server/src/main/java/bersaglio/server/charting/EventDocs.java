package bersaglio.server.charting;

import bersaglio.core.charting.EventBody;
import java.util.List;

/** The shapes of chart events, for the contract. */
public final class EventDocs {

    private EventDocs() {}

    /** Events in the order the device wrote them, at most 100. */
    public record EventBatch(List<EventView> events) {}

    /** One event. {@code at} counts milliseconds since the set's start, {@code wall} since 1970. */
    public record EventView(
            String id,
            String kind,
            int v,
            String session,
            String run,
            int pen,
            String device,
            int seq,
            long at,
            long wall,
            EventBody body) {}
}
