package bersaglio.server.charting;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.ChartedMatch;
import bersaglio.core.charting.EventBody;
import bersaglio.core.charting.MatchChart;
import bersaglio.core.charting.MatchEvent.MatchOpened;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.wire.format.MatchViewFormat;
import bersaglio.wire.view.MatchView;
import com.eclipsesource.json.JsonValue;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Matches, and games within practice. */
@Component
class MatchKind extends KindByItself<ChartedMatch> {

    private static final int MOST_EVENTS = 20_000;

    private final MatchStore store;
    private final KnownPlayers players;

    MatchKind(MatchStore store, Generations generations, KnownPlayers players) {
        super(store.tables(), generations);
        this.store = store;
        this.players = players;
    }

    @Override
    public String name() {
        return "match";
    }

    @Override
    public boolean isOpenedBy(EventBody first) {
        return first instanceof MatchOpened;
    }

    @Override
    public void check(ChartEvent event, Run<ChartedMatch> run) {
        if (event.what() instanceof MatchOpened opened) {
            if (!run.isEmpty()) {
                throw new Refused("already_opened", "run", event.run(), "one match.opened a run");
            }
            Stream.concat(opened.lineup().one().stream(), opened.lineup().two().stream())
                    .forEach(players::require);
            return;
        }
        Check.requireBetween("events", run.events().size() + 1, 1, MOST_EVENTS);
        run.chart().check(event.what());
    }

    @Override
    public ChartedMatch replay(List<ChartEvent> events) {
        return MatchChart.replay(events);
    }

    @Override
    public JsonValue view(ChartedMatch match) {
        return MatchViewFormat.encode(MatchView.of(match));
    }

    @Override
    String runOf(ChartedMatch match) {
        return match.origin().run();
    }

    @Override
    void insert(int generation, List<ChartedMatch> charts) {
        store.insert(generation, charts);
    }
}
