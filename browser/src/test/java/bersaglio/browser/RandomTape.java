package bersaglio.browser;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.EventBody;
import bersaglio.core.charting.LevelMove;
import bersaglio.core.charting.Occasion;
import bersaglio.core.charting.Rules;
import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetEvent;
import bersaglio.core.charting.Setup;
import bersaglio.core.charting.SharedEvent;
import bersaglio.core.court.Point;
import bersaglio.core.court.Side;
import bersaglio.core.court.Standpoint;
import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Figure;
import bersaglio.core.pattern.Asked;
import bersaglio.core.pattern.Way;
import bersaglio.core.rally.Ending;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Role;
import bersaglio.core.shot.Ruling;
import bersaglio.core.shot.Struck;
import bersaglio.core.target.Stance;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;

/** A random but lawful run of events of every kind. */
final class RandomTape {

    private final Random random;
    private final String run;
    private final String drill;
    private final int levels;
    private final List<ChartEvent> events = new ArrayList<>();
    private final List<String> ids = new ArrayList<>();
    private int pen = 1;

    RandomTape(Random random, String run, String drill, int levels) {
        this.random = random;
        this.run = run;
        this.drill = drill;
        this.levels = levels;
    }

    List<ChartEvent> events(int count) {
        add(new SetEvent.SetOpened(
                player(),
                hand(),
                drill,
                level(),
                any(Standpoint.values()),
                new Setup(
                        any(From.values()),
                        hand(),
                        Optional.of("hall-2"),
                        random.nextBoolean() ? OptionalDouble.empty() : OptionalDouble.of(random.nextDouble()),
                        List.of()),
                random.nextBoolean() ? OptionalDouble.empty() : OptionalDouble.of(random.nextInt(6)),
                random.nextBoolean() ? "" : "BACKHAND",
                Occasion.ALONE));
        while (events.size() < count) {
            add(random.nextInt(10) < 6 ? shot() : random.nextInt(3) == 0 ? count() : correction());
        }
        return events;
    }

    private void add(EventBody what) {
        int writing = random.nextInt(12) == 0 ? Math.max(1, pen - 1) : pen;
        if (what instanceof SharedEvent.PenTaken taken) {
            pen = taken.pen();
            writing = pen;
        }
        int seq = events.size() + 1;
        String id = run + "-" + seq;
        long wall = 1_790_000_000_000L + Integer.parseInt(run.substring(1)) * 60_000L + seq * 900L;
        events.add(new ChartEvent(
                id, "s1", run, events.isEmpty() ? 1 : writing, "d" + writing, seq, seq * 900L, wall, what));
        ids.add(id);
    }

    private EventBody shot() {
        if (random.nextInt(4) == 0) {
            return new SetEvent.ShotKeyed(ruling(), any(Caller.values()), random.nextInt(2), struck());
        }
        Point landing = new Point(random.nextGaussian() * 0.8 + 1.9, random.nextGaussian() * 0.7 + 5.9);
        Point over = new Point(random.nextGaussian(), 1.4 + random.nextDouble());
        return new SetEvent.ShotLanded(
                random.nextBoolean() ? List.of(landing) : List.of(over, landing),
                any(Caller.values()),
                random.nextInt(3),
                struck());
    }

    private Struck struck() {
        return new Struck(
                random.nextInt(4) == 0 ? any(Role.values()) : Role.PLAYER, random.nextInt(4) == 0 ? "smash" : "");
    }

    private EventBody count() {
        return switch (random.nextInt(18)) {
            case 10, 11, 12, 13 -> new SetEvent.ContactMade(any(Role.values()));
            case 16, 17 ->
                new SetEvent.StepCalled(new Asked(
                        random.nextInt(4), new Way(random.nextInt(3) == 0 ? "smash" : "", random.nextInt(3))));
            case 14, 15 -> new SetEvent.RallyEnded(ending());
            case 0, 1 -> new SetEvent.ValueTaken(random.nextInt(30), random.nextInt(2));
            case 2, 3 -> new SetEvent.ClockTurned(any(SetEvent.ClockTurned.Clock.values()));
            case 4 -> new SetEvent.OwedPaid(1 + random.nextInt(3));
            case 5 -> new SetEvent.ScoringStarted();
            case 6 -> new SetEvent.NumberCalled(random.nextInt(30));
            case 7 ->
                new SharedEvent.CountSet(
                        random.nextInt(3),
                        random.nextInt(12),
                        random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(random.nextInt(12)),
                        random.nextBoolean() ? List.of() : List.of(random.nextInt(9), random.nextInt(9)));
            case 8 -> new SetEvent.HitsCounted(random.nextInt(4), 4, any(Caller.values()), random.nextInt(2));
            default -> random.nextBoolean() ? new SharedEvent.SetPaused() : new SharedEvent.SetResumed();
        };
    }

    private EventBody correction() {
        String target = ids.get(random.nextInt(ids.size()));
        return switch (random.nextInt(15)) {
            case 14 -> new SetEvent.ShotStroked(target, random.nextBoolean() ? "smash" : "");
            case 0 -> new SetEvent.ShotCalled(target, ruling());
            case 12 -> new SharedEvent.ShotNoted(target, any(Note.values()), random.nextInt(4) > 0);
            case 13 -> new SetEvent.ShotGiven(target, player());
            case 1, 2 -> new SharedEvent.Undone(random.nextInt(5) == 0 ? run + "-" + (ids.size() + 3) : target);
            case 3 -> new SharedEvent.Redone(target);
            case 4 ->
                new SharedEvent.SetClosed(
                        new Said(any(Advice.Call.values()), "once.met", List.of(new Figure("hits", 8)), Rules.NUMBER));
            case 5 -> new SharedEvent.SetReopened();
            case 6 -> new SetEvent.SetMoved(player(), hand(), level(), 1_790_000_000_000L + random.nextInt(1 << 20));
            case 7 -> random.nextBoolean() ? new SharedEvent.SetStruck() : new SharedEvent.SetRestored();
            case 8 -> new SharedEvent.LevelMoved(move());
            case 9 -> new SetEvent.SetTurned();
            case 10 ->
                new SetEvent.StanceMoved(new Stance(
                        List.of(
                                new Point(random.nextDouble() * 4 - 2, random.nextDouble() * 6),
                                new Point(random.nextDouble() * 4 - 2, random.nextDouble() * 6)),
                        0.5 + random.nextDouble()));
            default -> new SharedEvent.PenTaken(pen + 1, target);
        };
    }

    private LevelMove move() {
        int from = 1 + random.nextInt(levels - 1);
        boolean unmet = random.nextBoolean();
        return new LevelMove(from, from + 1, unmet ? LevelMove.By.COACH : any(LevelMove.By.values()), unmet);
    }

    private Ruling ruling() {
        Outcome outcome = any(Outcome.values());
        Side side = any(Side.values());
        return outcome.sides().contains(side) ? new Ruling(outcome, side) : Ruling.of(outcome);
    }

    private String player() {
        return random.nextBoolean() ? "nora" : "elio";
    }

    private Hand hand() {
        return any(Hand.values());
    }

    private int level() {
        return 1 + random.nextInt(levels);
    }

    private Ending ending() {
        Outcome miss = any(new Outcome[] {Outcome.NET, Outcome.LONG, Outcome.NOT_HIT});
        return random.nextBoolean() ? Ending.PLANNED : Ending.error(any(Role.values()), miss, Side.NONE);
    }

    private <T> T any(T[] values) {
        return values[random.nextInt(values.length)];
    }
}
