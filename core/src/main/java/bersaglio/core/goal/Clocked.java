package bersaglio.core.goal;

import bersaglio.core.goal.Progress.Running;
import java.util.ArrayList;
import java.util.List;

/**
 * Hits within rounds by the clock.
 *
 * @param round   rounds begun
 * @param sides   the count of each, where they play against each other
 * @param started when the round that runs began, {@link #RESTING} while none does
 */
record Clocked(List<Leg> legs, int wanted, Signal signal, int hits, int round, long started, Counts sides)
        implements Play {

    static final long RESTING = Running.NEVER;
    private static final long IN_THE_AIR = 2000;

    /** @param sides 1 where nobody plays against anybody */
    static Clocked of(List<Leg> legs, int wanted, Signal signal, int sides) {
        return new Clocked(legs, wanted, signal, 0, 0, RESTING, Counts.zeros(sides > 1 ? sides : 0));
    }

    /** From the first start to the last ball that counts. */
    static double seconds(double played, int legs, int rest, Signal signal) {
        double inTheAir = signal == Signal.COUNTS ? legs * IN_THE_AIR / 1000.0 : 0;
        return played + (legs - 1) * rest + inTheAir;
    }

    /** A round, or a station of a circuit. */
    record Leg(String name, int zone, int seconds) {}

    @Override
    public Move after(Step step) {
        if (step instanceof Step.Started) {
            return Move.noTrial(round < legs.size() ? with(hits, round + 1, step.at(), sides) : this);
        } else if (step instanceof Step.Stopped) {
            return Move.noTrial(resting());
        } else if (step instanceof Step.Ball ball && isRunning(ball.at()) && isThere(ball.team())) {
            boolean hit = ball.hit() && (leg().zone() == 0 || ball.zone() == 0 || ball.zone() == leg().zone());
            return Move.on(hit ? with(hits + 1, round, started, scored(ball.team())) : this, hit);
        }
        return Move.noTrial(this);
    }

    @Override
    public Play counting(int part, int count) {
        if (isAlone()) {
            return with(count, round, started, sides);
        }
        Counts counts = isThere(part) ? sides.with(part, count) : sides;
        return with(counts.sum(), round, started, counts);
    }

    private Clocked with(int hitsNow, int roundNow, long startedAt, Counts counts) {
        return new Clocked(legs, wanted, signal, hitsNow, roundNow, startedAt, counts);
    }

    private boolean isAlone() {
        return sides.places() == 0;
    }

    private boolean isThere(int side) {
        return isAlone() || sides.has(side);
    }

    private Counts scored(int side) {
        return isAlone() ? sides : sides.plusOne(side);
    }

    /** Once the last signal is over, the side that has more than each other. */
    private int winner() {
        boolean one = over() && !isAlone() && sides.leadOf(sides.leader()) > 0;
        return one ? sides.leader() : Progress.NOBODY;
    }

    private Leg leg() {
        return legs.get(Math.max(0, round - 1));
    }

    private boolean isRunning(long at) {
        return started != RESTING && at <= running().until();
    }

    private Running running() {
        if (started == RESTING) {
            return Running.NONE;
        }
        long sounds = started + leg().seconds() * 1000L;
        return new Running(started, sounds, sounds + (signal == Signal.COUNTS ? IN_THE_AIR : 0));
    }

    private Clocked resting() {
        return with(hits, round, RESTING, sides);
    }

    @Override
    public List<Integer> state() {
        List<Integer> state = new ArrayList<>(List.of(hits, round));
        state.addAll(sides.numbers());
        return state;
    }

    @Override
    public Standing standing(int left) {
        if (wanted > 0 && hits >= wanted) {
            return Standing.MET;
        }
        if (!over()) {
            return Standing.OPEN;
        }
        return wanted > 0 ? Standing.OUT_OF_REACH : Standing.DONE;
    }

    @Override
    public boolean over() {
        return round == legs.size() && started == RESTING;
    }

    @Override
    public Progress progress(int left) {
        return Progress.of(hits, wanted, Math.max(hits, wanted))
                .at(Math.max(0, round - 1), legs.size(), round, 0)
                .with(sides.measures())
                .wonBy(winner())
                .by(running());
    }
}
