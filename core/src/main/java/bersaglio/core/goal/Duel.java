package bersaglio.core.goal;

import bersaglio.core.format.Called;
import bersaglio.core.format.Kind;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;

/**
 * Two sides in turn, first to a number of points with a lead; a head start makes it fair.
 *
 * @param points     1 to 50
 * @param lead       1 to 5
 * @param headStarts points that the two begin with, each below {@code points}
 */
@Kind("DUEL")
public record Duel(@Called("hits") int points, int lead, List<Integer> headStarts) implements Goal {

    public Duel {
        Check.requireBetween("points", points, 1, 50);
        Check.requireBetween("lead", lead, 1, 5);
        headStarts = List.copyOf(headStarts);
        Check.requireBetween("headStarts", headStarts.size(), 2, 2);
        for (int i = 0; i < headStarts.size(); i++) {
            Check.requireBetween("headStarts." + i, headStarts.get(i), 0, points - 1);
        }
    }

    @Override
    public int sides() {
        return headStarts.size();
    }

    /** Its words after {@code duel to}. */
    static Duel read(Reader from) {
        int points = from.count();
        from.needs("lead");
        int lead = from.count();
        from.needs("from");
        int one = from.count();
        from.needs("and");
        return new Duel(points, lead, List.of(one, from.count()));
    }

    @Override
    public void write(Sentence to) {
        to.say("duel to").number(points).comma().say("lead").number(lead).comma();
        to.say("from").number(headStarts.get(0)).say("and").number(headStarts.get(1));
    }

    @Override
    public Readout readout() {
        return Readout.OF_SIDES;
    }

    @Override
    public boolean isDecidedByRate() {
        return false;
    }

    @Override
    public Play play(Start start) {
        return Contest.of(points, lead, true, Counts.of(headStarts));
    }

    @Override
    public int mostBalls() {
        return Play.NO_END;
    }
}
