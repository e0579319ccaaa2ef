package bersaglio.core.charting;

import bersaglio.core.charting.MatchEvent.MatchAgreed;
import bersaglio.core.charting.MatchEvent.MatchOpened;
import bersaglio.core.charting.MatchEvent.MatchShotSettled;
import bersaglio.core.match.Agreed;
import bersaglio.core.match.RallyEnd;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The chart of a match while its events are replayed; {@link #replay} is the way in, {@link ChartedMatch} the result. */
public final class MatchChart implements RunState.Chart {

    /** What happened, in order, as it stands after all corrections; {@link MatchReplay} goes through it. */
    private final List<Happened> happened = new ArrayList<>();

    private final Map<String, RallyEnd> corrected = new HashMap<>();
    private final Map<String, List<MatchShotSettled>> settled = new HashMap<>();
    private final RunState run;
    private Optional<MatchOpened> opened = Optional.empty();
    private String session = "";
    private String runId = "";
    private long openedAt;
    private Optional<Boolean> coaching = Optional.empty();
    private Optional<Agreed> fromStart = Optional.empty();
    private boolean over;

    /**
     * One thing that happened.
     *
     * @param id   of the event that says so
     * @param late whether it came after the end that somebody said
     */
    record Happened(MatchEvent.Turn what, String id, long at, boolean late) {}

    private MatchChart(RunState run) {
        this.run = run;
    }

    /**
     * Replays the events of one run in their order.
     *
     * @throws Refused when they do not begin with the match's opening
     */
    public static ChartedMatch replay(List<ChartEvent> events) {
        return RunState.chart(events, MatchChart::new).result();
    }

    /** What belongs to another kind of chart builds nothing here. */
    @Override
    public void take(ChartEvent event) {
        if (event.what() instanceof MatchEvent own) {
            own.applyTo(this, event);
        }
    }

    void open(MatchOpened start, ChartEvent event) {
        if (opened.isEmpty()) {
            opened = Optional.of(start);
            session = event.session();
            runId = event.run();
            openedAt = event.wall();
        }
    }

    void add(MatchEvent.Turn what, ChartEvent event) {
        happened.add(new Happened(what, event.id(), run.active(event.at()), over));
    }

    void settle(MatchShotSettled said) {
        settled.computeIfAbsent(said.shot(), first -> new ArrayList<>()).add(said);
    }

    void correct(String rally, RallyEnd end) {
        corrected.put(rally, end);
    }

    /** What holds from the start holds instead of all that was agreed before it. */
    void agree(MatchAgreed change, ChartEvent event) {
        if (change.from() == MatchAgreed.From.START) {
            fromStart = Optional.of(change.agreed());
            happened.removeIf(earlier -> earlier.what() instanceof MatchAgreed);
        }
        add(change, event);
    }

    void coaching(boolean allowed) {
        coaching = Optional.of(allowed);
    }

    void over() {
        over = true;
    }

    private ChartedMatch result() {
        MatchOpened start = opened.orElseThrow(
                () -> new Refused("not_opened", "run", "no match.opened", "a run that begins with match.opened"));
        MatchReplay replay = new MatchReplay(start, fromStart.orElse(start.agreed()), corrected, settled, run);
        happened.forEach(replay::take);
        return replay.result(session, runId, openedAt, coaching, over);
    }
}
