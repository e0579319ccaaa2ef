package bersaglio.core.drill;

import bersaglio.core.format.Kind;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Standing;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Said;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/**
 * So many unmet sets in a row move the player down. A set that was left while its goal was still open says nothing.
 *
 * @param sets 1 to 12
 */
@Kind("after_unmet")
public record AfterUnmet(int sets, Back to) implements Retreat {

    /** How far. */
    public enum Back implements Said {
        ONE_LEVEL("one level"),
        THE_START("to the start");

        private final String words;

        Back(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    public AfterUnmet {
        Check.requireBetween("sets", sets, 1, 12);
    }

    /** Its words after how far. */
    static AfterUnmet read(Back to, Reader from) {
        return new AfterUnmet(from.counted("unmet set", "unmet sets"), to);
    }

    @Override
    public void write(Sentence sentence) {
        sentence.say(to).say("after").counted(sets, "unmet set", "unmet sets");
    }

    @Override
    public Optional<Advice> advise(Level level, List<Attempt> attempts, Neighbours before) {
        int unmet = 0;
        for (int i = attempts.size() - 1; i >= 0 && !attempts.get(i).isMet(); i--) {
            unmet += attempts.get(i).standing() == Standing.OUT_OF_REACH ? 1 : 0;
        }
        if (unmet < sets) {
            return Optional.empty();
        }
        int down = to == Back.THE_START ? 1 : level.number() - 1;
        return Optional.of(Advice.stepBack(down, "unmet.back", new Figure("unmet", unmet)));
    }

    @Override
    public Asking asking(Level level) {
        return streaks -> new Examiner() {
            private int unmet;

            @Override
            Advice.Call close(Standing standing, long day) {
                unmet = standing == Standing.MET ? 0 : unmet + (standing == Standing.OUT_OF_REACH ? 1 : 0);
                return unmet >= sets ? Advice.Call.STEP_BACK : Advice.Call.STAY;
            }
        };
    }
}
