package bersaglio.server.charting;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.ChartedMatch;
import bersaglio.core.charting.MatchChart;
import bersaglio.core.match.Team;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Matches as their events make them. */
@Component
public class Matches {

    private final MatchStore store;
    private final Generations generations;
    private final Charting charting;

    Matches(MatchStore store, Generations generations, Charting charting) {
        this.store = store;
        this.generations = generations;
        this.charting = charting;
    }

    /** A match with the team that a player was in. */
    public record OfPlayer(ChartedMatch match, Team team) {}

    /** A player's latest matches, the latest first. */
    public List<OfPlayer> latestOf(UUID player, int most) {
        List<MatchStore.Line> lines = store.of(generations.present(), player, most);
        Map<UUID, List<ChartEvent>> events =
                charting.eventsOf(lines.stream().map(MatchStore.Line::run).toList());
        return lines.stream()
                .map(line -> new OfPlayer(
                        MatchChart.replay(events.get(line.run())), line.one().contains(player) ? Team.ONE : Team.TWO))
                .toList();
    }
}
