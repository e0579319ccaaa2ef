package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import bersaglio.core.charting.SetEvent.HitsCounted;
import bersaglio.core.charting.SetEvent.RallyEnded;
import bersaglio.core.charting.SetEvent.ScoringStarted;
import bersaglio.core.charting.SetEvent.SetOpened;
import bersaglio.core.charting.SetEvent.SetTurned;
import bersaglio.core.charting.SetEvent.ShotCalled;
import bersaglio.core.charting.SetEvent.ShotKeyed;
import bersaglio.core.charting.SetEvent.ShotLanded;
import bersaglio.core.charting.SetEvent.ShotStroked;
import bersaglio.core.charting.SetEvent.StepCalled;
import bersaglio.core.charting.SharedEvent.Redone;
import bersaglio.core.charting.SharedEvent.Undone;
import bersaglio.core.court.Point;
import bersaglio.core.court.Side;
import bersaglio.core.court.Standpoint;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.drill.Drill;
import bersaglio.core.goal.Standing;
import bersaglio.core.goal.Tally;
import bersaglio.core.pattern.Actor;
import bersaglio.core.pattern.Asked;
import bersaglio.core.pattern.Pass;
import bersaglio.core.pattern.Pass.Ended;
import bersaglio.core.pattern.StepCount;
import bersaglio.core.pattern.Way;
import bersaglio.core.rally.Ending;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Role;
import bersaglio.core.shot.Ruling;
import bersaglio.core.shot.Shot;
import bersaglio.core.shot.Struck;
import bersaglio.core.written.DrillText;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A set of a pattern, shot by shot. */
class PatternChartTest {

    private static final Point NET = new Point(0, 1);
    private static final Point LEFT = new Point(-2, 6);
    private static final Point RIGHT = new Point(2, 6);
    private static final Point MIDDLE = new Point(0, 4);

    private static final Drill DRILL = drill("passes", "then stop");

    private final Tape tape = Tape.of(DRILL, "r1", "nora", Hand.RIGHT, 1);

    private static Drill drill(String unit, String then) {
        return DrillText.read(
                """
                drill "Drop and clear" on badminton
                count %s
                level
                  target "Places" in use singles
                    zone 1 "net" from -2 m to 2 m across from 0 m to 2 m away
                    zone 2 "rear left" from -2.59 m to -1.5 m across from 5.5 m to 6.7 m away
                    zone 3 "rear right" from 1.5 m to 2.59 m across from 5.5 m to 6.7 m away
                  goal 2 hits of 3 balls
                  pattern
                    A drop to net
                    B lift to "rear left"
                    A clear to "rear left" or clear to "rear right"
                    %s
                """
                        .formatted(unit, then),
                Courts.all());
    }

    private PatternChartTest land(Point... places) {
        for (Point place : places) {
            tape.add(new ShotLanded(place, Caller.COACH));
        }
        return this;
    }

    private List<Ended> ends() {
        return tape.replay().played().passes().over().stream().map(Pass::ended).toList();
    }

    /** Without where they went. */
    private static List<StepCount> plain(List<StepCount> counts) {
        return counts.stream()
                .map(one -> new StepCount(one.step(), one.reached(), one.held()))
                .toList();
    }

    @Test
    void theSameGroundIsAHitOrNoneByTheStepThatItIsFor() {
        land(NET, RIGHT, RIGHT);
        assertThat(tape.replay().played().shots())
                .extracting(
                        shot -> shot.ruling().outcome(), shot -> shot.ruling().zone(), Shot::step)
                .containsExactly(tuple(Outcome.HIT, 1, 0), tuple(Outcome.HIT, 3, 2), tuple(Outcome.IN, 0, 0));
        assertThat(tape.replay().attempt().trials()).as("a pass is a trial").isEqualTo("10");
        assertThat(ends()).containsExactly(Ended.WHOLE, Ended.BROKEN);
    }

    @Test
    void passesThatOthersEndAreNoTrials() {
        land(NET);
        tape.add(new RallyEnded(Ending.error(Role.PARTNER, Outcome.NET, Side.NONE)));
        land(NET, LEFT);
        tape.add(new ShotKeyed(Ruling.of(Outcome.NOT_SEEN), Caller.COACH));
        land(NET, RIGHT);
        ChartedSet set = tape.replay();
        assertThat(set.attempt().trials()).isEqualTo("11");
        assertThat(set.standing()).isEqualTo(Standing.MET);
        assertThat(set.played().passes().byOthers()).isEqualTo(2);
        assertThat(plain(set.played().passes().counts()))
                .containsExactly(new StepCount(0, 3, 3), new StepCount(2, 2, 2));
        assertThat(set.notSeen()).isEqualTo(1);
    }

    @Test
    void ofADrillThatCountsBallsEachOwnShotIsATrial() {
        Tape balls = Tape.of(drill("balls", "then stop"), "r1", "nora", Hand.RIGHT, 1);
        balls.add(new ShotLanded(NET, Caller.COACH)).add(new ShotLanded(MIDDLE, Caller.COACH));
        assertThat(balls.replay().attempt().trials()).isEqualTo("10");
        assertThat(balls.replay().played().passes().broken()).isEqualTo(1);
    }

    @Test
    void undoRedoACallAndATurnWorkItOutAgain() {
        land(NET, MIDDLE);
        assertThat(ends()).containsExactly(Ended.BROKEN);
        String missed = tape.idOf(2);
        tape.add(new ShotCalled(missed, Ruling.hit(3)));
        assertThat(ends()).as("the call counts").containsExactly(Ended.WHOLE);
        tape.add(new Undone(tape.idOf(3)));
        assertThat(ends()).containsExactly(Ended.BROKEN);
        tape.add(new Undone(missed));
        assertThat(tape.replay().played().passes().over()).isEmpty();
        assertThat(tape.replay().played().passes().now()).hasSize(1);
        tape.add(new Redone(missed));
        assertThat(ends()).containsExactly(Ended.BROKEN);
        tape.add(new SetTurned());
        assertThat(plain(tape.replay().played().passes().counts())).isNotEqualTo(List.of(new StepCount(0, 1, 1)));
    }

    @Test
    void whatThePartnerHitsIsNoneOfThePlayersShots() {
        land(NET);
        tape.add(new ShotLanded(List.of(LEFT), Caller.COACH, 0, new Struck(Role.PARTNER, "")));
        land(LEFT);
        ChartedSet set = tape.replay();
        assertThat(set.attempt().trials()).isEqualTo("1");
        assertThat(set.played().shots().get(1).judged().counted()).isFalse();
        assertThat(set.played().shots().get(1).step()).isEqualTo(1);
        assertThat(set.volumes().get(0).balls()).isEqualTo(2);
        assertThat(set.played().rhythm()).as("one pass has no next").isEqualTo(Rhythm.NONE);
        land(NET, LEFT);
        assertThat(tape.replay().played().rhythm()).as("from pass to pass").isEqualTo(new Rhythm(1, 2000));
    }

    @Test
    void passesThatWereCountedAfterwardsAreTrialsOfWhichNoStepIsKnown() {
        for (int whole : new int[] {1, 0, 1}) {
            tape.add(new HitsCounted(whole, 1, Caller.COACH, 0));
        }
        ChartedSet set = tape.replay();
        assertThat(set.attempt().trials()).isEqualTo("101");
        assertThat(set.played().passes().over()).isEmpty();
        assertThat(set.standing()).isEqualTo(Standing.MET);
    }

    @Test
    void whatFindsTheRangeIsNoPass() {
        Drill ranging = drill("passes find range until the coach says", "then stop");
        Tape range = Tape.of(ranging, "r1", "nora", Hand.RIGHT, 1)
                .add(new ShotLanded(NET, Caller.COACH))
                .add(new RallyEnded(Ending.error(Role.PARTNER, Outcome.NET, Side.NONE)));
        assertThat(range.replay().played().passes().over()).isEmpty();
        assertThat(range.replay().played().passes().now()).isEmpty();
        range.add(new ScoringStarted()).add(new ShotLanded(NET, Caller.COACH));
        assertThat(plain(range.replay().played().passes().counts())).containsExactly(new StepCount(0, 1, 1));
    }

    @Test
    void eachShotKnowsTheOneBeforeIt() {
        land(NET, RIGHT, NET);
        tape.add(new RallyEnded(Ending.error(Role.PARTNER, Outcome.NET, Side.NONE)));
        land(NET);
        tape.add(new ShotLanded(List.of(LEFT), Caller.COACH, 0, new Struck(Role.PARTNER, "")));
        land(MIDDLE, NET);
        assertThat(tape.replay().played().shots())
                .extracting(shot -> shot.after().map(id -> tape.placeOf(id)).orElse(0))
                .containsExactly(0, 1, 0, 0, 5, 6, 0);
    }

    @Test
    void anotherStrokeThanTheOneAskedForHoldsNothing() {
        tape.add(new ShotLanded(List.of(NET), Caller.COACH, 0, new Struck(Role.PLAYER, "slice")));
        assertThat(tape.replay().attempt().trials()).isEqualTo("0");
        assertThat(tape.replay().played().passes().over().get(0).tries().get(0).stroke())
                .isEqualTo("slice");
    }

    @Test
    void theStrokeCanBeSaidAfterTheShot() {
        land(NET, RIGHT);
        assertThat(ends()).containsExactly(Ended.WHOLE);
        tape.add(new ShotStroked(tape.idOf(2), "smash"));
        assertThat(ends()).containsExactly(Ended.BROKEN);
        tape.add(new Undone(tape.idOf(3)));
        assertThat(ends()).containsExactly(Ended.WHOLE);
    }

    @Test
    void inThePartnersPlaceTheOtherStepsAreTheOwn() {
        SetOpened asB =
                new SetOpened("nora", Hand.RIGHT, DRILL.id(), 1, Standpoint.BEHIND).with(Occasion.ALONE.as(Actor.B));
        Tape other = Tape.opening(DRILL, asB, "r1").add(new ShotLanded(LEFT, Caller.COACH));
        assertThat(other.replay().attempt().trials()).isEqualTo("1");
        assertThat(plain(other.replay().played().passes().counts())).containsExactly(new StepCount(1, 1, 1));
    }

    @Test
    void openPlayIsNoTrialAndItsEndClosesThePoint() {
        Tape point = Tape.of(drill("passes", "then play"), "r1", "nora", Hand.RIGHT, 1);
        point.add(new ShotLanded(NET, Caller.COACH)).add(new ShotLanded(LEFT, Caller.COACH));
        assertThat(point.replay().played().passes().expected()).isEmpty();
        point.add(new ShotLanded(MIDDLE, Caller.COACH));
        assertThat(point.replay().attempt().trials()).isEqualTo("1");
        assertThat(point.replay().played().shots().get(2).judged().counted()).isFalse();
        point.add(new RallyEnded(Ending.error(Role.PARTNER, Outcome.LONG, Side.NONE)));
        assertThat(point.replay().played().passes().points()).hasSize(1);
        assertThat(point.replay().played().passes().expected()).containsExactly(0);
        assertThat(point.replay().attempt().trials()).isEqualTo("1");
    }

    @Test
    void ofTheWaysThatAStepLeavesOpenTheCalledOneCounts() {
        tape.add(new StepCalled(new Asked(2, new Way("clear", 3))));
        land(NET);
        assertThat(tape.replay().played().passes().asked())
                .as("called before its step was next")
                .isEmpty();
        tape.add(new StepCalled(new Asked(2, new Way("clear", 3))));
        assertThat(tape.replay().played().passes().asked()).contains(new Asked(2, new Way("clear", 3)));
        land(LEFT);
        assertThat(ends()).containsExactly(Ended.BROKEN);
        assertThat(tape.replay().played().shots().get(1).ruling().outcome()).isEqualTo(Outcome.IN);
        land(NET);
        assertThat(tape.replay().played().passes().asked()).isEmpty();
        tape.add(new StepCalled(new Asked(2, new Way("clear", 3))));
        land(RIGHT);
        String called = tape.last();
        assertThat(ends()).containsExactly(Ended.BROKEN, Ended.WHOLE);
        land(NET, RIGHT);
        assertThat(tape.replay().played().passes().counts().get(1).went())
                .as("what was called is no choice of the player's")
                .containsExactly(3);
        tape.add(new Undone(called));
        assertThat(tape.replay().played().passes().asked())
                .as("the shots after it are for other steps")
                .isEmpty();
    }

    @Test
    void aCallStandsWhenTheShotAfterItIsTakenBack() {
        land(NET);
        tape.add(new StepCalled(new Asked(2, new Way("clear", 3))));
        land(LEFT);
        tape.add(new Undone(tape.last()));
        assertThat(tape.replay().played().passes().asked()).isPresent();
        tape.add(new StepCalled(new Asked(2, new Way("smash", 3))));
        assertThat(tape.replay().played().passes().asked())
                .as("no way of this step")
                .isEmpty();
    }

    @Test
    void whoHitsNextIsKnownWhereBothSidesAreCharted() {
        assertThat(tape.replay().played().passes().due()).hasValue(0);
        land(NET);
        assertThat(tape.replay().played().passes().due()).hasValue(1);
        tape.add(new ShotLanded(List.of(LEFT), Caller.COACH, 0, new Struck(Role.PARTNER, "")));
        assertThat(tape.replay().played().passes().due()).hasValue(2);
    }

    @Test
    void anotherInThePatternHasAGoalOfTheirOwn() {
        Drill both = drill("passes", "then stop\n  for B goal 2 hits of 3 balls watch \"the racket up\"");
        Tape charted = Tape.of(both, "r1", "nora", Hand.RIGHT, 1);
        assertThat(charted.add(new ShotLanded(NET, Caller.COACH))
                        .replay()
                        .played()
                        .others())
                .isEmpty();
        for (Point lift : List.of(LEFT, MIDDLE, LEFT)) {
            charted.add(new ShotLanded(List.of(lift), Caller.COACH, 0, new Struck(Role.PARTNER, "")))
                    .add(new ShotLanded(RIGHT, Caller.COACH))
                    .add(new ShotLanded(NET, Caller.COACH));
        }
        RoleCount count = charted.replay().played().others().get(0);
        assertThat(count.by()).isEqualTo(Actor.B);
        assertThat(count.shots()).isEqualTo(new Tally(2, 3));
        assertThat(count.goal().orElseThrow().standing()).isEqualTo(Standing.MET);
        assertThat(charted.replay().attempt().trials())
                .as("none of the player's")
                .isEqualTo("111");
    }

    @Test
    void aCallComesSoLongBeforeTheNextShotAsThisSetGoes() {
        land(NET, RIGHT);
        assertThat(Prompting.callAfter(tape.replay(), 1000))
                .as("one gap is no pace")
                .isEqualTo(Prompting.USUAL - 1000);
        land(NET, RIGHT, NET, RIGHT);
        assertThat(Prompting.pace(tape.replay())).isEqualTo(Tape.GAP);
        assertThat(Prompting.callAfter(tape.replay(), 100)).isEqualTo(Tape.GAP - 100);
        assertThat(Prompting.callAfter(tape.replay(), 9000)).isZero();
    }
}
