package bersaglio.core.charting;

import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Growth;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Tally;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * Where a player stands on one way of a drill version, as long as nothing more is held on it.
 *
 * @param level      the rung
 * @param targetRate the true rate that it asks for
 * @param sets       that count at it since the player came to it
 * @param last       of the latest of them
 * @param held       of all of them
 * @param lastHeld   of any rung, in milliseconds since 1970
 * @param unmet      whether the player came to it without having met the one before
 * @param says       what the rule says now, where there are sets
 */
public record Reached(
        int level,
        double targetRate,
        int sets,
        Tally last,
        Tally held,
        OptionalLong lastHeld,
        boolean unmet,
        Optional<Says> says) {

    /** What the rule says, and whether the level still fits. */
    public record Says(Advice advice, Optional<Growth> growth) {}

    /** By somebody who has held nothing of it. */
    public static Reached fresh(Drill drill, int level) {
        return new Reached(
                level,
                drill.level(level).targetRate(),
                0,
                Tally.NONE,
                Tally.NONE,
                OptionalLong.empty(),
                false,
                Optional.empty());
    }

    static Reached of(Drill drill, int level, History history, List<SetResult> sets) {
        List<Attempt> attempts = history.attempts();
        Tally held = Tally.NONE;
        for (Attempt attempt : attempts) {
            held = held.plus(attempt.tally());
        }
        OptionalLong lastHeld = sets.stream()
                .filter(SetResult::counts)
                .mapToLong(SetResult::heldAt)
                .max();
        boolean unmet = false;
        for (SetResult set : sets) {
            unmet = set.closing().move().map(LevelMove::unmet).orElse(unmet);
        }
        double targetRate = drill.level(level).targetRate();
        return new Reached(
                level,
                targetRate,
                attempts.size(),
                attempts.isEmpty()
                        ? Tally.NONE
                        : attempts.get(attempts.size() - 1).tally(),
                held,
                lastHeld,
                unmet,
                attempts.isEmpty() ? Optional.empty() : Optional.of(says(drill, level, history, targetRate)));
    }

    private static Says says(Drill drill, int level, History history, double targetRate) {
        Advice advice = history.advice(drill, level);
        boolean stays = advice.call() == Advice.Call.STAY;
        return new Says(advice, stays ? Growth.of(history.attempts(), targetRate) : Optional.empty());
    }
}
