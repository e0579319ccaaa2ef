package bersaglio.server.demo;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.ChartedSet;
import bersaglio.core.charting.EventBody;
import bersaglio.core.charting.Ledger;
import bersaglio.core.charting.LevelMove;
import bersaglio.core.charting.Occasion;
import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetChart;
import bersaglio.core.charting.SetEvent;
import bersaglio.core.charting.SetResult;
import bersaglio.core.charting.SharedEvent;
import bersaglio.core.court.Area;
import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Side;
import bersaglio.core.court.Standpoint;
import bersaglio.core.court.Surface;
import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Design;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Level;
import bersaglio.core.goal.Ladder;
import bersaglio.core.goal.Standing;
import bersaglio.core.pattern.Pattern;
import bersaglio.core.pattern.PatternStep;
import bersaglio.core.rally.Ending;
import bersaglio.core.rally.Ending.How;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Role;
import bersaglio.core.shot.Ruling;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.Ground;
import com.github.f4b6a3.uuid.UuidCreator;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Writes one made-up player's sets as the coach's device would have. */
final class DemoDiary {

    private static final UUID DEVICE = UUID.nameUUIDFromBytes(new byte[] {1});
    private static final long BALL = 8_500;
    private static final double PARTNER_MISSES = 0.12;
    private static final double NOT_SEEN_RATE = 0.015;
    private static final double CALL_CLOSE_RATE = 0.7;

    private static final double LOOKED_AT_RATE = 0.3;
    private static final int MOST_ENTRIES = 90;
    private static final int LONGEST_RALLY = 20;

    private static final double BETTER = 0.55;
    private static final long SECOND = 1000;

    private final DemoPlayer player;
    private final DemoDrill practised;
    private final Drill drill;
    private final String track;
    private final From from;
    private final Random random;
    private final List<SetResult> held = new ArrayList<>();
    private List<ChartEvent> events = new ArrayList<>();
    private UUID session = DEVICE;
    private UUID run = DEVICE;
    private @Nullable ChartedSet replayed;
    private long openedAt;
    private long now;

    DemoDiary(DemoPlayer player, DemoDrill practised, Drill drill, String track, long seed) {
        this.player = practised.hand() == DemoHand.LANDINGS ? player.spreading(practised.spread()) : player;
        this.practised = practised;
        this.drill = drill;
        this.track = track;
        this.from = track.contains("FROM_LEFT") ? From.LEFT : From.RIGHT;
        this.random = new Random(seed);
    }

    /** One set, from its opening to the level move that followed, if one did. */
    List<ChartEvent> set(UUID day, Instant start, double weeksGone) {
        int level = open(day, start);
        play(level, player, weeksGone);
        move(level, close());
        held.add(replay().asResult());
        return events;
    }

    /** A set of an evening on which everything went better, about which nothing was decided yet. */
    List<ChartEvent> goodSet(UUID day, Instant start) {
        int level = open(day, start);
        play(level, player.spreading(BETTER), 1);
        close();
        held.add(replay().asResult());
        return events;
    }

    boolean isReady() {
        return new Ledger(drill, held)
                .verdictNow()
                .filter(verdict -> verdict.advice().call() == Advice.Call.MOVE_UP)
                .isPresent();
    }

    private int open(UUID day, Instant start) {
        session = day;
        run = UuidCreator.getTimeOrderedEpoch(start);
        openedAt = start.toEpochMilli();
        now = openedAt;
        events = new ArrayList<>();
        replayed = null;
        int level = new Ledger(drill, held).level();
        SetEvent.SetOpened opened = new SetEvent.SetOpened(
                        player.id().toString(), player.hand(), drill.id(), level, Standpoint.BEHIND)
                .on(track, from);
        add(practised.hand() == DemoHand.SIDES ? opened.with(against()) : opened);
        if (drill.design().rangeFinding() == Design.RangeFinding.UNTIL_THE_COACH_SAYS) {
            add(new SetEvent.ScoringStarted());
        }
        return level;
    }

    private Occasion against() {
        DemoPlayer other = DemoPlayer.CLUB.stream()
                .filter(one -> !one.id().equals(player.id()))
                .findFirst()
                .orElseThrow();
        return new Occasion(List.of(other.id().toString()), Optional.empty(), OptionalLong.empty());
    }

    private void play(int level, DemoPlayer as, double weeksGone) {
        while (replay().standing() == Standing.OPEN && events.size() < MOST_ENTRIES) {
            switch (practised.hand()) {
                case LANDINGS -> shoot(as, zone(level), weeksGone);
                case HITS -> add(new SetEvent.ShotKeyed(called(), Caller.COACH));
                case NUMBERS ->
                    add(new SetEvent.ValueTaken(
                            Math.max(1, Math.rint(practised.spread() * (0.6 + 0.8 * random.nextDouble()))), 0));
                case CONTACTS -> rally();
                case ROUNDS -> round(level);
                case PASSES -> step(level);
                case LAPS -> lap();
                case SIDES -> add(new SetEvent.ShotKeyed(of(random.nextInt(10) < 6), Caller.COACH, events.size() % 2));
            }
        }
        while (practised.hand() == DemoHand.LANDINGS
                && replay().played().count().left() > 0
                && random.nextInt(10) < 7) {
            shoot(as, zone(level), weeksGone);
        }
    }

    /** At the zone that a station asks for, else at any of them. */
    private Ruling called() {
        if (random.nextDouble() > practised.spread()) {
            return Ruling.of(random.nextBoolean() ? Outcome.NOT_HIT : Outcome.NET);
        }
        Level level = drill.level(replay().task().level());
        int zones = level.target().zones().size();
        if (level.goal() instanceof Ladder ladder) {
            int station = replay().played().count().progress().station();
            return Ruling.hit(ladder.stations().get(station).zone());
        }
        return Ruling.hit(level.target().zones().get(random.nextInt(zones)).number());
    }

    private static Ruling of(boolean hit) {
        return Ruling.of(hit ? Outcome.HIT : Outcome.NOT_HIT);
    }

    /** The next own shot of a pattern, or somebody else's end to it. */
    private void step(int level) {
        now -= BALL / 2;
        List<Integer> expected = replay().played().passes().expected();
        if (expected.isEmpty()) {
            now += 3 * SECOND;
            Role by = random.nextInt(10) < 6 ? Role.PLAYER : Role.PARTNER;
            add(new SetEvent.RallyEnded(new Ending(How.WINNER, Optional.of(by), Outcome.NOT_HIT, Side.NONE)));
        } else if (random.nextDouble() < PARTNER_MISSES
                && !replay().played().passes().now().isEmpty()) {
            add(new SetEvent.RallyEnded(Ending.error(Role.PARTNER, Outcome.NET, Side.NONE)));
        } else {
            Pattern pattern = drill.level(level).dials().pattern().orElseThrow();
            play(level, pattern.steps().get(expected.get(random.nextInt(expected.size()))));
        }
    }

    private void play(int level, PatternStep step) {
        int zone = step.ways().get(random.nextInt(step.ways().size())).zone();
        if (zone == 0) {
            add(new SetEvent.ShotKeyed(of(random.nextInt(10) < 8), Caller.COACH));
            return;
        }
        Rectangle ground = drill.level(level)
                .target()
                .only(List.of(zone))
                .umpire(0, Conditions.AS_DRAWN)
                .last()
                .patches()
                .get(0)
                .ground()
                .whole()
                .bounds();
        Point middle = ground.middle();
        // The farther away, the harder.
        double spread = practised.spread() * (0.27 + 0.025 * middle.y());
        land(new Point(
                middle.x() + spread * ground.width() * random.nextGaussian(),
                middle.y() + spread * ground.depth() * random.nextGaussian()));
    }

    /** With a feeder who errs a little less; it is stopped when it is long enough for today. */
    private void rally() {
        int contacts = 0;
        while (contacts < LONGEST_RALLY) {
            boolean own = contacts % 2 == 0;
            if (random.nextDouble() < (own ? 1 : 0.6) * practised.spread()) {
                Outcome miss = random.nextBoolean() ? Outcome.NET : Outcome.LONG;
                add(new SetEvent.RallyEnded(Ending.error(own ? Role.PLAYER : Role.FEEDER, miss, Side.NONE)));
                return;
            }
            now += SECOND - BALL;
            add(new SetEvent.ContactMade(own ? Role.PLAYER : Role.FEEDER));
            contacts++;
        }
        add(new SetEvent.RallyEnded(Ending.PLANNED));
    }

    private void round(int level) {
        add(new SetEvent.ClockTurned(SetEvent.ClockTurned.Clock.STARTED));
        long began = now;
        long pace = Math.round(drill.level(level).secondsABall() * SECOND);
        while (now - began < 38 * SECOND) {
            now += pace - BALL - SECOND;
            add(new SetEvent.ShotKeyed(of(random.nextDouble() < practised.spread()), Caller.COACH));
        }
        now += 20 * SECOND;
        add(new SetEvent.ClockTurned(SetEvent.ClockTurned.Clock.STOPPED));
    }

    private void lap() {
        add(new SetEvent.ClockTurned(SetEvent.ClockTurned.Clock.STARTED));
        now += Math.round((practised.spread() - 9 + 6 * random.nextGaussian()) * SECOND);
        add(new SetEvent.ClockTurned(SetEvent.ClockTurned.Clock.STOPPED));
    }

    /** What is aimed at: of a target with a bad middle, one of its two sides. */
    private Area zone(int level) {
        Ground ground = drill.level(level)
                .umpire(Conditions.AS_DRAWN.with(player.hand()).with(from))
                .last()
                .patches()
                .get(0)
                .ground();
        if (ground.spoilt().isEmpty()) {
            return ground.whole();
        }
        Rectangle whole = ground.whole().bounds();
        Rectangle bad = ground.spoilt().get().bounds();
        return random.nextBoolean()
                ? new Rectangle(bad.right(), whole.near(), whole.right(), whole.far())
                : new Rectangle(whole.left(), whole.near(), bad.left(), whole.far());
    }

    private void shoot(DemoPlayer as, Area zone, double weeksGone) {
        double luck = random.nextDouble();
        if (luck < NOT_SEEN_RATE) {
            add(new SetEvent.ShotKeyed(Ruling.of(Outcome.NOT_SEEN), Caller.COACH));
        } else if (luck < NOT_SEEN_RATE + as.netRate()) {
            add(new SetEvent.ShotKeyed(Ruling.of(Outcome.NET), Caller.COACH));
        } else {
            land(as.landing(zone, weeksGone, random));
        }
    }

    private void land(Point landing) {
        Surface surface = drill.level(replay().task().level()).target().surface();
        double widest = surface.extent().right() + surface.margin();
        if (Math.abs(landing.x()) > widest || landing.y() > surface.extent().far() + surface.margin()) {
            boolean wide = Math.abs(landing.x()) > widest;
            add(new SetEvent.ShotKeyed(
                    wide ? new Ruling(Outcome.WIDE, landing.x() < 0 ? Side.LEFT : Side.RIGHT) : Ruling.of(Outcome.LONG),
                    Caller.COACH));
            return;
        }
        String shot = add(new SetEvent.ShotLanded(landing, Caller.COACH));
        var last = replay().played().shots().get(replay().played().shots().size() - 1);
        if (last.isClose() && random.nextDouble() < CALL_CLOSE_RATE) {
            Ruling call =
                    random.nextBoolean() ? last.ruling() : last.judged().other().orElseThrow();
            add(new SetEvent.ShotCalled(shot, call));
        }
        if (!drill.design().watchPoint().isEmpty() && random.nextDouble() < LOOKED_AT_RATE) {
            boolean hit = last.ruling().outcome() == Outcome.HIT;
            boolean kept = random.nextInt(10) < (hit ? 8 : 5);
            add(new SharedEvent.ShotNoted(shot, kept ? Note.WATCH_KEPT : Note.WATCH_LOST, true));
        }
    }

    private Said close() {
        now += 4 * BALL;
        Said said = Said.of(new Ledger(drill, held).verdictOn(replay().asResult()));
        add(new SharedEvent.SetClosed(said));
        return said;
    }

    private void move(int level, Said said) {
        if (said.call() == Advice.Call.MOVE_UP) {
            add(new SharedEvent.LevelMoved(new LevelMove(level, level + 1, LevelMove.By.RULE, false)));
        } else if (coachMovesOn(level)) {
            add(new SharedEvent.LevelMoved(new LevelMove(level, level + 1, LevelMove.By.COACH, true)));
        }
    }

    /** Once, the coach moved a player on though the quota was not met. */
    private boolean coachMovesOn(int level) {
        return player.name().startsWith("Ada")
                && practised.who().isEmpty()
                && level == 1
                && replay().standing() != Standing.MET
                && new Ledger(drill, held).attemptsAt(level).size() >= 1;
    }

    private String add(EventBody what) {
        now += BALL + random.nextInt(3000);
        String id = UuidCreator.getTimeOrderedEpoch(Instant.ofEpochMilli(now)).toString();
        events.add(new ChartEvent(
                id,
                session.toString(),
                run.toString(),
                1,
                DEVICE.toString(),
                events.size() + 1,
                now - openedAt,
                now,
                what));
        replayed = null;
        return id;
    }

    /** The set as it stands, asked for several times between two events. */
    private ChartedSet replay() {
        ChartedSet known = replayed;
        if (known == null) {
            known = SetChart.replay(id -> id.equals(drill.id()) ? Optional.of(drill) : Optional.empty(), events);
            replayed = known;
        }
        return known;
    }
}
