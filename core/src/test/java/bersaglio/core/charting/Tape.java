package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.Samples;
import bersaglio.core.charting.SetEvent.SetOpened;
import bersaglio.core.charting.SetEvent.ShotKeyed;
import bersaglio.core.charting.SetEvent.ShotLanded;
import bersaglio.core.charting.SharedEvent.SetClosed;
import bersaglio.core.court.Point;
import bersaglio.core.court.Standpoint;
import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Writes the events of one set for a test, as a device would. */
final class Tape {

    /** Milliseconds from one event to the next. */
    static final long GAP = 1000;

    static final Point IN_ZONE = new Point(2.1, 6.2);
    static final Point SHORT_OF_ZONE = new Point(2.1, 4.0);

    private final List<ChartEvent> events = new ArrayList<>();
    private final String run;
    private final Drill drill;
    private int pen = 1;

    private Tape(String run, Drill drill) {
        this.run = run;
        this.drill = drill;
    }

    static Tape of(String run, String player, Hand hand, int level) {
        return of(Samples.drill(), run, player, hand, level);
    }

    static Tape of(Drill drill, String run, String player, Hand hand, int level) {
        return new Tape(run, drill).add(new SetOpened(player, hand, drill.id(), level, Standpoint.BEHIND));
    }

    static Tape opening(SetOpened opened, String run) {
        return opening(Samples.drill(), opened, run);
    }

    static Tape opening(Drill drill, SetOpened opened, String run) {
        return new Tape(run, drill).add(opened);
    }

    /** The id of an entry, 0 for the opening. */
    String last() {
        return idOf(events.size() - 1);
    }

    String idOf(int place) {
        return events.get(place).id();
    }

    /** The place of an event, 0 for the opening. */
    int placeOf(String id) {
        return events.stream().map(ChartEvent::id).toList().indexOf(id);
    }

    Tape add(EventBody what) {
        int seq = events.size() + 1;
        long wall = 1_000_000L * Integer.parseInt(run.substring(1)) + seq * GAP;
        events.add(new ChartEvent(run + "-" + seq, "s1", run, pen, "d" + pen, seq, seq * GAP, wall, what));
        return this;
    }

    Tape writingWithPen(int number) {
        pen = number;
        return this;
    }

    Tape land(Point at) {
        return add(new ShotLanded(at, Caller.COACH));
    }

    Tape key(Outcome outcome) {
        return add(new ShotKeyed(Ruling.of(outcome), Caller.COACH));
    }

    /** Logs a row of hits, {@code 1}, and shots short of the zone, {@code 0}. */
    Tape row(String trials) {
        trials.chars().forEach(trial -> land(trial == '1' ? IN_ZONE : SHORT_OF_ZONE));
        return this;
    }

    Tape close() {
        return add(new SetClosed(new Said(Advice.Call.STAY, "once.missed", List.of(), Rules.NUMBER)));
    }

    int size() {
        return events.size();
    }

    String lastId() {
        return events.get(events.size() - 1).id();
    }

    List<ChartEvent> events() {
        return events;
    }

    /** Gone through as a whole, and one by one: that is the same. */
    ChartedSet replay() {
        Drills drills = id -> id.equals(drill.id()) ? Optional.of(drill) : Optional.empty();
        LiveSet live = new LiveSet(drills);
        List<ChartedSet> oneByOne = new ArrayList<>();
        for (int count = 1; count <= events.size(); count++) {
            oneByOne.add(live.after(events.subList(0, count)));
        }
        for (int count = 1; count <= events.size(); count++) {
            assertThat(oneByOne.get(count - 1)).isEqualTo(SetChart.replay(drills, events.subList(0, count)));
        }
        return oneByOne.get(events.size() - 1);
    }
}
