package bersaglio.core.goal;

import bersaglio.core.format.Kind;
import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/**
 * So many hits, however many balls they take.
 *
 * @param hits  1 to 1000
 * @param balls at most; 0 for no end
 */
@Kind("TOTAL")
public record Total(
        int hits,
        @Usually("0") int balls,
        @Usually(value = "bersaglio.core.goal.MissRule.COUNT_ON", written = true) MissRule misses)
        implements Goal {

    public Total {
        Check.requireBetween("hits", hits, 1, 1000);
        Goals.requireBallsFor(balls, hits);
        Goals.requireOneOf(misses, MissRule.Does.COUNT_ON);
    }

    public Total(int hits) {
        this(hits, 0, MissRule.COUNT_ON);
    }

    /** Its words after the hits: {@code 20 hits in all}. */
    static Total read(int hits, Reader from) {
        return new Total(hits, GoalWords.within(from), MissRule.read(from, MissRule.COUNT_ON));
    }

    @Override
    public void write(Sentence to) {
        GoalWords.within(GoalWords.hits(to, hits).say("in all"), balls);
        misses.write(to, MissRule.COUNT_ON);
    }

    @Override
    public Readout readout() {
        return Readout.OF_WANTED;
    }

    @Override
    public Play play(Start start) {
        return new HitCount(0, hits, true);
    }

    @Override
    public boolean hitsAloneDecide() {
        return true;
    }

    @Override
    public Optional<Goal> harderBy(int more) {
        return balls > 0 && hits + more > balls ? Optional.empty() : Optional.of(new Total(hits + more, balls, misses));
    }

    @Override
    public List<List<Goal>> rows() {
        return balls == 0 ? List.of() : List.of(Goals.rising(balls, hits -> new Total(hits, balls, misses)));
    }

    @Override
    public int mostBalls() {
        return Goals.orNoEnd(balls);
    }
}
