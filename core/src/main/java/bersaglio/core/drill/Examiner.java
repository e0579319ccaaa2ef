package bersaglio.core.drill;

import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Standing;

/**
 * Asks a rule of one player at one level, ball by ball and set by set. Whoever judges asks it in this way, and so does whoever
 * works out how often it is right.
 */
abstract class Examiner {

    /** What it says after a ball of a set that goes on: to stay, unless it looks at every ball and has seen enough. */
    Advice.Call ball(boolean hit) {
        return Advice.Call.STAY;
    }

    /** What it says as the set closes. */
    abstract Advice.Call close(Standing standing, long day);

    /** What it says of a whole set. */
    final Advice.Call set(Attempt attempt) {
        for (int i = 0; i < attempt.trials().length(); i++) {
            ball(attempt.isHit(i));
        }
        return close(attempt.standing(), attempt.day());
    }

    /** One that always says to stay. */
    static final Examiner STAYING = new Examiner() {
        @Override
        Advice.Call close(Standing standing, long day) {
            return Advice.Call.STAY;
        }
    };

    /** The level's rules: what moves up goes before what moves down. */
    static Examiner of(Examiner up, Examiner down) {
        if (down == STAYING) {
            return up;
        }
        return new Examiner() {
            @Override
            Advice.Call ball(boolean hit) {
                down.ball(hit);
                return up.ball(hit);
            }

            @Override
            Advice.Call close(Standing standing, long day) {
                Advice.Call call = up.close(standing, day);
                Advice.Call back = down.close(standing, day);
                return call == Advice.Call.STAY ? back : call;
            }
        };
    }
}
