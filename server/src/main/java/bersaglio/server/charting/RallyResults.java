package bersaglio.server.charting;

import bersaglio.core.charting.HeldRally;
import bersaglio.core.pattern.PassReport;
import bersaglio.core.pattern.StepCount;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** What passes of patterns and rallies came to. */
public interface RallyResults {

    /** Passes of a pattern that count, in their order, and what its steps came to, set by set. */
    record Passed(List<PassReport.Went> passes, List<StepCount> steps) {}

    /** What a player's passes came to, level by level, in sets laid as drawn. */
    Map<Integer, Passed> passesOf(UUID player, String drill, String track);

    /** A player's rallies, level by level, of the sets that count, in their order. */
    Map<Integer, List<HeldRally>> ralliesOf(UUID player, String drill, String track);
}
