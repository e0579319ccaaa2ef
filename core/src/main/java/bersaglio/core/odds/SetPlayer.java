package bersaglio.core.odds;

import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.Course;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Standing;

/** Plays sets of one goal ball by ball, over the states that it has met so far. It is used by one only. */
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
        this.states = new States(ahead.play());
        this.cost = Math.max(1, ahead.play().state().size());
    }

    /** How dear a ball is, by what a set has to remember. */
    public int cost() {
        return cost;
    }

    /** @return how it stood when it ended: when it was decided, or the onlooker had seen enough */
    public Standing play(Hitter hitter, Onlooker onlooker) {
        int state = 0;
        Play play = ahead.play();
        boolean known = !states.areTooMany() && !States.areKnownToBeTooMany(play);
        for (int balls = 0; ; balls++) {
            int left = ahead.balls() == Play.NO_END ? Play.NO_END : ahead.balls() - balls;
            Standing standing = known && left == Play.NO_END ? states.endless(state) : play.standing(left);
            boolean decided = standing != Standing.OPEN && !ahead.playsOn();
            if (decided || left <= 0 || play.over() || balls >= Course.LONGEST) {
                return standing;
            }
            boolean hit = hitter.hits();
            if (known) {
                states.explore(state);
                state = hit ? states.onHit(state) : states.onMiss(state);
                play = states.play(state);
                known = !states.areTooMany();
            } else {
                play = play.after(play.next(hit)).play();
            }
            if (!onlooker.sees(hit)) {
                return play.standing(left == Play.NO_END ? left : left - 1);
            }
        }
    }
}
