package bersaglio.core.goal;

import java.util.List;

/**
 * Hits within rounds by the clock.
 *
 * @param round   rounds begun
 * @param started when the round that runs began, {@link #RESTING} while none does
 */
record Clocked(List<Leg> legs, int wanted, Signal signal, int hits, int round, long started) implements Play {

    static final long RESTING = -1;
    private static final long IN_THE_AIR = 2000;

    /** A round, or a station of a circuit. */
    record Leg(String name, int zone, int seconds) {}

    @Override
    public Move after(Step step) {
        if (step instanceof Step.Started) {
            return Move.noTrial(
                    round < legs.size() ? new Clocked(legs, wanted, signal, hits, round + 1, step.at()) : this);
        } else if (step instanceof Step.Stopped) {
            return Move.noTrial(resting());
        } else if (step instanceof Step.Ball ball && isRunning(ball.at())) {
            boolean hit = ball.hit() && (leg().zone() == 0 || ball.zone() == 0 || ball.zone() == leg().zone());
            return Move.on(hit ? new Clocked(legs, wanted, signal, hits + 1, round, started) : this, hit);
        }
        return Move.noTrial(this);
    }

    private Leg leg() {
        return legs.get(Math.max(0, round - 1));
    }

    private boolean isRunning(long at) {
        long end = started + leg().seconds() * 1000L + (signal == Signal.COUNTS ? IN_THE_AIR : 0);
        return started != RESTING && at <= end;
    }

    private Clocked resting() {
        return new Clocked(legs, wanted, signal, hits, round, RESTING);
    }

    @Override
    public List<Integer> state() {
        return List.of(hits, round);
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
        return Progress.of(hits, wanted, Math.max(hits, wanted)).at(Math.max(0, round - 1), legs.size(), 0, 0);
    }
}
