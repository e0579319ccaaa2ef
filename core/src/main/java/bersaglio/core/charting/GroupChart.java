package bersaglio.core.charting;

import bersaglio.core.charting.GroupEvent.GroupOpened;
import bersaglio.core.charting.SharedEvent.CountSet;
import bersaglio.core.group.Evening;
import bersaglio.core.group.Turn;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** The chart of a group while its events are replayed; {@link #replay} is the way in, {@link ChartedGroup} the result. */
public final class GroupChart implements RunState.Chart {

    private final RunState run;
    private Optional<GroupOpened> opened = Optional.empty();
    private String session = "";
    private String runId = "";
    private long openedAt;
    private Evening evening = Evening.of(List.of());
    private Turn on = new Turn(List.of());
    private long since;
    private List<Integer> points = List.of();
    private final List<List<Integer>> rounds = new ArrayList<>();
    private boolean ended;

    private GroupChart(RunState run) {
        this.run = run;
    }

    /**
     * Replays the events of one run in their order.
     *
     * @throws Refused when they do not begin with the group's opening
     */
    public static ChartedGroup replay(List<ChartEvent> events) {
        return RunState.chart(events, GroupChart::new).result();
    }

    /** What belongs to another kind of chart builds nothing here, nor does what comes after the end. */
    @Override
    public void take(ChartEvent event) {
        if (ended) {
            return;
        }
        if (event.what() instanceof GroupEvent own) {
            own.applyTo(this, event);
        } else if (event.what() instanceof CountSet said && said.part() < points.size()) {
            List<Integer> now = new ArrayList<>(points);
            now.set(said.part(), said.count());
            points = List.copyOf(now);
        }
    }

    void open(GroupOpened start, ChartEvent event) {
        if (opened.isPresent()) {
            return;
        }
        opened = Optional.of(start);
        session = event.session();
        runId = event.run();
        openedAt = event.wall();
        evening = Evening.of(start.players());
        points = Collections.nCopies(start.form().teams(), 0);
        begin(event);
    }

    private void begin(ChartEvent event) {
        on = start().form().next(evening);
        since = run.active(event.at());
    }

    void came(String player) {
        if (evening.has(player) || evening.players().size() >= start().form().most()) {
            return;
        }
        if (isOfUseNow(player)) {
            evening = evening.with(player);
            on = start().form().again(evening, on);
        } else {
            evening = evening.after(on).with(player).withoutLast();
        }
    }

    /** Whether there is a place on court for one more. */
    private boolean isOfUseNow(String player) {
        Turn with = start().form().again(evening.with(player), on);
        return with.onCourt() > on.onCourt();
    }

    void left(String player) {
        if (!evening.has(player)) {
            return;
        }
        boolean waited = on.of(player).map(spot -> !spot.isOnCourt()).orElse(true);
        evening = evening.without(player);
        on = on.without(player);
        if (!waited) {
            on = start().form().again(evening, on);
        }
    }

    /** After the last turn there is none. */
    void change(ChartEvent event) {
        if (ChartedGroup.isLastTurn(start().form(), evening)) {
            return;
        }
        evening = evening.after(on);
        rounds.add(points);
        points = Collections.nCopies(start().form().teams(), 0);
        begin(event);
    }

    void score(int team) {
        if (team < points.size()) {
            List<Integer> now = new ArrayList<>(points);
            now.set(team, now.get(team) + 1);
            points = List.copyOf(now);
        }
    }

    void end() {
        ended = true;
    }

    private GroupOpened start() {
        return opened.orElseThrow(GroupChart::notOpened);
    }

    private ChartedGroup result() {
        return new ChartedGroup(
                session, runId, openedAt, start(), evening, on, since, points, rounds, ended, run.outline());
    }

    private static Refused notOpened() {
        return new Refused("not_opened", "run", "no group.opened", "a run that begins with group.opened");
    }
}
