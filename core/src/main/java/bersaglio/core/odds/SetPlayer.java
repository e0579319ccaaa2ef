package bersaglio.core.odds;

import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Scoresheet;
import bersaglio.core.goal.Standing;

/** Plays sets of one goal ball by ball, over its states where there are not too many. */
public final class SetPlayer {

    /** Who hits. */
    @FunctionalInterface
    public interface Hitter {
        boolean hits();
    }

    /** Who looks on. */
    @FunctionalInterface
    public interface Onlooker {
        /** @return whether the set goes on */
        boolean sees(boolean hit);
    }

    private final Ahead ahead;
    private final States states;
    private final int cost;

    public SetPlayer(Ahead ahead) {
        this.ahead = ahead;
        this.states = States.of(ahead);
        this.cost = states.areTooMany() ? Math.max(1, ahead.play().state().size()) : 1;
    }

    /** How dear a ball is, by what a set has to remember. */
    public int cost() {
        return cost;
    }

    /** @return how it stood when it ended: when it was decided, or the onlooker had seen enough */
    public Standing play(Hitter hitter, Onlooker onlooker) {
        return states.areTooMany() ? byPlays(hitter, onlooker) : byStates(hitter, onlooker);
    }

    private Standing byStates(Hitter hitter, Onlooker onlooker) {
        int state = 0;
        for (int balls = 0; ; balls++) {
            int left = left(balls);
            boolean decided = !ahead.playsOn() && states.isDecided(state, left);
            if (decided || left <= 0 || states.isOver(state) || balls >= Scoresheet.LONGEST) {
                return states.play(state).standing(left);
            }
            boolean hit = hitter.hits();
            state = hit ? states.onHit(state) : states.onMiss(state);
            if (!onlooker.sees(hit)) {
                return states.play(state).standing(left(balls + 1));
            }
        }
    }

    private Standing byPlays(Hitter hitter, Onlooker onlooker) {
        Play play = ahead.play();
        for (int balls = 0; ; balls++) {
            int left = left(balls);
            Standing standing = play.standing(left);
            boolean decided = !ahead.playsOn() && standing != Standing.OPEN;
            if (decided || left <= 0 || play.over() || balls >= Scoresheet.LONGEST) {
                return standing;
            }
            boolean hit = hitter.hits();
            play = play.after(play.next(hit)).play();
            if (!onlooker.sees(hit)) {
                return play.standing(left(balls + 1));
            }
        }
    }

    private int left(int balls) {
        return ahead.balls() == Play.NO_END ? Play.NO_END : ahead.balls() - balls;
    }
}
