package bersaglio.server.charting;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.ChartedGroup;
import bersaglio.core.charting.EventBody;
import bersaglio.core.charting.GroupChart;
import bersaglio.core.charting.GroupEvent.GroupOpened;
import bersaglio.core.charting.GroupEvent.MemberCame;
import bersaglio.core.charting.GroupEvent.TurnChanged;
import bersaglio.core.drill.Drills;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.wire.format.GroupViewFormat;
import bersaglio.wire.view.GroupView;
import com.eclipsesource.json.JsonValue;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Groups: who is there, and who is where in each turn. */
@Component
class GroupKind implements ChartKind<ChartedGroup> {

    private static final int MOST_TURNS = 500;

    private final GroupStore store;
    private final Generations generations;
    private final KnownPlayers players;
    private final Drills drills;

    GroupKind(GroupStore store, Generations generations, KnownPlayers players, Drills drills) {
        this.store = store;
        this.generations = generations;
        this.players = players;
        this.drills = drills;
    }

    @Override
    public String name() {
        return "group";
    }

    @Override
    public boolean isOpenedBy(EventBody first) {
        return first instanceof GroupOpened;
    }

    @Override
    public void check(ChartEvent event, Run<ChartedGroup> run) {
        if (event.what() instanceof GroupOpened opened) {
            if (!run.isEmpty()) {
                throw new Refused("already_opened", "run", event.run(), "one group.opened a run");
            }
            opened.players().forEach(players::require);
            if (!opened.drill().isEmpty()) {
                drills.known(opened.drill());
            }
        } else if (event.what() instanceof MemberCame came) {
            players.require(came.player());
        } else if (event.what() instanceof TurnChanged) {
            Check.requireBetween("turns", run.chart().played().size() + 1, 1, MOST_TURNS);
        }
    }

    @Override
    public ChartedGroup replay(List<ChartEvent> events) {
        return GroupChart.replay(events);
    }

    @Override
    public JsonValue view(ChartedGroup group) {
        return GroupViewFormat.encode(GroupView.of(group));
    }

    @Override
    public void save(@Nullable ChartedGroup before, ChartedGroup now) {
        if (before != null) {
            store.drop(generations.present(), now.run());
        }
        store.insert(generations.present(), List.of(now));
    }

    @Override
    public void saveAll(int generation, List<ChartedGroup> groups) {
        store.insert(generation, groups);
    }

    /** Each group stands by itself. */
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
