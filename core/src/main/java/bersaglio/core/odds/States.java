package bersaglio.core.odds;

import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Progress;
import bersaglio.core.goal.Standing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/**
 * The states that a set can come to, numbered by the fewest balls to each: the same for players of any rate, and whatever was
 * asked before.
 */
final class States {

    private static final int UNKNOWN = -1;
    private static final int MOST = 40_000;

    private final Map<List<Integer>, Integer> numbers = new HashMap<>();
    private final List<Play> plays = new ArrayList<>();
    private final Ahead ahead;
    private int[] onHit = new int[64];
    private int[] onMiss = new int[64];
    private int[] turns = new int[64];
    private boolean[] breaks = new boolean[64];
    /** It is decided with so many balls left, or fewer. */
    private int[] decidedWith = new int[64];

    private boolean[] over = new boolean[64];
    private boolean[] met = new boolean[64];
    private boolean tooMany;

    private States(Ahead ahead) {
        this.ahead = ahead;
        numberOf(ahead.play());
        int first = 0;
        for (int balls = 0; first < plays.size() && !tooMany; balls++) {
            int end = plays.size();
            for (int state = first; state < end && !tooMany; state++) {
                boolean goesOn = ahead.playsOn() ? !over[state] : !isDecided(state, left(balls));
                if (goesOn && left(balls) > 0) {
                    explore(state);
                    tooMany = plays.size() > MOST;
                }
            }
            first = end;
        }
        if (tooMany) {
            forget();
        }
    }

    private void forget() {
        numbers.clear();
        plays.clear();
        onHit = new int[0];
        onMiss = new int[0];
        turns = new int[0];
        breaks = new boolean[0];
        decidedWith = new int[0];
        over = new boolean[0];
        met = new boolean[0];
    }

    static States of(Ahead ahead) {
        return ahead.memo().recall(ahead, () -> new States(ahead), States::count);
    }

    /** The number of a state, where this very set can come to it: one that began otherwise may have the same numbers. */
    OptionalInt find(Play play) {
        Integer number = numbers.get(play.state());
        return number == null || !plays.get(number).equals(play) ? OptionalInt.empty() : OptionalInt.of(number);
    }

    private int left(int balls) {
        return ahead.balls() == Play.NO_END ? Play.NO_END : ahead.balls() - balls;
    }

    int count() {
        return plays.size();
    }

    Play play(int state) {
        return plays.get(state);
    }

    /** Whether there are more than can be followed; then none is told. */
    boolean areTooMany() {
        return tooMany;
    }

    /** Whether a set that came to it with so many balls left is met or can no more be met. */
    boolean isDecided(int state, int left) {
        return left <= decidedWith[state];
    }

    /** Whether it is met, by the first side where there are several. */
    boolean isMet(int state) {
        return met[state];
    }

    boolean isOver(int state) {
        return over[state];
    }

    /** Which rate the next ball has. */
    int turn(int state) {
        return turns[state];
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

    private void explore(int state) {
        Play play = plays.get(state);
        Play.Move hit = play.after(play.next(true));
        Play.Move miss = play.after(play.next(false));
        int afterHit = numberOf(hit.play());
        int afterMiss = numberOf(miss.play());
        onHit[state] = afterHit;
        onMiss[state] = afterMiss;
        breaks[state] = miss.did() == Play.Did.BREAK;
    }

    private int numberOf(Play play) {
        List<Integer> told = play.state();
        Integer known = numbers.get(told);
        if (known != null) {
            return known;
        }
        int number = plays.size();
        if (number == onHit.length) {
            onHit = Arrays.copyOf(onHit, 2 * number);
            onMiss = Arrays.copyOf(onMiss, 2 * number);
            turns = Arrays.copyOf(turns, 2 * number);
            breaks = Arrays.copyOf(breaks, 2 * number);
            decidedWith = Arrays.copyOf(decidedWith, 2 * number);
            over = Arrays.copyOf(over, 2 * number);
            met = Arrays.copyOf(met, 2 * number);
        }
        numbers.put(told, number);
        plays.add(play);
        onHit[number] = UNKNOWN;
        turns[number] = play.turn();
        over[number] = play.over();
        decidedWith[number] = decidedWith(play);
        met[number] = decidedWith[number] == Play.NO_END && isOurs(play);
        return number;
    }

    /** With more balls left less is decided; what is decided with all of them is so whatever comes. */
    private int decidedWith(Play play) {
        int open = ahead.balls();
        if (play.over() || play.standing(open) != Standing.OPEN) {
            return Play.NO_END;
        }
        int decided = 0;
        open = open == Play.NO_END ? 1 : open;
        while (open - decided > 1) {
            int middle = (open + decided) / 2;
            boolean isOpen = play.standing(middle) == Standing.OPEN;
            open = isOpen ? middle : open;
            decided = isOpen ? decided : middle;
        }
        return decided;
    }

    private boolean isOurs(Play play) {
        int winner = play.progress(ahead.balls()).winner();
        return play.standing(ahead.balls()) == Standing.MET && (winner == Progress.NOBODY || winner == 0);
    }
}
