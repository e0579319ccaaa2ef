package bersaglio.core.charting;

import bersaglio.core.goal.Attempt;
import bersaglio.core.odds.Neighbours;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** One player's sets on one track of a drill, taken one after the other: where the player stands, and what bears on what comes. */
final class Going {

    /** Sets whose balls tell whether they come in streaks. */
    private static final int SETS_LOOKED_AT = 6;

    /** Sets at one level, laid alike, and neighbouring balls of those before them. */
    private record Held(List<Attempt> attempts, Neighbours before) {}

    private final Map<String, Held> held = new HashMap<>();
    private final Deque<String> last = new ArrayDeque<>();
    private final ClubDays days;
    private int level;

    Going(int start, ClubDays days) {
        level = start;
        this.days = days;
    }

    int level() {
        return level;
    }

    History at(int asked, String laid) {
        Held known = held.get(key(asked, laid));
        return known == null ? new History(List.of(), seen()) : new History(known.attempts(), known.before());
    }

    private static String key(int level, String laid) {
        return level + " " + laid;
    }

    private Neighbours seen() {
        Neighbours seen = Neighbours.NONE;
        for (String trials : last) {
            seen = seen.plus(trials);
        }
        return seen;
    }

    void take(SetResult set) {
        Attempt attempt = days.on(set.attempt());
        if (set.counts() && set.accepted() && !attempt.trials().isEmpty()) {
            held.computeIfAbsent(
                            key(set.rung().level(), set.rung().laid()), first -> new Held(new ArrayList<>(), seen()))
                    .attempts()
                    .add(attempt);
            last.add(attempt.trials());
            if (last.size() > SETS_LOOKED_AT) {
                last.remove();
            }
        }
        if (set.closing().move().isPresent()) {
            level = set.closing().move().get().to();
            held.keySet().removeIf(key -> key.startsWith(level + " "));
        }
    }
}
