package bersaglio.core.goal;

import java.util.List;

/**
 * Sides that count hits against each other.
 *
 * @param finish     hits that win
 * @param lead       over the next side
 * @param equalTurns whether it is decided only once all sides have had as many turns
 * @param ahead      turns that each side has had more than the one with the fewest
 */
record Contest(int finish, int lead, boolean equalTurns, Counts counts, Counts ahead) implements Play {

    static Contest of(int finish, int lead, boolean equalTurns, Counts startsWith) {
        return new Contest(finish, lead, equalTurns, startsWith, Counts.zeros(startsWith.places()));
    }

    @Override
    public Move after(Step step) {
        if (!(step instanceof Step.Ball ball) || !counts.has(ball.team())) {
            return Move.noTrial(this);
        }
        Counts next = ball.hit() ? counts.plusOne(ball.team()) : counts;
        return Move.on(
                new Contest(
                        finish,
                        lead,
                        equalTurns,
                        next,
                        ahead.plusOne(ball.team()).aboveFewest()),
                ball.hit());
    }

    @Override
    public Play counting(int part, int count) {
        return counts.has(part) ? new Contest(finish, lead, equalTurns, counts.with(part, count), ahead) : this;
    }

    private int winner() {
        int leader = counts.leader();
        boolean wins =
                counts.at(leader) >= finish && counts.leadOf(leader) >= lead && (!equalTurns || ahead.most() == 0);
        return wins ? leader : Progress.NOBODY;
    }

    /** Past the finish only how far the sides are apart still matters. */
    @Override
    public List<Integer> state() {
        List<Integer> state = counts.minus(Math.max(0, counts.most() - finish)).numbers();
        state.addAll(ahead.numbers());
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
        return ahead.last();
    }

    @Override
    public Step next(boolean hit) {
        return new Step.Ball(hit, turn(), 0, 0, 0);
    }

    @Override
    public Progress progress(int left) {
        return Progress.of(counts.most(), finish, finish)
                .at(turn(), counts.places(), counts.at(turn()), finish)
                .with(counts.measures())
                .wonBy(winner())
                .turnOf(equalTurns ? turn() : Progress.NOBODY);
    }
}
