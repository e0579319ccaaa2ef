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
import org.springframework.stereotype.Component;

/** Groups: who is there, and who is where in each turn. */
@Component
class GroupKind extends KindByItself<ChartedGroup> {

    private static final int MOST_TURNS = 500;

    private final GroupStore store;
    private final KnownPlayers players;
    private final Drills drills;

    GroupKind(GroupStore store, Generations generations, KnownPlayers players, Drills drills) {
        super(store.tables(), generations);
        this.store = store;
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
    String runOf(ChartedGroup group) {
        return group.run();
    }

    @Override
    void insert(int generation, List<ChartedGroup> charts) {
        store.insert(generation, charts);
    }
}
