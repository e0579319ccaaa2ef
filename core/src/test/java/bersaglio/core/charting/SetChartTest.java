package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.Samples;
import bersaglio.core.charting.SetEvent.SetMoved;
import bersaglio.core.charting.SetEvent.SetOpened;
import bersaglio.core.charting.SetEvent.SetTurned;
import bersaglio.core.charting.SetEvent.ShotCalled;
import bersaglio.core.charting.SetEvent.ShotLanded;
import bersaglio.core.charting.SetEvent.StanceMoved;
import bersaglio.core.charting.SharedEvent.LevelMoved;
import bersaglio.core.charting.SharedEvent.PenTaken;
import bersaglio.core.charting.SharedEvent.Redone;
import bersaglio.core.charting.SharedEvent.SetReopened;
import bersaglio.core.charting.SharedEvent.SetRestored;
import bersaglio.core.charting.SharedEvent.SetStruck;
import bersaglio.core.charting.SharedEvent.Undone;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Standpoint;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.goal.Standing;
import bersaglio.core.goal.Tally;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import bersaglio.core.shot.Shot;
import bersaglio.core.target.AimPoint;
import bersaglio.core.target.Bounce;
import bersaglio.core.target.ByStance;
import bersaglio.core.target.Conditions.Laid;
import bersaglio.core.target.InUse;
import bersaglio.core.target.Rings;
import bersaglio.core.target.Stance;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Tie;
import bersaglio.core.target.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class SetChartTest {

    private final Tape tape = Tape.of("r1", "nora", Hand.RIGHT, 1);

    @Test
    void notSeenAndVoidAreEntriesButNoTrials() {
        ChartedSet set = tape.row("110")
                .key(Outcome.NOT_SEEN)
                .key(Outcome.VOID)
                .key(Outcome.NET)
                .replay();
        assertThat(set.tally()).isEqualTo(new Tally(2, 4));
        assertThat(set.notSeen()).isEqualTo(1);
        assertThat(set.played().shots()).hasSize(6);
    }

    @Test
    void theCallCountsAndTheMarkStaysAsTouched() {
        Point close = new Point(1.57, 6.2);
        tape.land(close);
        assertThat(tape.replay().played().shots().get(0)).satisfies(shot -> {
            assertThat(shot.isClose()).isTrue();
            assertThat(shot.judged().other()).contains(Ruling.hit(1));
        });
        Shot called = tape.add(new ShotCalled(tape.lastId(), Ruling.HIT))
                .replay()
                .played()
                .shots()
                .get(0);
        assertThat(called.ruling()).isEqualTo(Ruling.HIT);
        assertThat(called.landing()).contains(close);
        assertThat(called.isClose()).isFalse();
    }

    @Test
    void undoAndRedoReachBackToTheStart() {
        tape.row("11");
        assertThat(undo().tally()).isEqualTo(new Tally(1, 1));
        assertThat(undo().tally()).isEqualTo(Tally.NONE);
        assertThat(tape.replay().outline().nextUndo()).isEmpty();
        assertThat(redo().tally()).isEqualTo(new Tally(1, 1));
        assertThat(redo().tally()).isEqualTo(new Tally(2, 2));
        assertThat(tape.replay().outline().nextRedo()).isEmpty();
    }

    @Test
    void aNewShotAfterAnUndoLeavesNothingToRedo() {
        tape.row("11");
        undo();
        assertThat(tape.row("0").replay().outline().nextRedo()).isEmpty();
    }

    @Test
    void undoOfACallBringsTheTouchedRulingBack() {
        tape.row("1").add(new ShotCalled(tape.lastId(), Ruling.VOID));
        assertThat(tape.replay().tally()).isEqualTo(Tally.NONE);
        assertThat(undo().tally()).isEqualTo(new Tally(1, 1));
    }

    @Test
    void undoOfAShotNotYetArrivedWaitsForIt() {
        String coming = "r1-3";
        ChartedSet set = tape.add(new Undone(coming)).row("1").replay();
        assertThat(set.tally()).isEqualTo(Tally.NONE);
        assertThat(set.outline().nextRedo()).contains(coming);
    }

    @Test
    void aShotPastTheBlockIsKeptAndNotCounted() {
        ChartedSet set = tape.row("1111000000001").replay();
        assertThat(set.tally()).isEqualTo(new Tally(4, 12));
        assertThat(set.played().shots()).hasSize(13);
        assertThat(set.played().shots().get(12).judged().counted()).isFalse();
    }

    @Test
    void reopeningTakesTheLevelMoveBackAndUncountsNothing() {
        tape.row("111111110000").close().add(up());
        assertThat(tape.replay().closing().move()).isPresent();
        ChartedSet reopened = tape.add(new SetReopened()).replay();
        assertThat(reopened.closing().closed()).isFalse();
        assertThat(reopened.closing().move()).isEmpty();
        assertThat(reopened.standing()).isEqualTo(Standing.MET);
    }

    @Test
    void aSetMovedToALeftHanderIsRuledAgainAtTheMirroredZone() {
        ChartedSet moved = tape.row("11")
                .land(Tape.IN_ZONE.mirrored())
                .close()
                .add(up())
                .add(new SetMoved("elio", Hand.LEFT, 2, 5_000))
                .replay();
        assertThat(moved.origin().player()).isEqualTo("elio");
        assertThat(moved.tally()).isEqualTo(new Tally(1, 3));
        assertThat(moved.origin().heldAt()).isEqualTo(5_000);
        assertThat(moved.closing().move()).isEmpty();
    }

    @Test
    void aStruckSetCanBeBroughtBack() {
        tape.row("1").close().add(new SetStruck());
        assertThat(tape.replay().asResult().counts()).isFalse();
        assertThat(tape.add(new SetRestored()).replay().asResult().counts()).isTrue();
    }

    @Test
    void whatAnOlderPenStillSendsIsKeptApart() {
        ChartedSet set = tape.row("1")
                .writingWithPen(2)
                .add(new PenTaken(2, tape.lastId()))
                .row("1")
                .writingWithPen(1)
                .row("00")
                .replay();
        assertThat(set.tally()).isEqualTo(new Tally(2, 2));
        assertThat(set.outline().claims()).isEqualTo(2);
    }

    @Test
    void aRunWithoutItsOpeningOrWithAStrangeDrillIsRefused() {
        List<ChartEvent> headless = tape.row("1").events().subList(1, 2);
        assertThatThrownBy(() -> SetChart.replay(id -> Optional.empty(), headless))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> SetChart.replay(id -> Optional.empty(), tape.events()))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.problem().field()).isEqualTo("drill"));
    }

    @Test
    void aLandingAHundredMetresAwayOrNowhereIsRefused() {
        assertThatThrownBy(() -> new ShotLanded(new Point(100, 3), Caller.COACH))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.problem().allowed()).isEqualTo("-70.0 to 70.0"));
        for (double nowhere : new double[] {Double.NaN, Double.NEGATIVE_INFINITY}) {
            assertThatThrownBy(() -> new Point(nowhere, 3)).isInstanceOfSatisfying(Refused.class, refused -> assertThat(
                            refused.problem().field())
                    .isEqualTo("x"));
        }
    }

    /** Half a turn about the middle of the half: what was touched at the net was at the back line. */
    @Test
    void aSetChartedTheWrongWayRoundIsTurnedAndTurnedBack() {
        tape.land(new Point(-2.1, 0.5)).add(new LevelMoved(new LevelMove(1, 2, LevelMove.By.RULE, false)));
        assertThat(tape.replay().attempt().trials()).isEqualTo("0");
        ChartedSet turned = tape.add(new SetTurned()).replay();
        assertThat(turned.attempt().trials()).isEqualTo("1");
        assertThat(turned.played().shots().get(0).landing()).contains(new Point(2.1, 6.2));
        assertThat(turned.closing().move())
                .as("the level move goes back with it")
                .isEmpty();
        assertThat(tape.add(new SetTurned()).replay().attempt().trials()).isEqualTo("0");
    }

    @Test
    void whatWasReallyLaidIsJudged() {
        SetOpened opened = new SetOpened(
                "nora",
                Hand.LEFT,
                "clear-v1",
                1,
                Standpoint.BEHIND,
                new Setup(
                        From.RIGHT,
                        Hand.RIGHT,
                        Optional.of("hall-2"),
                        OptionalDouble.of(0.01),
                        List.of(new Laid(1, new Rectangle(-2.59, 5.5, -1.5, 6.7)))),
                OptionalDouble.empty(),
                "",
                Occasion.ALONE);
        Tape laid = Tape.opening(opened, "r3").land(new Point(-1.52, 5.6)).land(new Point(-1.48, 6));
        ChartedSet set = laid.replay();
        assertThat(set.attempt().trials()).isEqualTo("10");
        assertThat(set.asResult().rung().laid()).startsWith("1:-2590,5500,");
        assertThat(set.task().place()).contains("hall-2");
        assertThat(set.played().shots())
                .as("a centimetre of own error asks for no call at two")
                .noneMatch(Shot::isClose);
    }

    @Test
    void aZoneDrawnFromTheOpponentIsJudgedByWhereTheyStoodThen() {
        ByStance body = new ByStance(Stance.Anchor.OPPONENT, new Rectangle(-0.5, -0.5, 0.5, 0.5));
        TargetSet target = new TargetSet(
                "body",
                1,
                "Body",
                Courts.BADMINTON,
                InUse.named("singles"),
                Bounce.FIRST,
                List.of(new Zone(1, "Body", Plane.FLOOR, Tie.COURT, body)),
                List.of(),
                Optional.of(new Stance(List.of(new Point(0, 4)), 1)));
        Tape moving = Tape.of(Samples.drill(target), "r3", "nora", Hand.RIGHT, 1);
        moving.land(new Point(0.4, 4)).land(new Point(2, 5));
        moving.add(new StanceMoved(new Stance(List.of(new Point(2, 5)), 1)));
        moving.land(new Point(0.4, 4)).land(new Point(2, 5));
        assertThat(moving.replay().attempt().trials()).isEqualTo("1001");
        assertThat(moving.add(new Undone(moving.idOf(3))).replay().attempt().trials())
                .isEqualTo("1010");
    }

    @Test
    void theRingsThatAreHitGiveTheirPointsAndTheAimItsDistance() {
        Circle inner = new Circle(new Point(0, 4), 0.3);
        TargetSet rings = TargetSet.of(
                "rings",
                "Rings",
                Courts.BADMINTON,
                "singles",
                new Zone(
                        1,
                        "Rings",
                        Plane.FLOOR,
                        Tie.COURT,
                        new Rings(List.of(new Rings.Ring(inner, 5), new Rings.Ring(inner.scaled(2), 2)))));
        Tape ringed = Tape.of(Samples.drill(rings), "r3", "nora", Hand.RIGHT, 1);
        ringed.land(new Point(0.1, 4))
                .land(new Point(0.5, 4))
                .land(new Point(2, 4))
                .key(Outcome.NET);
        assertThat(ringed.replay().points()).isEqualTo(7);
        assertThat(ringed.add(new ShotCalled(ringed.idOf(1), Ruling.VOID))
                        .replay()
                        .points())
                .as("a shot made void has none")
                .isEqualTo(2);
        TargetSet aimed = TargetSet.of(
                "aim",
                "Aim",
                Courts.BADMINTON,
                "singles",
                new Zone(1, "Aim", Plane.FLOOR, Tie.COURT, new AimPoint(new Point(0, 4), inner.scaled(3))));
        Tape shot = Tape.of(Samples.drill(aimed), "r4", "nora", Hand.RIGHT, 1).land(new Point(0.3, 4.4));
        assertThat(shot.replay().played().shots().get(0).judged().fromAim().orElseThrow())
                .isCloseTo(0.5, within(1e-12));
    }

    /** However an entry sequence runs, undoing all of it and redoing all of it gives the same set again. */
    @Property(tries = 100)
    void allUndoneAndRedoneIsTheSame(@ForAll long seed) {
        Random random = new Random(seed);
        Tape some = Tape.of("r2", "teo", Hand.RIGHT, 1);
        List<String> shots = new ArrayList<>();
        for (int i = 0; i < 15; i++) {
            if (!shots.isEmpty() && random.nextInt(4) == 0) {
                some.add(new ShotCalled(shots.get(random.nextInt(shots.size())), Ruling.of(Outcome.NET)));
            } else {
                some.land(new Point(random.nextDouble() * 6 - 3, random.nextDouble() * 7));
                shots.add(some.lastId());
            }
        }
        List<Shot> before = some.replay().played().shots();
        int undone = 0;
        while (some.replay().outline().nextUndo().isPresent()) {
            some.add(new Undone(some.replay().outline().nextUndo().get()));
            undone++;
        }
        assertThat(undone).isEqualTo(15);
        assertThat(some.replay().played().shots()).isEmpty();
        while (some.replay().outline().nextRedo().isPresent()) {
            some.add(new Redone(some.replay().outline().nextRedo().get()));
        }
        assertThat(some.replay().played().shots()).isEqualTo(before);
    }

    private ChartedSet undo() {
        return tape.add(new Undone(tape.replay().outline().nextUndo().orElseThrow()))
                .replay();
    }

    private ChartedSet redo() {
        return tape.add(new Redone(tape.replay().outline().nextRedo().orElseThrow()))
                .replay();
    }

    private static LevelMoved up() {
        return new LevelMoved(new LevelMove(1, 2, LevelMove.By.RULE, false));
    }
}
