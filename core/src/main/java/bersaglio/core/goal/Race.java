package bersaglio.core.goal;

import bersaglio.core.format.Called;
import bersaglio.core.format.Kind;
import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Said;
import bersaglio.core.words.Sentence;

/**
 * Teams race to a number of hits.
 *
 * @param sides  2 to 4
 * @param finish hits that win, 1 to 200
 * @param balls  at most, of all sides together; 0 for no end
 */
@Kind("RACE")
public record Race(int sides, @Called("hits") int finish, Tie tie, @Usually("0") int balls) implements Goal {

    /** What decides when more than one side could finish. */
    public enum Tie implements Said {
        /** The first to get there wins, whoever had fewer turns. */
        FIRST("the first there wins"),
        /** The others finish their turn; still level, it goes on. */
        EQUAL_TURNS("turns are equal");

        private final String words;

        Tie(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    public Race {
        Check.requireBetween("sides", sides, 2, Step.MOST_SIDES);
        Check.requireBetween("finish", finish, 1, 200);
        Goals.requireBallsFor(balls, finish);
    }

    /** Its words after {@code race of}. */
    static Race read(Reader from) {
        int sides = from.count();
        from.needs("sides to");
        return new Race(sides, from.count(), from.one(Tie.values()), GoalWords.within(from));
    }

    @Override
    public void write(Sentence to) {
        to.say("race of").number(sides).say("sides to").number(finish);
        GoalWords.within(to.comma().say(tie), balls);
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
        return Contest.of(finish, 1, tie == Tie.EQUAL_TURNS, Counts.zeros(sides));
    }

    @Override
    public int mostBalls() {
        return Goals.orNoEnd(balls);
    }
}
