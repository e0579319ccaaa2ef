package bersaglio.core.odds;

import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Progress;
import bersaglio.core.goal.Standing;
import bersaglio.core.goal.Step;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How long a set takes where a ball takes its time, and setting up again after a broken attempt takes more: the set is followed
 * tick by tick, so that balls and breaks are taken together. What is left after very many ticks is a geometric tail.
 */
public final class SetTime {

    private static final int TICKS_A_BALL = 3;
    private static final int MOST_TICKS_A_BREAK = 300;
    private static final double HARDLY_ANY = 1e-5;
    private static final long MOST_WORK = 3_000_000;
    private static final int MOST_TICKS = 300_000;

    private final double tick;
    private final double[] beyond;
    private final int ticks;
    private final double factor;
    private final int block;

    private SetTime(double tick, double[] beyond, int ticks, double factor, int block) {
        this.tick = tick;
        this.beyond = beyond;
        this.ticks = ticks;
        this.factor = factor;
        this.block = block;
    }

    /** The chance that it takes at most so many seconds. */
    public double endsWithin(double seconds) {
        double at = Math.floor(seconds / tick + 1e-9);
        if (at < 0) {
            return 0;
        }
        if (at <= ticks) {
            return 1 - beyond[(int) at];
        }
        double blocks = Math.ceil((at - ticks) / block);
        return 1 - beyond[ticks - (int) Math.min(block, blocks * block - (at - ticks))] * Math.pow(factor, blocks);
    }

    /**
     * Of each of these players, by their rates at stations or by sides; the last one holds for all further.
     *
     * @return nothing where there are too many states to follow
     */
    public static List<SetTime> each(
            Ahead ahead, List<List<Double>> players, double secondsABall, double secondsAReset) {
        double tick = secondsABall / TICKS_A_BALL;
        int breakTicks = (int) Math.min(MOST_TICKS_A_BREAK, Math.round(secondsAReset / tick));
        Play play = ahead.balls() == Play.NO_END ? ahead.play() : new Limited(ahead.play(), ahead.balls());
        States states = States.of(new Ahead(play, Play.NO_END, false, ahead.memo()));
        if (states.areTooMany()) {
            return List.of();
        }
        List<SetTime> each = new ArrayList<>();
        for (List<Double> rates : players) {
            Walk walk = new Walk(states, rates, breakTicks);
            walk.follow();
            each.add(walk.time(tick));
        }
        return each;
    }

    /** A play that knows how many balls it has left: ticks do not tell. */
    private record Limited(Play play, int left) implements Play {

        @Override
        public Move after(Step step) {
            Move move = play.after(step);
            return new Move(new Limited(move.play(), left - 1), move.did());
        }

        @Override
        public List<Integer> state() {
            List<Integer> state = new ArrayList<>(play.state());
            state.add(left);
            return state;
        }

        @Override
        public Standing standing(int ignored) {
            return left == 0 && play.standing(0) == Standing.OPEN ? Standing.DONE : play.standing(left);
        }

        @Override
        public Progress progress(int ignored) {
            return play.progress(left);
        }

        @Override
        public boolean over() {
            return left == 0 || play.over();
        }

        @Override
        public int turn() {
            return play.turn();
        }

        @Override
        public Step next(boolean hit) {
            return play.next(hit);
        }
    }

    private static final class Walk {

        private final States states;
        private final List<Double> rates;
        private final int breakTicks;
        /** What comes to each state at each of the next ticks. */
        private final double[][] due;

        private double[] beyond = new double[512];
        private int ticks;
        private double open = 1;
        private long work;

        Walk(States states, List<Double> rates, int breakTicks) {
            this.states = states;
            this.rates = rates;
            this.breakTicks = breakTicks;
            this.due = new double[TICKS_A_BALL + breakTicks + 1][1];
            due[0][0] = 1;
        }

        void follow() {
            while (true) {
                double[] now = due[ticks % due.length];
                play(now);
                if (ticks + 1 >= beyond.length) {
                    beyond = Arrays.copyOf(beyond, 2 * beyond.length);
                }
                beyond[ticks] = Math.max(0, open);
                if (open < HARDLY_ANY || work > MOST_WORK && ticks > 2 * block() || ticks >= MOST_TICKS) {
                    return;
                }
                ticks++;
            }
        }

        private static int block() {
            return 60 * TICKS_A_BALL;
        }

        private void play(double[] now) {
            work += now.length + 1;
            for (int state = 0; state < now.length; state++) {
                double mass = now[state];
                now[state] = 0;
                if (mass > 0) {
                    if (isDecided(state)) {
                        open -= mass;
                    } else {
                        double rate = rates.get(Math.min(rates.size() - 1, states.turn(state)));
                        put(TICKS_A_BALL, states.onHit(state), mass * rate);
                        int missed = states.onMiss(state);
                        boolean again = states.breaksOnMiss(state) && !isDecided(missed);
                        put(TICKS_A_BALL + (again ? breakTicks : 0), missed, mass * (1 - rate));
                    }
                }
            }
        }

        private boolean isDecided(int state) {
            return states.isDecided(state, Play.NO_END);
        }

        private void put(int later, int state, double mass) {
            int at = (ticks + later) % due.length;
            if (state >= due[at].length) {
                due[at] = Arrays.copyOf(due[at], Math.max(state + 1, 2 * due[at].length));
            }
            due[at][state] += mass;
        }

        SetTime time(double tick) {
            int before = ticks - block();
            double factor =
                    open < HARDLY_ANY ? 0 : before < 0 || beyond[before] == 0 ? 1 : beyond[ticks] / beyond[before];
            return new SetTime(tick, beyond, ticks, factor, Math.min(block(), Math.max(1, ticks)));
        }
    }
}
