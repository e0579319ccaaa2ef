package bersaglio.core.charting;

import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Adviser;
import bersaglio.core.drill.Drill;
import bersaglio.core.goal.Attempt;
import bersaglio.core.odds.Neighbours;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** One player's sets on one track of a drill, taken one after the other: where the player stands, and what bears on what comes. */
final class TrackRecord {

    /** Sets whose balls tell whether they come in streaks. */
    private static final int SETS_LOOKED_AT = 6;

    /** Sets at one level, laid alike, and neighbouring balls of those before them. */
    private static final class Held {

        private final List<Attempt> attempts = new ArrayList<>();
        private final Neighbours before;
        private @Nullable Adviser adviser;
        private int asked;

        Held(Neighbours before) {
            this.before = before;
        }

        History history() {
            return new History(attempts, before);
        }

        /** What the rules say after the last of them; each is gone through once, unless they are very many. */
        Advice advice(Drill drill, int level) {
            if (attempts.size() > History.MOST_SETS) {
                return history().advice(drill, level);
            }
            Adviser rules = adviser == null ? drill.adviser(level, before) : adviser;
            attempts.subList(asked, attempts.size()).forEach(rules::take);
            asked = attempts.size();
            adviser = rules;
            return rules.advice();
        }
    }

    private final Map<String, Held> held = new HashMap<>();
    private final Deque<String> last = new ArrayDeque<>();
    private final ClubDays days;
    private int level;

    TrackRecord(int start, ClubDays days) {
        level = start;
        this.days = days;
    }

    int level() {
        return level;
    }

    History at(int asked, String laid) {
        Held known = held.get(key(asked, laid));
        return known == null ? new History(List.of(), seen()) : known.history();
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
        if (bearsOnOthers(set)) {
            add(set);
        }
        move(set);
    }

    /** Takes a set, and says how it reads with those before it. */
    SetReading read(Drill drill, SetResult set) {
        int levelThen = level;
        Optional<Advice> advice = set.attempt().trials().isEmpty() ? Optional.empty() : Optional.of(advice(drill, set));
        move(set);
        return new SetReading(set, set.attempt().standing(), levelThen, advice);
    }

    private Advice advice(Drill drill, SetResult set) {
        if (bearsOnOthers(set)) {
            return add(set).advice(drill, set.rung().level());
        }
        return set.accepted()
                ? at(set.rung().level(), set.rung().laid())
                        .with(days.on(set.attempt()))
                        .advice(drill, set.rung().level())
                : Advice.notAccepted();
    }

    private static boolean bearsOnOthers(SetResult set) {
        return set.counts() && set.accepted() && !set.attempt().trials().isEmpty();
    }

    private Held add(SetResult set) {
        Attempt attempt = days.on(set.attempt());
        Held alike = held.computeIfAbsent(key(set.rung().level(), set.rung().laid()), first -> new Held(seen()));
        alike.attempts.add(attempt);
        last.add(attempt.trials());
        if (last.size() > SETS_LOOKED_AT) {
            last.remove();
        }
        return alike;
    }

    private void move(SetResult set) {
        if (set.closing().move().isPresent()) {
            level = set.closing().move().get().to();
            held.keySet().removeIf(key -> key.startsWith(level + " "));
        }
    }
}
