package bersaglio.core.odds;

import bersaglio.core.goal.Play;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The states that a set can come to, numbered as they are met; they are the same for players of any rate. */
final class States {

    private static final int UNKNOWN = -1;
    private static final int MOST = 40_000;

    private final Map<List<Integer>, Integer> numbers = new HashMap<>();
    private final List<Play> plays = new ArrayList<>();
    private final List<int[]> moves = new ArrayList<>();
    private final List<Boolean> breaks = new ArrayList<>();

    States(Play first) {
        numberOf(first);
    }

    int count() {
        return plays.size();
    }

    Play play(int state) {
        return plays.get(state);
    }

    /** Whether there are more than can be followed all at once. */
    boolean areTooMany() {
        return plays.size() > MOST;
    }

    int onHit(int state) {
        return moves.get(state)[0];
    }

    int onMiss(int state) {
        return moves.get(state)[1];
    }

    boolean breaksOnMiss(int state) {
        return breaks.get(state);
    }

    void explore(int state) {
        if (moves.get(state)[0] == UNKNOWN) {
            Play play = plays.get(state);
            Play.Move hit = play.after(play.next(true));
            Play.Move miss = play.after(play.next(false));
            moves.set(state, new int[] {numberOf(hit.play()), numberOf(miss.play())});
            breaks.set(state, miss.did() == Play.Did.BREAK);
        }
    }

    private int numberOf(Play play) {
        Integer known = numbers.get(play.state());
        if (known != null) {
            return known;
        }
        numbers.put(play.state(), plays.size());
        plays.add(play);
        moves.add(new int[] {UNKNOWN, UNKNOWN});
        breaks.add(false);
        return plays.size() - 1;
    }
}
