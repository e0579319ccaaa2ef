package bersaglio.core.goal;

import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;

/**
 * One set as an advance rule sees it.
 *
 * @param trials   in order, {@code 1} for a hit and {@code 0} for any other
 * @param standing of its goal when it ended
 * @param score    what is kept as a best
 * @param heldAt   milliseconds since 1970
 */
public record Attempt(String trials, Standing standing, double score, long heldAt) {

    private static final double MOST = 1e12;

    public static final long DAY = 24L * 3600 * 1000;

    public Attempt {
        Check.requireBetween("score", score, -MOST, MOST);
        for (int i = 0; i < trials.length(); i++) {
            if (trials.charAt(i) != '0' && trials.charAt(i) != '1') {
                throw new Refused("bad_trials", "trials", trials, "only 0 and 1");
            }
        }
    }

    /** A set of these trials, all of them counted alike. */
    public static Attempt of(Goal goal, String trials) {
        Scoresheet course = new Scoresheet(goal, Start.FRESH);
        for (int i = 0; i < trials.length(); i++) {
            course.take(course.play().next(trials.charAt(i) == '1'));
        }
        return course.attempt(0);
    }

    /** A set in which every ball was a hit, and the goal met. */
    public static Attempt perfect(Goal goal, long heldAt) {
        double wanted = goal.play(Start.FRESH).progress(goal.mostBalls()).wanted();
        int balls = goal.playsOn() && goal.mostBalls() != Play.NO_END ? goal.mostBalls() : (int) Math.max(1, wanted);
        return new Attempt(
                "1".repeat(Math.min(balls, Goals.LONGEST_SET)), Standing.MET, Math.max(wanted, balls), heldAt);
    }

    public Tally tally() {
        int hits = 0;
        for (int i = 0; i < trials.length(); i++) {
            if (trials.charAt(i) == '1') {
                hits++;
            }
        }
        return new Tally(hits, trials.length());
    }

    public boolean isHit(int trial) {
        return trials.charAt(trial) == '1';
    }

    /** Days since 1970. */
    public long day() {
        return Math.floorDiv(heldAt, DAY);
    }

    public boolean isMet() {
        return standing == Standing.MET;
    }
}
