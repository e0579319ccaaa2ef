package bersaglio.core.plan;

import bersaglio.core.charting.Reached;
import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Growth;
import bersaglio.core.goal.Tally;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * Where a player stands on a drill, as a squad is looked over.
 *
 * @param sets     that count at the level since the player came to it
 * @param last     of the latest of them
 * @param lastHeld milliseconds since 1970
 */
public record Stand(int level, State state, int sets, Tally last, OptionalLong lastHeld) {

    /** What a coach would do about it. */
    public enum State {
        /** The rule would move the player up. */
        READY,
        /** Out of reach, or growth has stopped. */
        STUCK,
        /** Not held for two weeks, or never. */
        NOT_SEEN,
        GOING_ON
    }

    private static final long LONG_AGO = 14L * 24 * 3600 * 1000;

    /** @param now milliseconds since 1970 */
    public static Stand of(Reached reached, long now) {
        return new Stand(
                reached.level(),
                state(reached.says(), reached.lastHeld(), now),
                reached.sets(),
                reached.last(),
                reached.lastHeld());
    }

    private static State state(Optional<Reached.Says> says, OptionalLong lastHeld, long now) {
        if (says.isPresent() && says.get().advice().call() == Advice.Call.MOVE_UP) {
            return State.READY;
        }
        if (lastHeld.isEmpty() || now - lastHeld.getAsLong() > LONG_AGO) {
            return State.NOT_SEEN;
        }
        boolean stepBack = says.isPresent() && says.get().advice().call() == Advice.Call.STEP_BACK;
        Optional<Growth> growth = says.flatMap(Reached.Says::growth);
        boolean stuck = stepBack || growth.isPresent() && growth.get() != Growth.TOO_EASY;
        return stuck ? State.STUCK : State.GOING_ON;
    }
}
