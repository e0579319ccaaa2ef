package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.Samples;
import bersaglio.core.charting.SetEvent.ShotCalled;
import bersaglio.core.charting.SharedEvent.LevelMoved;
import bersaglio.core.charting.SharedEvent.PenTaken;
import bersaglio.core.charting.SharedEvent.Undone;
import bersaglio.core.drill.Drills;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import bersaglio.core.shot.Shot;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** That it says the same as the whole is shown by every {@link Tape}; here is what else it owes. */
class LiveSetTest {

    private static final Drills DRILLS = id -> Optional.of(Samples.drill());

    private final Tape tape = Tape.of("r1", "nora", Hand.RIGHT, 1);
    private final LiveSet live = new LiveSet(DRILLS);

    private ChartedSet now() {
        return live.after(tape.events());
    }

    private ChartedSet whole() {
        return SetChart.replay(DRILLS, tape.events());
    }

    private static Shot first(ChartedSet set) {
        return set.played().shots().get(0);
    }

    @Test
    void whatWasJudgedIsNotJudgedAgainForWhatOnlyAdds() {
        now();
        tape.land(Tape.IN_ZONE);
        Shot landed = first(now());
        tape.land(Tape.SHORT_OF_ZONE);
        assertThat(first(now())).isSameAs(landed);
        tape.key(Outcome.NET);
        assertThat(first(now())).isSameAs(landed);
        tape.add(new ShotCalled(tape.last(), Ruling.HIT));
        assertThat(first(now())).isNotSameAs(landed).isEqualTo(landed);
        assertThat(now()).isEqualTo(whole());
    }

    @Test
    void whatWasSaidOfASetStaysAsItWasWhenTheSetGoesOn() {
        tape.row("10");
        ChartedSet before = now();
        ChartedSet asItWas = whole();
        tape.land(Tape.IN_ZONE);
        now();
        assertThat(before).isEqualTo(asItWas);
    }

    @Test
    void severalAtOnceAreTakenAndNoneIsLost() {
        tape.row("1");
        now();
        tape.row("011");
        assertThat(now()).isEqualTo(whole());
        assertThat(now().played().shots()).hasSize(4);
    }

    @Test
    void anEntryThatWasTakenBackBeforeItCameDoesNotStand() {
        tape.row("1");
        now();
        tape.add(new Undone("r1-4"));
        now();
        tape.land(Tape.IN_ZONE);
        assertThat(now().played().shots()).hasSize(1);
        assertThat(now()).isEqualTo(whole());
    }

    @Test
    void whatAnOlderPenStillSendsIsAClaimAndNoShot() {
        tape.row("1");
        tape.writingWithPen(2).add(new PenTaken(2, "r1-2"));
        now();
        tape.writingWithPen(1).land(Tape.IN_ZONE);
        assertThat(now().played().shots()).hasSize(1);
        assertThat(now().outline().claims()).isOne();
    }

    @Test
    void afterOneThatIsRefusedItGoesOnWithoutIt() {
        tape.row("1");
        now();
        List<ChartEvent> good = List.copyOf(tape.events());
        tape.add(new LevelMoved(new LevelMove(1, 50, LevelMove.By.COACH, false)));
        assertThatThrownBy(this::now).isInstanceOf(Refused.class);
        assertThat(live.after(good)).isEqualTo(SetChart.replay(DRILLS, good));
    }
}
