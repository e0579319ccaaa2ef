package bersaglio.core.goal;

import bersaglio.core.format.Kind;
import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.OptionalInt;

/**
 * Every zone at least so many times.
 *
 * @param zones how many, 2 to 9, numbered from 1
 * @param times each, 1 to 50
 * @param balls at most; 0 for no end
 */
@Kind("COVER")
public record Cover(int zones, int times, @Usually("0") int balls) implements Goal {

    public Cover {
        Check.requireBetween("zones", zones, 2, 9);
        Check.requireBetween("times", times, 1, 50);
        Goals.requireBallsFor(balls, zones * times);
    }

    /** Its words after {@code cover}. */
    static Cover read(Reader from) {
        int zones = from.counted("zone", "zones");
        int times = from.counted("time", "times");
        from.needs("each");
        return new Cover(zones, times, GoalWords.within(from));
    }

    @Override
    public void write(Sentence to) {
        to.say("cover").counted(zones, "zone", "zones");
        GoalWords.within(to.counted(times, "time", "times").say("each"), balls);
    }

    @Override
    public Readout readout() {
        return Readout.OF_WANTED;
    }

    @Override
    public Play play(Start start) {
        return new Covered(this, Counts.zeros(zones));
    }

    @Override
    public int mostBalls() {
        return Goals.orNoEnd(balls);
    }

    /** @param counts of each zone, up to what is wanted */
    record Covered(Cover goal, Counts counts) implements Play {

        @Override
        public Move after(Step step) {
            boolean hit = step instanceof Step.Ball ball && ball.hit() && ball.zone() >= 1 && ball.zone() <= goal.zones;
            if (!hit) {
                return Move.on(this, false);
            }
            int place = ((Step.Ball) step).zone() - 1;
            return Move.on(counts.at(place) < goal.times ? new Covered(goal, counts.plusOne(place)) : this, true);
        }

        @Override
        public Play counting(int part, int count) {
            return part < goal.zones ? new Covered(goal, counts.with(part, Math.min(count, goal.times))) : this;
        }

        /** Who aims at what still wants a ball wastes no hit. */
        @Override
        public OptionalInt hitsWanted() {
            return covered() == 0 ? OptionalInt.of(wanted()) : OptionalInt.empty();
        }

        private int covered() {
            return counts.sum();
        }

        private int wanted() {
            return goal.zones * goal.times;
        }

        @Override
        public List<Integer> state() {
            return counts.numbers();
        }

        @Override
        public Standing standing(int left) {
            if (over()) {
                return Standing.MET;
            }
            return left < wanted() - covered() ? Standing.OUT_OF_REACH : Standing.OPEN;
        }

        @Override
        public boolean over() {
            return covered() >= wanted();
        }

        /** The first zone that still wants a ball is supposed to be aimed at. */
        @Override
        public Step next(boolean hit) {
            int zone = 0;
            while (zone < goal.zones - 1 && counts.at(zone) >= goal.times) {
                zone++;
            }
            return new Step.Ball(hit, 0, zone + 1, 0, 0);
        }

        @Override
        public int turn() {
            return ((Step.Ball) next(true)).zone() - 1;
        }

        @Override
        public Progress progress(int left) {
            return Progress.of(covered(), wanted(), left == NO_END ? wanted() : Math.min(wanted(), covered() + left))
                    .with(counts.measures());
        }
    }
}
