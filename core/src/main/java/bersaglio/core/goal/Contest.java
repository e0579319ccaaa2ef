package bersaglio.core.goal;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Sides that count hits against each other.
 *
 * @param finish     hits that win
 * @param lead       over the next side
 * @param equalTurns whether it is decided only once all sides have had as many turns
 * @param ahead      turns that each side has had more than the one with the fewest
 */
record Contest(int finish, int lead, boolean equalTurns, List<Integer> counts, List<Integer> ahead) implements Play {

    static Contest of(int finish, int lead, boolean equalTurns, List<Integer> startsWith) {
        return new Contest(finish, lead, equalTurns, List.copyOf(startsWith), Goals.zeros(startsWith.size()));
    }

    @Override
    public Move after(Step step) {
        if (!(step instanceof Step.Ball ball) || ball.team() >= counts.size()) {
            return Move.noTrial(this);
        }
        List<Integer> next = ball.hit() ? Goals.plusOne(counts, ball.team()) : counts;
        return Move.on(new Contest(finish, lead, equalTurns, next, turnsAfter(ball.team())), ball.hit());
    }

    private List<Integer> turnsAfter(int side) {
        Integer[] turns = ahead.toArray(new Integer[0]);
        turns[side]++;
        int fewest = turns[0];
        for (int turn : turns) {
            fewest = Math.min(fewest, turn);
        }
        for (int i = 0; i < turns.length; i++) {
            turns[i] -= fewest;
        }
        return List.of(turns);
    }

    @Override
    public Play counting(int part, int count) {
        return part < counts.size()
                ? new Contest(finish, lead, equalTurns, Goals.with(counts, part, count), ahead)
                : this;
    }

    private int winner() {
        int first = 0;
        for (int side = 1; side < counts.size(); side++) {
            first = counts.get(side) > counts.get(first) ? side : first;
        }
        if (counts.get(first) < finish) {
            return Progress.NOBODY;
        }
        int second = 0;
        for (int side = 0; side < counts.size(); side++) {
            second = side == first ? second : Math.max(second, counts.get(side));
        }
        boolean leads = counts.get(first) - second >= lead;
        return leads && (!equalTurns || Collections.max(ahead) == 0) ? first : Progress.NOBODY;
    }

    /** Past the finish only how far the sides are apart still matters. */
    @Override
    public List<Integer> state() {
        int past = Math.max(0, Collections.max(counts) - finish);
        List<Integer> state = new ArrayList<>(counts);
        state.replaceAll(count -> count - past);
        state.addAll(ahead);
        return state;
    }

    @Override
    public Standing standing(int left) {
        if (winner() != Progress.NOBODY) {
            return Standing.MET;
        }
        return left == 0 ? Standing.DONE : Standing.OPEN;
    }

    @Override
    public boolean over() {
        return winner() != Progress.NOBODY;
    }

    @Override
    public int turn() {
        return ahead.indexOf(0);
    }

    @Override
    public Step next(boolean hit) {
        return new Step.Ball(hit, turn(), 0, 0, 0);
    }

    @Override
    public Progress progress(int left) {
        return Progress.of(Collections.max(counts), finish, finish)
                .at(turn(), counts.size(), counts.get(turn()), finish)
                .with(Goals.asNumbers(counts))
                .wonBy(winner())
                .turnOf(equalTurns ? turn() : Progress.NOBODY);
    }
}
