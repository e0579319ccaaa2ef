package bersaglio.core.goal;

import java.util.List;
import java.util.OptionalInt;

/** Hits are counted up to what is wanted, wherever the misses fall; what comes after that changes nothing. */
record HitCount(int hits, int wanted, boolean endsWhenMet) implements Play {

    @Override
    public Move after(Step step) {
        boolean hit = step instanceof Step.Ball ball && ball.hit();
        return Move.on(hit ? new HitCount(hits + 1, wanted, endsWhenMet) : this, hit);
    }

    @Override
    public Play counting(int part, int count) {
        return new HitCount(count, wanted, endsWhenMet);
    }

    @Override
    public OptionalInt hitsWanted() {
        return hits == 0 ? OptionalInt.of(wanted) : OptionalInt.empty();
    }

    @Override
    public List<Integer> state() {
        return List.of(hits);
    }

    @Override
    public Standing standing(int left) {
        if (hits >= wanted) {
            return Standing.MET;
        }
        return left < wanted - hits ? Standing.OUT_OF_REACH : Standing.OPEN;
    }

    @Override
    public boolean over() {
        return endsWhenMet && hits >= wanted;
    }

    @Override
    public Progress progress(int left) {
        return Progress.of(hits, wanted, left == NO_END ? Math.max(hits, wanted) : hits + left);
    }
}
