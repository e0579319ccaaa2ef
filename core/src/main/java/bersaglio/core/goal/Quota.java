package bersaglio.core.goal;

import bersaglio.core.format.Kind;
import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/**
 * A set passes when enough of a fixed block of balls are hits.
 *
 * @param hits  hits wanted, 1 to {@code balls}
 * @param balls balls in the set, 1 to {@value #LONGEST_BLOCK}
 */
@Kind("QUOTA")
public record Quota(
        int hits, int balls, @Usually(value = "bersaglio.core.goal.MissRule.COUNT_ON", written = true) MissRule misses)
        implements Goal {

    static final int LONGEST_BLOCK = 200;

    public Quota {
        Check.requireBetween("balls", balls, 1, LONGEST_BLOCK);
        Check.requireBetween("hits", hits, 1, balls);
        Goals.requireOneOf(misses, MissRule.Does.COUNT_ON);
    }

    public Quota(int hits, int balls) {
        this(hits, balls, MissRule.COUNT_ON);
    }

    /** Its words after the hits: {@code 8 hits of 12 balls}. */
    static Quota read(int hits, Reader from) {
        return new Quota(hits, from.counted("ball", "balls"), MissRule.read(from, MissRule.COUNT_ON));
    }

    @Override
    public void write(Sentence to) {
        GoalWords.hits(to, hits).say("of").counted(balls, "ball", "balls");
        misses.write(to, MissRule.COUNT_ON);
    }

    @Override
    public Readout readout() {
        return Readout.OF_BALLS;
    }

    @Override
    public Play play(Start start) {
        return new HitCount(0, hits, false);
    }

    @Override
    public boolean hitsAloneDecide() {
        return true;
    }

    @Override
    public Optional<Goal> harderBy(int more) {
        return hits + more > balls ? Optional.empty() : Optional.of(new Quota(hits + more, balls, misses));
    }

    @Override
    public List<List<Goal>> rows() {
        return List.of(Goals.rising(balls, hits -> new Quota(hits, balls, misses)));
    }

    @Override
    public int mostBalls() {
        return balls;
    }

    @Override
    public boolean playsOn() {
        return true;
    }
}
