package bersaglio.core.charting;

import bersaglio.core.charting.Happening.PenTaken;
import bersaglio.core.charting.Happening.Redone;
import bersaglio.core.charting.Happening.SetMoved;
import bersaglio.core.charting.Happening.SetOpened;
import bersaglio.core.charting.Happening.Undone;
import bersaglio.core.court.Point;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.Caller;
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
import java.util.Set;

/** The chart of one set while its events are replayed; {@link #replay} is the way in, {@link ChartedSet} the result. */
public final class SetChart {

    private final Drills drills;
    private final UndoStack undo = new UndoStack();
    private final Map<String, Entry> entries = new LinkedHashMap<>();
    private Optional<SetOpened> opened = Optional.empty();
    private Optional<Drill> drill = Optional.empty();
    private String session = "";
    private String run = "";
    private String player = "";
    private Conditions conditions = Conditions.AS_DRAWN;
    private final List<Optional<Stance>> stances = new ArrayList<>(List.of(Optional.empty()));
    private boolean turned;
    private int level;
    private long openedAt;
    private long heldAt;
    private boolean closed;
    private boolean struck;
    private Optional<Said> said = Optional.empty();
    private Optional<LevelMove> move = Optional.empty();
    private int pen = 1;
    private int claims;

    private SetChart(Drills drills) {
        this.drills = drills;
    }

    /**
     * Replays the events of one run in their order.
     *
     * @throws Refused when they do not begin with the set's opening, or name a drill or a level that does not exist
     */
    public static ChartedSet replay(Drills drills, List<ChartEvent> events) {
        SetChart chart = new SetChart(drills);
        List<ChartEvent> own = chart.withoutClaims(events);
        for (ChartEvent event : own) {
            chart.follow(event);
        }
        Set<String> standing = chart.undo.standing();
        for (ChartEvent event : own) {
            if (!event.what().canBeUndone() || standing.contains(event.id())) {
                event.what().applyTo(chart, event);
            }
        }
        return chart.result();
    }

    private List<ChartEvent> withoutClaims(List<ChartEvent> events) {
        List<ChartEvent> own = new ArrayList<>(events.size());
        for (ChartEvent event : events) {
            if (event.what() instanceof PenTaken taken) {
                pen = Math.max(pen, taken.pen());
            } else if (event.pen() < pen) {
                claims++;
            } else {
                own.add(event);
            }
        }
        return own;
    }

    private void follow(ChartEvent event) {
        if (event.what() instanceof Undone undone) {
            undo.undo(undone.target());
        } else if (event.what() instanceof Redone redone) {
            undo.redo(redone.target());
        } else if (event.what().canBeUndone()) {
            undo.entered(event.id());
        }
    }

    void open(SetOpened start, ChartEvent event) {
        if (opened.isPresent()) {
            return;
        }
        Drill named = drills.version(start.drill())
                .orElseThrow(() -> new Refused("unknown_id", "drill", start.drill(), "a drill version of this club"));
        named.level(start.level());
        opened = Optional.of(start);
        drill = Optional.of(named);
        session = event.session();
        run = event.run();
        player = start.player();
        conditions = start.conditions();
        level = start.level();
        openedAt = event.wall();
        heldAt = event.wall();
    }

    void land(String id, List<Point> places, Caller by, long at) {
        entries.put(id, new Entry(id, places, Optional.empty(), by, at, closed, stances.size() - 1));
    }

    void key(String id, Ruling ruling, Caller by, long at) {
        entries.put(id, new Entry(id, List.of(), Optional.of(ruling), by, at, closed, stances.size() - 1));
    }

    void standAt(Stance stance) {
        conditions = conditions.with(stance);
        stances.add(conditions.stance());
    }

    void turn() {
        turned = !turned;
        move = Optional.empty();
    }

    void call(String shot, Ruling ruling) {
        Entry entry = entries.get(shot);
        if (entry != null) {
            entry.call = Optional.of(ruling);
        }
    }

    void close(Said verdict) {
        closed = true;
        said = Optional.of(verdict);
    }

    void reopen() {
        closed = false;
        move = Optional.empty();
    }

    void moveTo(SetMoved moved) {
        requireLevel(moved.level());
        player = moved.player();
        conditions = conditions.with(moved.hand());
        level = moved.level();
        heldAt = moved.heldAt();
        move = Optional.empty();
    }

    void strike() {
        struck = true;
        move = Optional.empty();
    }

    void restore() {
        struck = false;
    }

    void moveLevel(LevelMove moved) {
        requireLevel(moved.from());
        requireLevel(moved.to());
        move = Optional.of(moved);
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
        int balls = named.level(level).quota().balls();
        List<Shot> shots = new ArrayList<>(entries.size());
        int trials = 0;
        for (Entry entry : entries.values()) {
            Umpire umpire = umpires.get(entry.stance);
            List<Point> places = turned ? umpire.turned(entry.places) : entry.places;
            Ruling ruling = entry.rule(umpire, places);
            boolean trial = ruling.outcome().isTrial();
            boolean counted = !entry.late && !(trial && trials >= balls);
            if (trial && counted) {
                trials++;
            }
            shots.add(entry.asShot(umpire, places, charterSd, ruling, counted));
        }
        return new ChartedSet(
                named,
                session,
                run,
                player,
                conditions,
                level,
                start.standpoint(),
                start.place(),
                turned,
                openedAt,
                heldAt,
                shots,
                closed,
                struck,
                said,
                move,
                pen,
                claims,
                undo.nextUndo(),
                undo.nextRedo());
    }

    private Umpire umpireFor(Drill named, Optional<Stance> stance) {
        return named.level(level).umpire(conditions.withStance(stance));
    }

    private static Refused notOpened() {
        return new Refused("not_opened", "run", "no set.opened", "a run that begins with set.opened");
    }

    private static final class Entry {
        private final String id;
        private final List<Point> places;
        private final Optional<Ruling> keyed;
        private final Caller by;
        private final long at;
        private final boolean late;
        private final int stance;
        private Optional<Ruling> call = Optional.empty();

        Entry(String id, List<Point> places, Optional<Ruling> keyed, Caller by, long at, boolean late, int stance) {
            this.id = id;
            this.places = places;
            this.keyed = keyed;
            this.by = by;
            this.at = at;
            this.late = late;
            this.stance = stance;
        }

        Ruling rule(Umpire umpire, List<Point> seen) {
            if (call.isPresent()) {
                return call.get();
            }
            return keyed.orElseGet(() -> umpire.rule(seen));
        }

        Shot asShot(Umpire umpire, List<Point> seen, double charterSd, Ruling ruling, boolean counted) {
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
                    by,
                    at,
                    placed ? umpire.points(seen) : 0,
                    placed ? umpire.fromAim(seen) : OptionalDouble.empty());
        }
    }
}
