package bersaglio.server.demo;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.ChartedSet;
import bersaglio.core.charting.Happening;
import bersaglio.core.charting.Ledger;
import bersaglio.core.charting.LevelMove;
import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetChart;
import bersaglio.core.charting.SetResult;
import bersaglio.core.court.Area;
import bersaglio.core.court.Point;
import bersaglio.core.court.Side;
import bersaglio.core.court.Standpoint;
import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Drill;
import bersaglio.core.goal.Standing;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import bersaglio.core.target.Conditions;
import com.github.f4b6a3.uuid.UuidCreator;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Writes one made-up player's sets as the coach's device would have. */
final class DemoDiary {

    private static final UUID DEVICE = UUID.nameUUIDFromBytes(new byte[] {1});
    private static final long BALL = 8_500;
    private static final double NOT_SEEN_RATE = 0.015;
    private static final double CALL_CLOSE_RATE = 0.7;

    private static final double LOOKED_AT_RATE = 0.3;
    private static final int MOST_BALLS = 40;

    private final DemoPlayer player;
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

    DemoDiary(DemoPlayer player, Drill drill, String track, long seed) {
        this.player = player;
        this.drill = drill;
        this.track = track;
        this.from = track.contains("FROM_LEFT") ? From.LEFT : From.RIGHT;
        this.random = new Random(seed);
    }

    /** One set, from its opening to the level move that followed, if one did. */
    List<ChartEvent> set(UUID day, Instant start, double weeksGone) {
        session = day;
        run = UuidCreator.getTimeOrderedEpoch(start);
        openedAt = start.toEpochMilli();
        now = openedAt;
        events = new ArrayList<>();
        replayed = null;
        int level = new Ledger(drill, held).level();
        add(new Happening.SetOpened(player.id().toString(), player.hand(), drill.id(), level, Standpoint.BEHIND)
                .on(track, from));
        while (replay().standing() == Standing.OPEN && replay().shots().size() < MOST_BALLS) {
            shoot(zone(level), weeksGone);
        }
        while (replay().count().left() > 0 && random.nextInt(10) < 7) {
            shoot(zone(level), weeksGone);
        }
        close(level);
        held.add(replay().asResult());
        return events;
    }

    private Area zone(int level) {
        return drill.level(level)
                .umpire(Conditions.AS_DRAWN.with(player.hand()).with(from))
                .last()
                .patches()
                .get(0)
                .ground()
                .whole();
    }

    private void shoot(Area zone, double weeksGone) {
        double luck = random.nextDouble();
        if (luck < NOT_SEEN_RATE) {
            add(new Happening.ShotKeyed(Ruling.of(Outcome.NOT_SEEN), Caller.COACH));
        } else if (luck < NOT_SEEN_RATE + player.netRate()) {
            add(new Happening.ShotKeyed(Ruling.of(Outcome.NET), Caller.COACH));
        } else {
            land(player.landing(zone, weeksGone, random));
        }
    }

    private void land(Point landing) {
        if (Math.abs(landing.x()) > 3.9 || landing.y() > 7.5) {
            boolean wide = Math.abs(landing.x()) > 3.9;
            add(new Happening.ShotKeyed(
                    wide ? new Ruling(Outcome.WIDE, landing.x() < 0 ? Side.LEFT : Side.RIGHT) : Ruling.of(Outcome.LONG),
                    Caller.COACH));
            return;
        }
        String shot = add(new Happening.ShotLanded(landing, Caller.COACH));
        var last = replay().shots().get(replay().shots().size() - 1);
        if (last.isClose() && random.nextDouble() < CALL_CLOSE_RATE) {
            Ruling call = random.nextBoolean() ? last.ruling() : last.other().orElseThrow();
            add(new Happening.ShotCalled(shot, call));
        }
        if (!drill.design().watchPoint().isEmpty() && random.nextDouble() < LOOKED_AT_RATE) {
            boolean hit = last.ruling().outcome() == Outcome.HIT;
            boolean kept = random.nextInt(10) < (hit ? 8 : 5);
            add(new Happening.ShotNoted(shot, kept ? Note.WATCH_KEPT : Note.WATCH_LOST, true));
        }
    }

    private void close(int level) {
        now += 4 * BALL;
        Said said = new Ledger(drill, held).closing(replay().asResult());
        add(new Happening.SetClosed(said));
        if (said.call() == Advice.Call.MOVE_UP) {
            add(new Happening.LevelMoved(new LevelMove(level, level + 1, LevelMove.By.RULE, false)));
        } else if (coachMovesOn(level)) {
            add(new Happening.LevelMoved(new LevelMove(level, level + 1, LevelMove.By.COACH, true)));
        }
    }

    /** Once, the coach moved a player on though the quota was not met. */
    private boolean coachMovesOn(int level) {
        return player.name().startsWith("Ada")
                && level == 1
                && replay().standing() != Standing.MET
                && new Ledger(drill, held).attemptsAt(level).size() >= 1;
    }

    private String add(Happening what) {
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
