package bersaglio.core.goal;

import bersaglio.core.format.Kind;
import bersaglio.core.words.Sentence;
import java.util.List;

/** Done or not, as a warm-up is. */
@Kind("TICK")
public record Tick() implements Goal {

    @Override
    public void write(Sentence to) {
        to.say("done or not");
    }

    @Override
    public Readout readout() {
        return Readout.OF_WANTED;
    }

    @Override
    public boolean isDecidedByRate() {
        return false;
    }

    @Override
    public Play play(Start start) {
        return new Ticked();
    }

    @Override
    public int mostBalls() {
        return 1;
    }

    record Ticked() implements Play {

        @Override
        public Move after(Step step) {
            return Move.on(this, true);
        }

        @Override
        public List<Integer> state() {
            return List.of();
        }

        @Override
        public Standing standing(int left) {
            return left == 0 ? Standing.DONE : Standing.OPEN;
        }

        @Override
        public Progress progress(int left) {
            return Progress.of(left == 0 ? 1 : 0, 1, 1);
        }
    }
}
