package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.Samples;
import bersaglio.core.charting.SetEvent.HitsCounted;
import bersaglio.core.charting.SetEvent.SetMoved;
import bersaglio.core.charting.SetEvent.SetOpened;
import bersaglio.core.charting.SetEvent.ShotGiven;
import bersaglio.core.charting.SetEvent.ShotKeyed;
import bersaglio.core.charting.SetEvent.ShotLanded;
import bersaglio.core.charting.SetEvent.ValueTaken;
import bersaglio.core.charting.SharedEvent.CountSet;
import bersaglio.core.charting.SharedEvent.SetPaused;
import bersaglio.core.charting.SharedEvent.SetResumed;
import bersaglio.core.charting.SharedEvent.ShotNoted;
import bersaglio.core.charting.SharedEvent.Undone;
import bersaglio.core.court.Side;
import bersaglio.core.court.Standpoint;
import bersaglio.core.drill.Design;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.goal.Duel;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Rally;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Standing;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Grain;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import bersaglio.core.shot.Shot;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;

/** What a coach with full hands enters besides landings. */
class CourtsideEntriesTest {

    private static Tape tape(Goal goal, String... partners) {
        Level level = new Level(1, Samples.TARGET, 0, goal, 3, OptionalDouble.empty(), new OneMetQuota());
        Drill drill = new Drill("any-v1", "any", 1, "Any", "", Freedom.FED, Design.PLAIN, List.of(level));
        SetOpened opened = new SetOpened("nora", Hand.RIGHT, drill.id(), 1, Standpoint.BEHIND);
        return Tape.opening(
                drill, opened.with(new Occasion(List.of(partners), Optional.empty(), OptionalLong.empty())), "r1");
    }

    @Test
    void eachTrialKeepsHowFinelyItWasCharted() {
        ChartedSet set = tape(new Quota(3, 12))
                .row("1")
                .add(new ShotKeyed(new Ruling(Outcome.HIT, Side.NONE, 1), Caller.COACH))
                .key(Outcome.NOT_HIT)
                .add(new HitsCounted(1, 2, Caller.COACH, 0))
                .replay();
        assertThat(set.played().shots())
                .extracting(shot -> shot.seen().grain())
                .containsExactly(Grain.LANDING, Grain.ZONE, Grain.HIT_OR_MISS, Grain.COUNT_ONLY, Grain.COUNT_ONLY);
        assertThat(set.attempt().trials()).isEqualTo("11001");
        assertThat(set.standing()).isEqualTo(Standing.MET);
    }

    @Test
    void aNumberOfHitsWithoutAnOrderIsSpreadEvenly() {
        assertThat(tape(new Quota(8, 12))
                        .add(new HitsCounted(3, 7, Caller.HITTER, 0))
                        .replay()
                        .attempt()
                        .trials())
                .isEqualTo("0010101");
    }

    /** Nine of twelve says nothing of a run of five: it is kept, and counts for nothing. */
    @Test
    void whereTheOrderMattersANumberOfHitsDoesNotCount() {
        ChartedSet set =
                tape(new Run(5)).add(new HitsCounted(9, 12, Caller.COACH, 0)).replay();
        assertThat(set.attempt().trials()).isEmpty();
        assertThat(set.played().shots()).hasSize(12).noneMatch(shot -> shot.judged()
                .counted());
    }

    @Test
    void aCountedRowGoesBackAsOneEntry() {
        Tape tape = tape(new Quota(3, 4)).add(new HitsCounted(2, 4, Caller.COACH, 0));
        assertThat(tape.replay().attempt().trials()).hasSize(4);
        assertThat(tape.add(new Undone(tape.lastId())).replay().played().shots())
                .isEmpty();
    }

    @Test
    void aCountThatIsDisputedKeepsEachClaimAndTheOneAccepted() {
        ChartedSet set = tape(new Duel(7, 1, List.of(0, 0)), "livia")
                .add(new CountSet(1, 4, OptionalInt.empty(), List.of(3, 5)))
                .replay();
        assertThat(set.outline().countsSaid()).containsExactly(new CountSaid(1, 4, List.of(3, 5)));
        assertThat(set.played().count().progress().parts()).containsExactly(0.0, 4.0);
        assertThat(set.attempt().trials()).isEmpty();
        assertThat(set.corrected()).isEqualTo(1);
    }

    @Test
    void notesComeAndGoAndAWatchPointIsKeptOrLost() {
        Tape tape = tape(new Quota(3, 4)).row("1");
        String shot = tape.lastId();
        tape.add(new ShotNoted(shot, Note.NET_CLIP, true))
                .add(new ShotNoted(shot, Note.WATCH_LOST, true))
                .add(new ShotNoted(shot, Note.WATCH_KEPT, true));
        assertThat(tape.replay().played().shots().get(0).notes()).containsExactly(Note.NET_CLIP, Note.WATCH_KEPT);
        tape.add(new ShotNoted(shot, Note.NET_CLIP, false));
        assertThat(tape.replay().played().shots().get(0).notes()).containsExactly(Note.WATCH_KEPT);
        tape.add(new Undone(tape.lastId()));
        assertThat(tape.replay().played().shots().get(0).notes()).containsExactly(Note.NET_CLIP, Note.WATCH_KEPT);
        assertThat(tape.add(new ShotNoted("nothing", Note.MARKED, true))
                        .replay()
                        .played()
                        .shots())
                .hasSize(1);
    }

    @Test
    void aShotThatWasAnothersIsVoidHereAndComesBackWithUndo() {
        Tape tape = tape(new Quota(3, 4)).row("11");
        tape.add(new ShotGiven(tape.lastId(), "livia"));
        ChartedSet given = tape.replay();
        assertThat(given.attempt().trials()).isEqualTo("1");
        assertThat(given.played().shots().get(1))
                .returns(Optional.of("livia"), Shot::givenTo)
                .returns(Outcome.VOID, shot -> shot.ruling().outcome());
        assertThat(tape.add(new Undone(tape.lastId())).replay().attempt().trials())
                .isEqualTo("11");
    }

    @Test
    void aSetFromPaperIsHeldOnItsRealDate() {
        SetOpened opened = new SetOpened("nora", Hand.RIGHT, Samples.drill().id(), 1, Standpoint.BEHIND)
                .with(new Occasion(List.of(), Optional.empty(), OptionalLong.of(86_400_000L)));
        ChartedSet set = Tape.opening(opened, "r5").row("1").close().replay();
        assertThat(set.origin().heldAt()).isEqualTo(86_400_000L);
        assertThat(set.asResult().details())
                .returns(true, SetDetails::enteredLater)
                .returns(false, SetDetails::moved);
    }

    @Test
    void aMovedSetSaysSo() {
        ChartedSet set = tape(new Quota(3, 4))
                .row("1")
                .add(new SetMoved("livia", Hand.RIGHT, 1, 5))
                .replay();
        assertThat(set.asResult().details().moved()).isTrue();
    }

    @Test
    void aPauseIsKnownWhileItLasts() {
        Tape tape = tape(new Quota(3, 4)).row("1").add(new SetPaused());
        assertThat(tape.replay().outline().paused()).isEqualTo(new Clock.Paused(0, 3000));
        assertThat(tape.add(new SetResumed()).replay().outline().paused()).isEqualTo(new Clock.Paused(1000, -1));
    }

    /** Nine and a void one between two: eight counted balls, four each. */
    @Test
    void aPairsBallsAreSplitBetweenTheTwo() {
        ChartedSet set = tape(new Quota(3, 12), "livia")
                .row("110110110")
                .key(Outcome.VOID)
                .replay();
        assertThat(set.volumes()).containsExactly(new Volume("nora", 5), new Volume("livia", 4));
    }

    @Test
    void sidesHaveTheBallsThatTheyPlayed() {
        ChartedSet set = tape(new Duel(7, 1, List.of(0, 0)), "livia")
                .add(new ShotKeyed(Ruling.of(Outcome.HIT), Caller.COACH, 1))
                .add(new ShotKeyed(Ruling.of(Outcome.NET), Caller.COACH, 0))
                .add(new ShotKeyed(Ruling.of(Outcome.NET), Caller.COACH, 1))
                .replay();
        assertThat(set.volumes()).containsExactly(new Volume("nora", 1), new Volume("livia", 2));
    }

    /** Rallies of 7 and 4 contacts: with the coach half are the player's, with a partner half each. */
    @Test
    void theContactsOfARallyAreShared() {
        Tape alone = tape(new Rally(6, 3, 0)).add(new ValueTaken(7, 0)).add(new ValueTaken(4, 0));
        assertThat(alone.replay().volumes()).containsExactly(new Volume("nora", 6));
        Tape pair = tape(new Rally(6, 3, 0), "livia").add(new ValueTaken(7, 0)).add(new ValueTaken(4, 0));
        assertThat(pair.replay().volumes()).containsExactly(new Volume("nora", 6), new Volume("livia", 5));
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> new HitsCounted(5, 4, Caller.COACH, 0)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new CountSet(0, 1, OptionalInt.empty(), List.of(-1)))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Occasion(List.of("a", "b", "c", "d"), Optional.empty(), OptionalLong.empty()))
                .isInstanceOf(Refused.class);
    }

    @Test
    void aLandingOfAnotherSideIsThatSidesShot() {
        ChartedSet set = tape(new Duel(2, 1, List.of(0, 0)), "livia")
                .add(new ShotLanded(List.of(Tape.IN_ZONE), Caller.COACH, 1))
                .add(new ShotLanded(List.of(Tape.SHORT_OF_ZONE), Caller.COACH, 0))
                .add(new ShotLanded(List.of(Tape.IN_ZONE), Caller.COACH, 1))
                .add(new ShotLanded(List.of(Tape.SHORT_OF_ZONE), Caller.COACH, 0))
                .replay();
        assertThat(set.played().count().progress().winner()).isEqualTo(1);
    }
}
