package bersaglio.core.charting;

import bersaglio.core.charting.SetEvent.CountSet;
import bersaglio.core.charting.SetEvent.HitsCounted;
import bersaglio.core.charting.SetEvent.SetMoved;
import bersaglio.core.charting.SetEvent.SetOpened;
import bersaglio.core.charting.SetEvent.ShotKeyed;
import bersaglio.core.charting.SetEvent.ShotLanded;
import bersaglio.core.charting.SetEvent.ShotNoted;
import bersaglio.core.charting.SetEvent.ValueTaken;
import bersaglio.core.court.Point;
import bersaglio.core.court.Side;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.goal.Rally;
import bersaglio.core.goal.Start;
import bersaglio.core.goal.Step;
import bersaglio.core.problem.Refused;
import bersaglio.core.rally.Ending;
import bersaglio.core.rally.Role;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Grain;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import bersaglio.core.shot.Shot;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.Referee;
import bersaglio.core.target.Stance;
import bersaglio.core.target.Umpire;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.LongFunction;

/** The chart of one set while its events are replayed; {@link #replay} is the way in, {@link ChartedSet} the result. */
public final class SetChart implements RunState.Chart {

    private final Drills drills;
    private final RunState run;
    private final Map<String, Entry> shots = new LinkedHashMap<>();
    private final List<Entry> entries = new ArrayList<>();
    private final RallyCount rallies = new RallyCount();
    private OptionalInt called = OptionalInt.empty();
    private Optional<SetOpened> opened = Optional.empty();
    private Optional<Drill> drill = Optional.empty();
    private String session = "";
    private String runId = "";
    private String player = "";
    private Conditions conditions = Conditions.AS_DRAWN;
    private final List<Optional<Stance>> stances = new ArrayList<>(List.of(Optional.empty()));
    private final List<CountSaid> countsSaid = new ArrayList<>();
    private boolean turned;
    private boolean moved;
    private int level;
    private long openedAt;
    private long heldAt;

    private SetChart(Drills drills, RunState run) {
        this.drills = drills;
        this.run = run;
    }

    /**
     * Replays the events of one run in their order.
     *
     * @throws Refused when they do not begin with the set's opening, or name a drill or a level that does not exist
     */
    public static ChartedSet replay(Drills drills, List<ChartEvent> events) {
        return RunState.chart(events, run -> new SetChart(drills, run)).result();
    }

    /** What belongs to another kind of chart builds nothing here. */
    @Override
    public void take(ChartEvent event) {
        if (event.what() instanceof SetEvent own) {
            own.applyTo(this, event);
        }
    }

    void open(SetOpened start, ChartEvent event) {
        if (opened.isPresent()) {
            return;
        }
        Drill named = drills.known(start.drill());
        named.level(start.level());
        opened = Optional.of(start);
        drill = Optional.of(named);
        session = event.session();
        runId = event.run();
        player = start.player();
        conditions = start.conditions();
        level = start.level();
        openedAt = event.wall();
        heldAt = start.occasion().heldAt().orElse(event.wall());
    }

    void land(ShotLanded shot, ChartEvent event) {
        enter(new Entry(
                event,
                run.active(event.at()),
                run.closed(),
                stances.size() - 1,
                shot.places(),
                Optional.empty(),
                shot.by(),
                shot.side()));
    }

    void key(ShotKeyed shot, ChartEvent event) {
        enter(new Entry(
                event,
                run.active(event.at()),
                run.closed(),
                stances.size() - 1,
                List.of(),
                Optional.of(shot.ruling()),
                shot.by(),
                shot.side()));
    }

    void countHits(HitsCounted counted, ChartEvent event) {
        Ruling hit = new Ruling(Outcome.HIT, Side.NONE, 0);
        Ruling miss = new Ruling(Outcome.NOT_HIT, Side.NONE, 0);
        for (int ball = 0; ball < counted.balls(); ball++) {
            Entry entry = new Entry(
                    event,
                    run.active(event.at()),
                    run.closed(),
                    stances.size() - 1,
                    List.of(),
                    Optional.of(counted.isHit(ball) ? hit : miss),
                    counted.by(),
                    counted.side());
            entry.inNoOrder = true;
            entries.add(entry);
        }
    }

    private void enter(Entry entry) {
        entries.add(entry);
        shots.put(entry.id, entry);
    }

    /** What is no shot, but belongs to the count. */
    void count(ChartEvent event, LongFunction<Step> step) {
        entries.add(new Entry(event, Optional.of(step.apply(run.active(event.at()))), run.closed()));
    }

    void take(ValueTaken taken, ChartEvent event) {
        count(event, at -> new Step.Value(taken.value(), taken.side(), at));
        if (!run.closed() && isOfRallies()) {
            rallies.typed(taken.value(), run.active(event.at()));
        }
    }

    private boolean isOfRallies() {
        return drill.orElseThrow(SetChart::notOpened).level(level).goal() instanceof Rally;
    }

    void contact(Role by) {
        if (!run.closed()) {
            rallies.contact(by);
        }
    }

    void endRally(Ending ending, ChartEvent event) {
        if (!run.closed()) {
            count(event, at -> new Step.Value(rallies.end(ending, at), 0, at));
        }
    }

    void startScoring(ChartEvent event) {
        entries.add(new Entry(event, Optional.empty(), run.closed()));
    }

    void countSaid(CountSet said) {
        countsSaid.add(new CountSaid(said.part(), said.count(), said.claims()));
    }

    void note(ShotNoted noted) {
        Entry entry = shots.get(noted.shot());
        if (entry != null) {
            entry.notes.removeIf(
                    note -> note == noted.note() || noted.on() && noted.note().excludes(note));
            if (noted.on()) {
                entry.notes.add(noted.note());
            }
        }
    }

    void give(String shot, String to) {
        Entry entry = shots.get(shot);
        if (entry != null) {
            entry.givenTo = Optional.of(to);
        }
    }

    void callNumber(int number) {
        called = OptionalInt.of(number);
    }

    void standAt(Stance stance) {
        conditions = conditions.with(stance);
        stances.add(conditions.stance());
    }

    void turn() {
        turned = !turned;
        run.withdrawMove();
    }

    void call(String shot, Ruling ruling) {
        Entry entry = shots.get(shot);
        if (entry != null) {
            entry.call = Optional.of(ruling);
        }
    }

    void moveTo(SetMoved moved) {
        requireLevel(moved.level());
        player = moved.player();
        conditions = conditions.with(moved.hand());
        level = moved.level();
        heldAt = moved.heldAt();
        this.moved = true;
        run.withdrawMove();
    }

    private void requireLevel(int number) {
        drill.orElseThrow(SetChart::notOpened).level(number);
    }

    private ChartedSet result() {
        Drill named = drill.orElseThrow(SetChart::notOpened);
        SetOpened start = opened.orElseThrow(SetChart::notOpened);
        double charterSd = start.charterSd().orElse(Referee.unknownCharterSd(named.court()));
        List<Umpire> umpires = new ArrayList<>();
        stances.forEach(stance -> umpires.add(umpireFor(named, stance)));
        Counting counting = new Counting(named, level, new Start(start.toBeat(), called));
        double valuesTaken = 0;
        List<Shot> seen = new ArrayList<>(entries.size());
        for (Entry entry : entries) {
            if (entry.isShot()) {
                Umpire umpire = umpires.get(entry.stance);
                List<Point> places = turned ? umpire.turned(entry.places) : entry.places;
                Ruling ruling = entry.rule(umpire, places);
                int points = places.isEmpty() ? 0 : umpire.points(places);
                boolean counted = !entry.late
                        && (!entry.inNoOrder || counting.takesHitsAlone())
                        && counting.shot(ruling, entry.side, points, entry.activeAt);
                seen.add(entry.asShot(umpire, places, charterSd, ruling, counted, points));
            } else if (!entry.late) {
                valuesTaken += entry.step
                        .filter(Step.Value.class::isInstance)
                        .map(step -> ((Step.Value) step).value())
                        .orElse(0.0);
                counting.take(entry.step);
            }
        }
        run.move().ifPresent(move -> {
            named.level(move.from());
            named.level(move.to());
        });
        return new ChartedSet(
                named,
                session,
                runId,
                player,
                conditions,
                level,
                start.standpoint(),
                start.place(),
                turned,
                openedAt,
                heldAt,
                start.track(),
                start.occasion(),
                moved,
                run.paused(),
                countsSaid,
                valuesTaken,
                rallies.rallies(),
                seen,
                rhythm(),
                counting.count(heldAt, called),
                run.closed(),
                run.struck(),
                run.said(),
                run.move(),
                run.pen(),
                run.claims(),
                run.nextUndo(),
                run.nextRedo());
    }

    /** Of the balls that stand, one by one. */
    private Rhythm rhythm() {
        Rhythm rhythm = Rhythm.NONE;
        Optional<Entry> before = Optional.empty();
        for (Entry entry : entries) {
            if (entry.isShot() && !entry.inNoOrder && !entry.late) {
                rhythm = before.isPresent() ? rhythm.plus(entry.activeAt - before.get().activeAt) : rhythm;
                before = Optional.of(entry);
            }
        }
        return rhythm;
    }

    private Umpire umpireFor(Drill named, Optional<Stance> stance) {
        return named.level(level).umpire(conditions.withStance(stance));
    }

    private static Refused notOpened() {
        return new Refused("not_opened", "run", "no set.opened", "a run that begins with set.opened");
    }

    private static final class Entry {
        private static final Ruling VOID = new Ruling(Outcome.VOID, Side.NONE, 0);

        private final String id;
        private final long at;
        private final long activeAt;
        private final boolean late;
        private final int stance;
        private final List<Point> places;
        private final Optional<Ruling> keyed;
        private final Optional<Caller> by;
        private final int side;
        private final Optional<Step> step;
        private final List<Note> notes = new ArrayList<>();
        private Optional<Ruling> call = Optional.empty();
        private Optional<String> givenTo = Optional.empty();
        private boolean inNoOrder;

        Entry(
                ChartEvent event,
                long activeAt,
                boolean late,
                int stance,
                List<Point> places,
                Optional<Ruling> keyed,
                Caller by,
                int side) {
            this.id = event.id();
            this.at = event.at();
            this.activeAt = activeAt;
            this.late = late;
            this.stance = stance;
            this.places = places;
            this.keyed = keyed;
            this.by = Optional.of(by);
            this.side = side;
            this.step = Optional.empty();
        }

        /** @param step nothing where range finding ends */
        Entry(ChartEvent event, Optional<Step> step, boolean late) {
            this.id = event.id();
            this.at = event.at();
            this.activeAt = event.at();
            this.late = late;
            this.stance = 0;
            this.places = List.of();
            this.keyed = Optional.empty();
            this.by = Optional.empty();
            this.side = 0;
            this.step = step;
        }

        boolean isShot() {
            return by.isPresent();
        }

        Ruling rule(Umpire umpire, List<Point> seen) {
            if (givenTo.isPresent()) {
                return VOID;
            }
            if (call.isPresent()) {
                return call.get();
            }
            return keyed.orElseGet(() -> umpire.rule(seen));
        }

        Shot asShot(Umpire umpire, List<Point> seen, double charterSd, Ruling ruling, boolean counted, int points) {
            boolean placed = !seen.isEmpty();
            Optional<Ruling> other = placed && ruling.outcome() != Outcome.VOID
                    ? umpire.otherSideOfCloseEdge(seen, charterSd)
                    : Optional.empty();
            return new Shot(
                    id,
                    seen,
                    ruling,
                    other,
                    call.isPresent(),
                    counted,
                    by.orElseThrow(),
                    at,
                    points,
                    placed ? umpire.fromAim(seen) : OptionalDouble.empty(),
                    side,
                    grain(ruling),
                    notes,
                    givenTo);
        }

        private Grain grain(Ruling ruling) {
            if (inNoOrder) {
                return Grain.COUNT_ONLY;
            } else if (!places.isEmpty()) {
                return Grain.LANDING;
            }
            return ruling.zone() > 0 ? Grain.ZONE : Grain.HIT_OR_MISS;
        }
    }
}
