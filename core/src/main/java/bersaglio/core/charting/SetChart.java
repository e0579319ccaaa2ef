package bersaglio.core.charting;

import bersaglio.core.charting.SetEvent.HitsCounted;
import bersaglio.core.charting.SetEvent.SetMoved;
import bersaglio.core.charting.SetEvent.SetOpened;
import bersaglio.core.charting.SetEvent.ShotKeyed;
import bersaglio.core.charting.SetEvent.ShotLanded;
import bersaglio.core.charting.SetEvent.ValueTaken;
import bersaglio.core.charting.SharedEvent.CountSet;
import bersaglio.core.court.Point;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.goal.Start;
import bersaglio.core.goal.Step;
import bersaglio.core.pattern.Asked;
import bersaglio.core.pattern.Pass;
import bersaglio.core.pattern.Passes;
import bersaglio.core.problem.Refused;
import bersaglio.core.rally.Ending;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Role;
import bersaglio.core.shot.Ruling;
import bersaglio.core.shot.Struck;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.Referee;
import bersaglio.core.target.Stance;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.LongFunction;
import org.jspecify.annotations.Nullable;

/**
 * The chart of one set while its events are replayed; {@link #replay} is the way in where all of them are known, {@link
 * LiveSet} where they come one by one, {@link ChartedSet} the result.
 */
public final class SetChart implements RunState.Chart {

    private final Drills drills;
    private final RunState run;
    private final Map<String, LoggedShot> shots = new HashMap<>();
    private final List<Logged> all = new ArrayList<>();
    private OptionalInt called = OptionalInt.empty();
    private Optional<SetOpened> opened = Optional.empty();
    private Optional<Drill> drill = Optional.empty();
    private String session = "";
    private String runId = "";
    private Conditions conditions = Conditions.AS_DRAWN;
    private final List<Optional<Stance>> stances = new ArrayList<>(List.of(Optional.empty()));
    private boolean turned;
    private int level;
    private long openedAt;
    private @Nullable SetReplay replay;

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
        return of(drills, events).result();
    }

    static SetChart of(Drills drills, List<ChartEvent> events) {
        return RunState.chart(events, run -> new SetChart(drills, run));
    }

    /** See {@link RunState#goOn}. */
    boolean goOn(ChartEvent event) {
        return run.goOn(this, event);
    }

    /** What belongs to another kind of chart builds nothing here; a count that is said has its place among the balls. */
    @Override
    public void take(ChartEvent event) {
        if (event.what() instanceof SetEvent own) {
            own.applyTo(this, event);
        } else if (event.what() instanceof CountSet said) {
            count(event, at -> new Step.CountIs(said.part(), said.count(), said.balls(), at));
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
        conditions = start.conditions();
        level = start.level();
        openedAt = event.wall();
    }

    void land(ShotLanded shot, ChartEvent event) {
        enter(logged(event, shot.places(), Optional.empty(), shot.by(), shot.team(), shot.struck(), false));
    }

    void key(ShotKeyed shot, ChartEvent event) {
        enter(logged(event, List.of(), Optional.of(shot.ruling()), shot.by(), shot.team(), shot.struck(), false));
    }

    void countHits(HitsCounted counted, ChartEvent event) {
        for (int ball = 0; ball < counted.balls(); ball++) {
            Ruling ruling = counted.isHit(ball) ? Ruling.HIT : Ruling.of(Outcome.NOT_HIT);
            all.add(logged(
                    event, List.of(), Optional.of(ruling), counted.by(), counted.team(), Struck.BY_THE_PLAYER, true));
        }
    }

    private LoggedShot logged(
            ChartEvent event,
            List<Point> places,
            Optional<Ruling> keyed,
            Caller by,
            int team,
            Struck struck,
            boolean inNoOrder) {
        LoggedShot.When when =
                new LoggedShot.When(event.at(), run.active(event.at()), run.closed(), stances.size() - 1);
        return new LoggedShot(event.id(), when, places, keyed, by, team, struck, inNoOrder);
    }

    private void enter(LoggedShot shot) {
        all.add(shot);
        shots.put(shot.id, shot);
    }

    /** What is no shot, but belongs to the count. */
    void count(ChartEvent event, LongFunction<Step> step) {
        all.add(new Logged.Counted(step.apply(run.active(event.at())), run.closed()));
    }

    void take(ValueTaken taken, ChartEvent event) {
        Step.Value value = new Step.Value(taken.value(), taken.team(), run.active(event.at()));
        all.add(isOfRallies() ? new Logged.Typed(value, run.closed()) : new Logged.Counted(value, run.closed()));
    }

    private boolean isOfRallies() {
        return drill.orElseThrow(SetChart::notOpened)
                .level(level)
                .goal()
                .rallies()
                .isPresent();
    }

    void contact(Role by) {
        all.add(new Logged.Contact(by, run.closed()));
    }

    void ask(Asked called) {
        all.add(new Logged.Called(called, run.closed()));
    }

    void endRally(Ending ending, ChartEvent event) {
        all.add(new Logged.Over(ending, run.active(event.at()), run.closed()));
    }

    void startScoring() {
        all.add(new Logged.Scoring(run.closed()));
    }

    void stroke(String shot, String stroke) {
        shot(shot).ifPresent(hit -> hit.strokeWas(stroke));
    }

    void give(String shot, String to) {
        shot(shot).ifPresent(given -> given.giveTo(to));
    }

    private Optional<LoggedShot> shot(String id) {
        return Optional.ofNullable(shots.get(id));
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
        shot(shot).ifPresent(called -> called.call(ruling));
    }

    void moveTo(SetMoved moved) {
        requireLevel(moved.level());
        conditions = conditions.with(moved.hand());
        level = moved.level();
        run.moveTo(new RunState.Belongs(moved.player(), moved.heldAt()));
    }

    private void requireLevel(int number) {
        drill.orElseThrow(SetChart::notOpened).level(number);
    }

    ChartedSet result() {
        Drill named = drill.orElseThrow(SetChart::notOpened);
        SetOpened start = opened.orElseThrow(SetChart::notOpened);
        RunState.Belongs belongs = run.movedTo()
                .orElse(new RunState.Belongs(
                        start.player(), start.occasion().heldAt().orElse(openedAt)));
        SetReplay replay = replay(named, start);
        replay.goThrough(all);
        run.move().ifPresent(move -> {
            named.level(move.from());
            named.level(move.to());
        });
        return new ChartedSet(
                new SetTask(
                        named,
                        level,
                        start.track(),
                        conditions,
                        start.standpoint(),
                        start.setup().place()),
                new SetOrigin(
                        session,
                        runId,
                        belongs.player(),
                        openedAt,
                        belongs.heldAt(),
                        start.occasion(),
                        run.movedTo().isPresent(),
                        turned),
                new Played(
                        replay.shots(),
                        replay.counting().count(belongs.heldAt(), called),
                        rhythm(replay.countsPasses(), replay.passes()),
                        replay.rallies(),
                        replay.passes(),
                        replay.others(),
                        replay.valuesTaken()),
                run.outline(),
                new Closing(run.closed(), run.said(), run.move()));
    }

    /** Begun once: what changes how a set is gone through begins another chart. */
    private SetReplay replay(Drill named, SetOpened start) {
        SetReplay begun = replay;
        if (begun == null) {
            double charterSd = start.setup().charterSd().orElse(Referee.unknownCharterSd(named.court()));
            begun = new SetReplay(
                    new SetReplay.Conditioned(named, level, conditions, stances, charterSd),
                    turned,
                    new Start(start.toBeat(), called),
                    start.occasion(),
                    run);
            replay = begun;
        }
        return begun;
    }

    /** Of what is counted: the balls that stand, one by one, or the passes. */
    private Rhythm rhythm(boolean ofPasses, Passes passes) {
        return Rhythm.of(
                ofPasses
                        ? passes.over().stream()
                                .filter(pass -> pass.ended().isTrial())
                                .map(Pass::at)
                                .toList()
                        : all.stream()
                                .filter(LoggedShot.class::isInstance)
                                .map(LoggedShot.class::cast)
                                .filter(LoggedShot::hasATimeOfItsOwn)
                                .map(shot -> shot.when.active())
                                .toList());
    }

    private static Refused notOpened() {
        return new Refused("not_opened", "run", "no set.opened", "a run that begins with set.opened");
    }
}
