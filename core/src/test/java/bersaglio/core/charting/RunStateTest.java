package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.charting.SharedEvent.LevelMoved;
import bersaglio.core.charting.SharedEvent.PenTaken;
import bersaglio.core.charting.SharedEvent.Redone;
import bersaglio.core.charting.SharedEvent.SetClosed;
import bersaglio.core.charting.SharedEvent.SetPaused;
import bersaglio.core.charting.SharedEvent.SetReopened;
import bersaglio.core.charting.SharedEvent.SetRestored;
import bersaglio.core.charting.SharedEvent.SetResumed;
import bersaglio.core.charting.SharedEvent.SetStruck;
import bersaglio.core.charting.SharedEvent.Undone;
import bersaglio.core.drill.Advice;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What all charts share, with a kind of chart that nothing but this test knows. */
class RunStateTest {

    private sealed interface Beat extends EventBody {}

    private record Beaten(String name) implements Beat {
        @Override
        public boolean canBeUndone() {
            return true;
        }
    }

    /** Said once, and never taken back. */
    private record Begun() implements Beat {}

    private static final class Beats implements RunState.Chart {
        private final RunState run;
        private final List<String> heard = new ArrayList<>();

        Beats(RunState run) {
            this.run = run;
        }

        @Override
        public void take(ChartEvent event) {
            if (event.what() instanceof Beaten beaten && !run.closed()) {
                heard.add(beaten.name() + "@" + run.active(event.at()));
            } else if (event.what() instanceof Begun) {
                heard.add("begun");
            }
        }
    }

    private final List<ChartEvent> events = new ArrayList<>();
    private int pen = 1;

    private RunStateTest then(EventBody... all) {
        for (EventBody what : all) {
            int seq = events.size() + 1;
            events.add(new ChartEvent("e" + seq, "s1", "r1", pen, "d1", seq, seq * 1000L, 0, what));
        }
        return this;
    }

    private Beats beats() {
        return RunState.chart(events, Beats::new);
    }

    private static final Said SAID = new Said(Advice.Call.STAY, "one_met.unmet", List.of(), 1);

    @Test
    void entriesThatWereTakenBackAreNotHeardUntilTheyAreBroughtBack() {
        then(new Begun(), new Beaten("a"), new Beaten("b"), new Undone("e3"));
        assertThat(beats().heard).containsExactly("begun", "a@2000");
        assertThat(beats().run.nextUndo()).contains("e2");
        assertThat(beats().run.nextRedo()).contains("e3");
        then(new Redone("e3"));
        assertThat(beats().heard).containsExactly("begun", "a@2000", "b@3000");
        assertThat(beats().run.nextRedo()).isEmpty();
    }

    @Test
    void undoOfWhatHasNotArrivedWaitsForItAndWhatIsNoEntryStands() {
        then(new Undone("e3"), new Undone("e4"), new Beaten("a"), new Begun());
        assertThat(beats().heard).containsExactly("begun");
    }

    @Test
    void whatAnOlderPenStillWritesIsCountedAndNotHeard() {
        then(new Beaten("a"), new PenTaken(2, "e1"), new Beaten("late"));
        pen = 2;
        then(new Beaten("b"));
        assertThat(beats().heard).containsExactly("a@1000", "b@4000");
        assertThat(beats().run.claims()).isEqualTo(1);
        assertThat(beats().run.pen()).isEqualTo(2);
    }

    @Test
    void pausesAreNobodysTime() {
        then(new Beaten("a"), new SetPaused(), new SetResumed(), new Beaten("b"), new SetPaused());
        assertThat(beats().heard).containsExactly("a@1000", "b@3000");
        assertThat(beats().run.paused()).isEqualTo(new Clock.Paused(1000, 5000));
    }

    @Test
    void whatWasDecidedStandsUntilWhatItRestsOnChanges() {
        LevelMove up = new LevelMove(1, 2, LevelMove.By.RULE, false);
        then(new SetClosed(SAID), new LevelMoved(up), new Beaten("after"));
        assertThat(beats().run.closed()).isTrue();
        assertThat(beats().run.said()).contains(SAID);
        assertThat(beats().run.move()).contains(up);
        assertThat(beats().heard).isEmpty();
        then(new SetReopened());
        assertThat(beats().run.closed()).isFalse();
        assertThat(beats().run.move()).isEmpty();
        then(new LevelMoved(up), new SetStruck());
        assertThat(beats().run.struck()).isTrue();
        assertThat(beats().run.move()).isEmpty();
        then(new SetRestored());
        assertThat(beats().run.struck()).isFalse();
    }
}
