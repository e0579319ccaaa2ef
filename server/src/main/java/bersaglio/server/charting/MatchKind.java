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
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Matches, and games within practice. */
@Component
class MatchKind implements ChartKind<ChartedMatch> {

    private static final int MOST_EVENTS = 20_000;

    private final MatchStore store;
    private final Generations generations;
    private final KnownPlayers players;

    MatchKind(MatchStore store, Generations generations, KnownPlayers players) {
        this.store = store;
        this.generations = generations;
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
    public void save(@Nullable ChartedMatch before, ChartedMatch now) {
        if (before != null) {
            store.drop(generations.present(), now.origin().run());
        }
        store.insert(generations.present(), List.of(now));
    }

    @Override
    public void saveAll(int generation, List<ChartedMatch> matches) {
        store.insert(generation, matches);
    }

    /** Each match stands by itself. */
    @Override
    public void complete(int generation) {}

    @Override
    public List<UUID> differences(int one, int other) {
        return store.differences(one, other);
    }

    @Override
    public List<Integer> generations() {
        return store.generations();
    }

    @Override
    public void drop(int generation) {
        store.drop(generation);
    }
}
