package bersaglio.core.charting;

import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Drill;
import bersaglio.core.goal.Attempt;
import bersaglio.core.odds.Neighbours;
import java.util.ArrayList;
import java.util.List;

/**
 * What a set is judged with.
 *
 * @param attempts the sets at its level since the player came to it, in order, the latest of very many
 * @param before   neighbouring balls of the player's last sets of the drill before them
 */
record History(List<Attempt> attempts, Neighbours before) {

    static final int MOST_SETS = 200;

    History {
        int from = Math.max(0, attempts.size() - MOST_SETS);
        attempts = List.copyOf(attempts.subList(from, attempts.size()));
    }

    /** What the rules say after the last of them. */
    Advice advice(Drill drill, int level) {
        return drill.advise(level, attempts, before);
    }

    History with(Attempt next) {
        List<Attempt> all = new ArrayList<>(attempts);
        all.add(next);
        return new History(all, before);
    }
}
