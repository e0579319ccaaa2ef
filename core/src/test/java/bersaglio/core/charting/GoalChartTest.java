package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.Samples;
import bersaglio.core.charting.SetEvent.ClockTurned;
import bersaglio.core.charting.SetEvent.HitsCounted;
import bersaglio.core.charting.SetEvent.NumberCalled;
import bersaglio.core.charting.SetEvent.OwedPaid;
import bersaglio.core.charting.SetEvent.ScoringStarted;
import bersaglio.core.charting.SetEvent.ShotKeyed;
import bersaglio.core.charting.SetEvent.ShotLanded;
import bersaglio.core.charting.SetEvent.ValueTaken;
import bersaglio.core.charting.SharedEvent.CountSet;
import bersaglio.core.charting.SharedEvent.SetPaused;
import bersaglio.core.charting.SharedEvent.SetResumed;
import bersaglio.core.charting.SharedEvent.Undone;
import bersaglio.core.drill.CountUnit;
import bersaglio.core.drill.CountUnit.FirstMiss;
import bersaglio.core.drill.Design;
import bersaglio.core.drill.Design.RangeFinding;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Signal;
import bersaglio.core.goal.Standing;
import bersaglio.core.goal.Timed;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Sets of every kind of goal, charted by events. */
class GoalChartTest {

    private static Tape tape(Goal goal, Design design) {
        Level level = new Level(1, Samples.TARGET, 0, goal, 3, OptionalDouble.empty(), new OneMetQuota());
        Drill drill = new Drill("any-v1", "any", 1, "Any", "", Freedom.FED, design, List.of(level));
        return Tape.of(drill, "r1", "nora", Hand.RIGHT, 1);
    }

    private static Tape tape(Goal goal) {
        return tape(goal, Design.PLAIN);
    }

    private static Design counting(CountUnit unit) {
        Design plain = Design.PLAIN;
        return new Design(
                plain.purposes(),
                plain.situation(),
                plain.watchPoint(),
                unit,
                plain.order(),
                plain.rangeFinding(),
                plain.setting(),
                plain.apart(),
                plain.group(),
                plain.minutes(),
                plain.requires(),
                plain.below());
    }

    private static final Design WITH_RANGE_FINDING = new Design(
            List.of("Length"),
            "",
            "",
            CountUnit.BALL,
            Design.Order.BLOCKED,
            RangeFinding.UNTIL_THE_COACH_SAYS,
            Design.Setting.PLAIN,
            Design.PLAIN.apart(),
            Design.PLAIN.group(),
            10,
            List.of(),
            Design.PLAIN.below());

    /** Whatever was entered and taken back, the count stands as if it had never been. */
    @ParameterizedTest
    @MethodSource("bersaglio.core.Samples#goals")
    void anUndoneEntryLeavesTheCountItHadBefore(Goal goal) {
        Random random = new Random(5);
        Tape tape = tape(goal);
        for (int i = 0; i < 25; i++) {
            SetCount before = tape.replay().played().count();
            int entered = tape.size();
            tape.add(anything(random));
            tape.add(new Undone(tape.idOf(entered)));
            assertThat(tape.replay().played().count()).as("after entry " + i).isEqualTo(before);
            tape.add(anything(random));
        }
    }

    private static EventBody anything(Random random) {
        int side = random.nextInt(2);
        return switch (random.nextInt(9)) {
            case 0 -> new ValueTaken(random.nextInt(25), side);
            case 1 -> new ClockTurned(ClockTurned.Clock.STARTED);
            case 2 -> new ClockTurned(ClockTurned.Clock.STOPPED);
            case 3 -> new ShotKeyed(Ruling.of(Outcome.NET), Caller.COACH, side);
            case 4 -> new OwedPaid(1);
            case 5 -> new CountSet(side, random.nextInt(9), OptionalInt.empty(), List.of());
            case 6 -> new HitsCounted(2, 3, Caller.COACH, side);
            default ->
                new ShotLanded(List.of(random.nextBoolean() ? Tape.IN_ZONE : Tape.SHORT_OF_ZONE), Caller.COACH, side);
        };
    }

    @Test
    void aRunStartsAgainAfterAMissAndEndsTheSetWhenItIsThere() {
        Tape tape = tape(new Run(3)).row("1101110");
        SetCount count = tape.replay().played().count();
        assertThat(count.standing()).isEqualTo(Standing.MET);
        assertThat(count.brokeAt()).containsExactly(2);
        assertThat(tape.replay().played().shots().get(6).judged().counted()).isFalse();
    }

    @Test
    void voidAndNotSeenLeaveARunAlone() {
        SetCount count = tape(new Run(3))
                .row("11")
                .key(Outcome.VOID)
                .key(Outcome.NOT_SEEN)
                .row("1")
                .replay()
                .played()
                .count();
        assertThat(count.standing()).isEqualTo(Standing.MET);
    }

    @Test
    void aPairCountsOnceAndOnlyWhenBothHold() {
        CountUnit pair = new CountUnit(CountUnit.Kind.PAIR, 2, FirstMiss.USES_UP_A_TRY);
        // 11 | 10 | 0 | 11
        assertThat(tape(new Quota(2, 4), counting(pair))
                        .row("1110011")
                        .replay()
                        .attempt()
                        .trials())
                .isEqualTo("1001");
        CountUnit again = new CountUnit(CountUnit.Kind.PAIR, 2, FirstMiss.IS_PLAYED_AGAIN);
        assertThat(tape(new Quota(2, 4), counting(again))
                        .row("1110011")
                        .replay()
                        .attempt()
                        .trials())
                .isEqualTo("101");
    }

    @Test
    void rangeFindingNeverCounts() {
        Tape tape = tape(new Quota(2, 3), WITH_RANGE_FINDING).row("111");
        assertThat(tape.replay().attempt().trials()).isEmpty();
        assertThat(tape.replay().played().count().scoring()).isFalse();
        tape.add(new ScoringStarted()).row("01");
        assertThat(tape.replay().attempt().trials()).isEqualTo("01");
    }

    @Test
    void aPauseToTeachIsNotOnTheClock() {
        Tape tape = tape(new Timed(1, 5, 0, 2, Signal.TOO_LATE)).add(new ClockTurned(ClockTurned.Clock.STARTED));
        tape.row("1").add(new SetPaused());
        for (int second = 0; second < 6; second++) {
            tape.add(new NumberCalled(second));
        }
        tape.add(new SetResumed()).row("1");
        assertThat(tape.replay().played().count().standing()).isEqualTo(Standing.MET);
    }

    @Test
    void whoVoidsABallDoesNotSpoilTheSet() {
        Tape tape = tape(new Quota(1, 2)).row("1").add(new ShotKeyed(Ruling.VOID, Caller.HITTER));
        assertThat(tape.replay().isAccepted()).isTrue();
    }

    @Test
    void whatTheHitterCalledIsNotTakenByTheRule() {
        Tape tape = tape(new Quota(1, 2)).row("1").add(new ShotLanded(Tape.IN_ZONE, Caller.HITTER));
        ChartedSet set = tape.replay();
        assertThat(set.isAccepted()).isFalse();
        assertThat(new Ledger(set.task().drill(), List.of())
                        .verdictOn(set.asResult())
                        .orElseThrow()
                        .advice()
                        .code())
                .isEqualTo("calls.notAccepted");
        assertThat(new Ledger(set.task().drill(), List.of(tape.close().replay().asResult())).verdictNow())
                .isEmpty();
    }
}
