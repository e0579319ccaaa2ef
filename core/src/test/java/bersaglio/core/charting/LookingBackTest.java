package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.Samples;
import bersaglio.core.charting.SetEvent.SetMoved;
import bersaglio.core.charting.SetEvent.ShotCalled;
import bersaglio.core.charting.SharedEvent.CountSet;
import bersaglio.core.charting.SharedEvent.SetStruck;
import bersaglio.core.drill.Design;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Tally;
import bersaglio.core.plan.Amends;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** What sets say together, after they were held. */
class LookingBackTest {

    private final List<Tape> tapes = new ArrayList<>();

    private Tape tape(String trials) {
        Tape tape = Tape.of("r" + (tapes.size() + 1), "nora", Hand.RIGHT, 1).row(trials);
        tapes.add(tape);
        return tape;
    }

    private List<SetResult> results() {
        return tapes.stream().map(tape -> tape.replay().asResult()).toList();
    }

    @Test
    void aSessionTellsWhatWasPutRightAndWhatNobodySaw() {
        Tape first = tape("1101");
        first.add(new ShotCalled(first.idOf(2), Ruling.of(Outcome.HIT)))
                .key(Outcome.NOT_SEEN)
                .key(Outcome.NOT_SEEN)
                .close();
        tape("10").add(new CountSet(0, 4, OptionalInt.of(6), List.of())).close();
        tape("1").close().add(new SetMoved("elio", Hand.RIGHT, 1, 9_000_000));
        tape("1").close().add(new SetStruck());
        assertThat(Amends.of(results())).isEqualTo(new Amends(2, 2, 0, 1, 1));
        assertThat(Amends.of(List.of())).isEqualTo(new Amends(0, 0, 0, 0, 0));
    }

    @Test
    void aWatchPointIsJudgedOnlyWhereItWasLookedAt() {
        List<NotedShots> shots = List.of(
                new NotedShots(List.of(Note.WATCH_KEPT), new Tally(1, 2)),
                new NotedShots(List.of(Note.WATCH_KEPT, Note.MARKED), new Tally(1, 1)),
                new NotedShots(List.of(Note.WATCH_KEPT), new Tally(0, 1)),
                new NotedShots(List.of(Note.WATCH_LOST), new Tally(0, 1)),
                new NotedShots(List.of(Note.NET_CLIP), new Tally(1, 1)));
        assertThat(WatchPoint.of(shots)).isEqualTo(new WatchPoint(new Tally(4, 5), new Tally(2, 4), new Tally(0, 1)));
        assertThat(WatchPoint.of(List.of())).isEqualTo(new WatchPoint(Tally.NONE, Tally.NONE, Tally.NONE));
    }

    @Test
    void netClipsCanBeLeftOutOfARate() {
        tape("1110").close();
        LevelRate rate = new Ledger(Samples.drill(), results()).rates().get(0);
        Tally clips = NotedShots.netClips(List.of(
                new NotedShots(List.of(Note.NET_CLIP, Note.MARKED), new Tally(1, 1)),
                new NotedShots(List.of(Note.MARKED), new Tally(1, 1))));
        assertThat(clips).isEqualTo(new Tally(1, 1));
        LevelRate clean = rate.without(clips).orElseThrow();
        assertThat(clean.tally()).isEqualTo(new Tally(2, 3));
        assertThat(clean.share()).isCloseTo(2.0 / 3, within(1e-12));
        assertThat(clean.lower()).isLessThan(rate.lower());
        assertThat(rate.without(new Tally(3, 4))).as("no trial is left").isEmpty();
        assertThat(rate.without(new Tally(0, 2))).as("more misses than it has").isEmpty();
    }

    @Test
    void whereAttemptsBrokeIsCountedOverTheSetsOfALevel() {
        Level level = new Level(1, Samples.TARGET, 0, new Run(4), 3, OptionalDouble.empty(), new OneMetQuota());
        Drill drill = new Drill("run-v1", "run", 1, "Run", "", Freedom.FED, Design.PLAIN, List.of(level));
        List<SetResult> sets = new ArrayList<>();
        for (String trials : List.of("110101111", "1101111")) {
            Tape tape = Tape.of(drill, "r" + (sets.size() + 1), "nora", Hand.RIGHT, 1)
                    .row(trials)
                    .close();
            sets.add(tape.replay().asResult());
        }
        assertThat(new Ledger(drill, sets).broke(1)).isEqualTo(Map.of(1, 1, 2, 2));
        assertThat(new Ledger(drill, sets).broke(2)).isEmpty();
    }

    @Test
    void aPlayersWorkIsWhatThePlayerHitWithTheRateOfTheOwnSets() {
        tape("1100").close();
        tape("11").close().add(new SetStruck());
        Workload work = Workload.of("nora", List.of(new Volume("nora", 4), new Volume("elio", 3)), results());
        assertThat(work).isEqualTo(new Workload(4, new Tally(2, 4)));
        assertThat(Workload.of("elio", List.of(new Volume("elio", 3)), results()))
                .isEqualTo(new Workload(3, Tally.NONE));
    }
}
