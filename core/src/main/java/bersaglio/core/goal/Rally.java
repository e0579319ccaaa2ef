package bersaglio.core.goal;

import bersaglio.core.format.Kind;
import bersaglio.core.format.Usually;
import bersaglio.core.measure.Threshold;
import bersaglio.core.problem.Check;
import bersaglio.core.rally.Contacts;
import bersaglio.core.rally.PartnerMiss;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/**
 * Rallies of a length.
 *
 * @param length in contacts by the drill's convention, 1 to 1000
 * @param times  how many such rallies, 1 to 50
 * @param tries  rallies at most; 0 for no end
 * @param counts which contacts make the length
 * @param partnerMiss what the miss of a partner or a feeder does
 */
@Kind("RALLY")
public record Rally(
        int length,
        int times,
        @Usually("0") int tries,
        @Usually("bersaglio.core.rally.Contacts.ALL") Contacts counts,
        @Usually("bersaglio.core.rally.PartnerMiss.ENDS_IT") PartnerMiss partnerMiss)
        implements Goal {

    public Rally(int length, int times, int tries) {
        this(length, times, tries, Contacts.ALL, PartnerMiss.ENDS_IT);
    }

    /** The same with rallies of another length. */
    public Rally of(int other) {
        return new Rally(other, times, tries, counts, partnerMiss);
    }

    public Rally {
        Check.requireBetween("length", length, 1, 1000);
        Check.requireBetween("times", times, 1, 50);
        Goals.requireBallsFor(tries, times);
    }

    /** Its words after how many: {@code 3 rallies of 10}. */
    static Rally read(int times, Reader from) {
        int length = from.count();
        Contacts counts = from.takes("counted by") ? from.one(Contacts.values()) : Contacts.ALL;
        int tries = from.takes("in at most") ? from.counted("try", "tries") : 0;
        PartnerMiss miss = from.takes("a partner's miss") ? from.one(PartnerMiss.values()) : PartnerMiss.ENDS_IT;
        return new Rally(length, times, tries, counts, miss);
    }

    @Override
    public void write(Sentence to) {
        to.counted(times, "rally", "rallies").say("of").number(length);
        if (counts != Contacts.ALL) {
            to.say("counted by").say(counts);
        }
        if (tries > 0) {
            to.comma().say("in at most").counted(tries, "try", "tries");
        }
        if (partnerMiss != PartnerMiss.ENDS_IT) {
            to.comma().say("a partner's miss").say(partnerMiss);
        }
    }

    @Override
    public Readout readout() {
        return new Readout(Readout.Count.DONE_OF_WANTED, Readout.Wanted.MORE_RALLIES);
    }

    @Override
    public Contacts contacts() {
        return counts;
    }

    @Override
    public Play play(Start start) {
        return new Rallies(this, 0, 0);
    }

    @Override
    public Optional<Goal> harderBy(int more) {
        return Optional.of(of(length + more));
    }

    @Override
    public Optional<Rally> rallies() {
        return Optional.of(this);
    }

    @Override
    public int mostBalls() {
        return Goals.orNoEnd(tries);
    }

    /** @param longest so far, as long as it is below the length that is wanted */
    record Rallies(Rally goal, int reached, double longest) implements Play {

        @Override
        public Move after(Step step) {
            double length = 0;
            if (step instanceof Step.Value value) {
                length = value.value();
            } else if (step instanceof Step.Ball ball) {
                length = ball.hit() ? goal.length : 0;
            } else {
                return Move.noTrial(this);
            }
            boolean hit = Threshold.reaches(length, goal.length);
            return Move.on(new Rallies(goal, hit ? reached + 1 : reached, Math.max(longest, length)), hit);
        }

        @Override
        public Play counting(int part, int count) {
            return new Rallies(goal, count, longest);
        }

        @Override
        public List<Integer> state() {
            return List.of(reached);
        }

        @Override
        public Standing standing(int left) {
            if (reached >= goal.times) {
                return Standing.MET;
            }
            return left < goal.times - reached ? Standing.OUT_OF_REACH : Standing.OPEN;
        }

        @Override
        public Step next(boolean hit) {
            return new Step.Value(hit ? goal.length : 0, 0, 0);
        }

        @Override
        public Progress progress(int left) {
            return Progress.of(reached, goal.times, left == NO_END ? goal.times : reached + left)
                    .scoring(longest);
        }
    }
}
