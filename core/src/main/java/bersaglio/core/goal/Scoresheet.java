package bersaglio.core.goal;

import java.util.ArrayList;
import java.util.List;

/** A set as it is followed step by step; what comes after its end is kept elsewhere and does not count. */
public final class Scoresheet {

    /** Trials after which any set is over, whatever its goal. */
    public static final int LONGEST = Goals.LONGEST_SET;

    private final Goal goal;
    /** The player's own; what other sides hit says nothing of the player. */
    private final StringBuilder trials = new StringBuilder();

    private final List<Integer> brokeAt = new ArrayList<>();
    private Play play;
    private int paid;
    private int balls;
    /** Trials of all sides. */
    private int counted;

    public Scoresheet(Goal goal, Start start) {
        this.goal = goal;
        this.play = goal.play(start);
    }

    /** @return whether it belongs to the set */
    public boolean take(Step step) {
        if (step instanceof Step.Paid payment) {
            paid += payment.count();
            return true;
        }
        if (step instanceof Step.CountIs said) {
            play = play.counting(said.part(), said.count());
            balls = Math.max(said.balls().orElse(balls), goal.fewestBallsFor(said.count()));
            return true;
        }
        if (isFull()) {
            return false;
        }
        int before = (int) progress().done();
        Play.Move move = play.after(step);
        play = move.play();
        if (move.did() == Play.Did.NO_TRIAL) {
            return false;
        }
        if (step.team() == Step.THE_PLAYERS) {
            trials.append(move.did() == Play.Did.HIT ? '1' : '0');
        }
        if (move.did() == Play.Did.BREAK) {
            brokeAt.add(before);
        }
        balls++;
        counted++;
        return true;
    }

    public Goal goal() {
        return goal;
    }

    /** Whether nothing more counts. */
    public boolean isFull() {
        return play.over() || left() == 0 || counted >= LONGEST || standing() == Standing.MET && !goal.playsOn();
    }

    public int left() {
        return goal.mostBalls() == Play.NO_END ? Play.NO_END : Math.max(0, goal.mostBalls() - balls);
    }

    /** Balls used up, by trials or as the coach said. */
    public int balls() {
        return balls;
    }

    public Standing standing() {
        return play.standing(left());
    }

    public Progress progress() {
        return play.progress(left());
    }

    /** The count at which each attempt broke. */
    public List<Integer> brokeAt() {
        return List.copyOf(brokeAt);
    }

    /** What the misses still owe. */
    public int owed() {
        int misses = 0;
        for (int i = 0; i < trials.length(); i++) {
            misses += trials.charAt(i) == '0' ? 1 : 0;
        }
        return Math.max(0, misses * goal.misses().owes() - paid);
    }

    public Attempt attempt(long heldAt) {
        return new Attempt(trials.toString(), standing(), progress().score(), heldAt);
    }

    /** Where it stands, for the odds from here. */
    public Play play() {
        return play;
    }
}
