package bersaglio.core.odds;

import bersaglio.core.goal.Play;
import bersaglio.core.goal.Standing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/** The states that a set can come to, numbered as they are met; they are the same for players of any rate. */
final class States {

    private static final int UNKNOWN = -1;
    private static final int MOST = 40_000;

    private final Map<List<Integer>, Integer> numbers = new HashMap<>();
    private final List<Play> plays = new ArrayList<>();
    private int[] onHit = new int[64];
    private int[] onMiss = new int[64];
    private boolean[] breaks = new boolean[64];
    /** How each stands where no ball is the last; nothing until it was asked. */
    private @Nullable Standing[] standings = new Standing[64];

    /** Goals that are known to come to more states than can be followed; it takes a while to find that out. */
    private static final Map<Play, Boolean> LARGE = new ConcurrentHashMap<>();

    private static final int MOST_KNOWN = 200;

    private final Play first;
    private boolean tooMany;

    States(Play first) {
        this.first = first;
        numberOf(first);
    }

    /** Whether a goal was found to come to too many; what is worked out may be sooner for it, and never another figure. */
    static boolean areKnownToBeTooMany(Play first) {
        return LARGE.containsKey(first);
    }

    int count() {
        return plays.size();
    }

    Play play(int state) {
        return plays.get(state);
    }

    /** Whether there are more than can be followed all at once. */
    boolean areTooMany() {
        if (!tooMany && plays.size() > MOST) {
            tooMany = true;
            if (LARGE.size() >= MOST_KNOWN) {
                LARGE.clear();
            }
            LARGE.put(first, true);
        }
        return tooMany;
    }

    Standing endless(int state) {
        Standing known = standings[state];
        if (known == null) {
            known = plays.get(state).standing(Play.NO_END);
            standings[state] = known;
        }
        return known;
    }

    int onHit(int state) {
        return onHit[state];
    }

    int onMiss(int state) {
        return onMiss[state];
    }

    boolean breaksOnMiss(int state) {
        return breaks[state];
    }

    void explore(int state) {
        if (onHit[state] == UNKNOWN) {
            Play play = plays.get(state);
            Play.Move hit = play.after(play.next(true));
            Play.Move miss = play.after(play.next(false));
            int afterHit = numberOf(hit.play());
            int afterMiss = numberOf(miss.play());
            onHit[state] = afterHit;
            onMiss[state] = afterMiss;
            breaks[state] = miss.did() == Play.Did.BREAK;
        }
    }

    private int numberOf(Play play) {
        Integer known = numbers.get(play.state());
        if (known != null) {
            return known;
        }
        int number = plays.size();
        if (number == onHit.length) {
            onHit = Arrays.copyOf(onHit, 2 * number);
            onMiss = Arrays.copyOf(onMiss, 2 * number);
            breaks = Arrays.copyOf(breaks, 2 * number);
            standings = Arrays.copyOf(standings, 2 * number);
        }
        onHit[number] = UNKNOWN;
        numbers.put(play.state(), number);
        plays.add(play);
        return number;
    }
}
