package bersaglio.server.charting;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.ChartedSet;
import bersaglio.core.charting.EventBody;
import bersaglio.core.charting.SetChart;
import bersaglio.core.charting.SetEvent;
import bersaglio.core.charting.SharedEvent;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.problem.Refused;
import bersaglio.wire.format.SetViewFormat;
import bersaglio.wire.view.SetView;
import com.eclipsesource.json.JsonValue;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Sets of a player on a drill. */
@Component
class SetKind implements ChartKind<ChartedSet> {

    private final ResultStore results;
    private final ResultWriter writer;
    private final Standings standings;
    private final KnownPlayers players;
    private final Progressions progressions;
    private final Drills drills;

    SetKind(
            ResultStore results,
            ResultWriter writer,
            Standings standings,
            KnownPlayers players,
            Progressions progressions,
            Drills drills) {
        this.results = results;
        this.writer = writer;
        this.standings = standings;
        this.players = players;
        this.progressions = progressions;
        this.drills = drills;
    }

    @Override
    public String name() {
        return "set";
    }

    @Override
    public boolean isOpenedBy(EventBody first) {
        return first instanceof SetEvent.SetOpened;
    }

    @Override
    public void check(ChartEvent event, Run<ChartedSet> run) {
        if (event.what() instanceof SetEvent.SetOpened opened) {
            if (!run.isEmpty()) {
                throw new Refused("already_opened", "run", event.run(), "one set.opened a run");
            }
            players.require(opened.player());
            Drill drill = drills.known(opened.drill());
            drill.level(opened.level()).target().requireLaid(opened.conditions());
            requireTrack(drill, opened.track());
        } else if (event.what() instanceof SetEvent.SetMoved moved) {
            players.require(moved.player());
            drillOf(run).level(moved.level());
        } else if (event.what() instanceof SharedEvent.LevelMoved moved) {
            drillOf(run).level(moved.move().from());
            drillOf(run).level(moved.move().to());
        } else if (event.what() instanceof SetEvent.HitsCounted counted) {
            run.chart().requireRoomFor(counted);
        }
    }

    private static void requireTrack(Drill drill, String track) {
        List<String> tracks = drill.design().tracks();
        if (!track.isEmpty() && !tracks.contains(track)) {
            throw new Refused("not_allowed", "track", track, String.join(", ", tracks));
        }
    }

    /** Known without a replay, which few events need. */
    private Drill drillOf(Run<ChartedSet> run) {
        EventBody first = run.events().get(0).what();
        return drills.known(((SetEvent.SetOpened) first).drill());
    }

    @Override
    public ChartedSet replay(List<ChartEvent> events) {
        return SetChart.replay(drills, events);
    }

    @Override
    public JsonValue view(ChartedSet set) {
        return SetViewFormat.encode(SetView.of(set));
    }

    @Override
    public void save(@Nullable ChartedSet before, ChartedSet now) {
        writer.save(before, now);
        standings.follow(before, now);
        if (before == null || !before.origin().player().equals(now.origin().player())) {
            progressions.worksOn(
                    Ids.parse("player", now.origin().player()),
                    now.task().drill().family());
        }
    }

    @Override
    public void saveAll(int generation, List<ChartedSet> sets) {
        writer.saveAll(generation, sets);
    }

    @Override
    public void complete(int generation) {
        standings.makeAll(generation);
    }

    @Override
    public List<UUID> differences(int one, int other) {
        return results.differences(one, other);
    }

    @Override
    public List<Integer> generations() {
        return results.generations();
    }

    @Override
    public void drop(int generation) {
        writer.drop(generation);
    }
}
