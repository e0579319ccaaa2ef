package bersaglio.core.written;

import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.AfterUnmet;
import bersaglio.core.drill.BallByBall;
import bersaglio.core.drill.CoachsCall;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.EvidenceAgainst;
import bersaglio.core.drill.Learners;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.drill.Retreat;
import bersaglio.core.drill.Sequential;
import bersaglio.core.drill.StayPut;

/** What moves a player up and down, in words: {@code after 2 met of the last 3 sets}. */
final class MoveWords {

    private MoveWords() {}

    static AdvanceRule readUp(Reader from) {
        return from.at(() -> up(from));
    }

    private static AdvanceRule up(Reader from) {
        if (from.takes("after one met set")) {
            return new OneMetQuota();
        } else if (from.takes("after")) {
            int times = from.count();
            from.needs("met of the last");
            int sets = from.count();
            return new MetInLast(
                    times,
                    sets,
                    Phrases.with("sets", MetInLast.Each.SET)
                            .and("days", MetInLast.Each.DAY)
                            .read(from));
        } else if (from.takes("on evidence of")) {
            return evidence(from);
        } else if (from.takes("on the sequential test of")) {
            double notReady = from.share();
            from.needs("against");
            double ready = from.share();
            double up = from.share();
            from.needs("wrongly up");
            double down = from.share();
            from.needs("wrongly down");
            return new Sequential(notReady, ready, up, down);
        } else if (from.takes("ball by ball")) {
            double gap = gap(from);
            double up = from.takes("up at") ? from.number() : BallByBall.DEFAULT.up();
            double down = from.takes("down at") ? from.number() : BallByBall.DEFAULT.down();
            return new BallByBall(gap, up, down);
        } else if (from.takes("as a learner")) {
            double gap = gap(from);
            return new Learners(gap, from.takes("up at") ? from.number() : Learners.DEFAULT.up());
        }
        from.needs("when the coach says");
        return new CoachsCall();
    }

    private static double gap(Reader from) {
        if (!from.takes("within")) {
            return BallByBall.DEFAULT.gap();
        }
        double gap = from.share();
        from.needs("of the rate");
        return gap;
    }

    static Retreat readDown(Reader from) {
        return from.at(() -> down(from));
    }

    private static Retreat down(Reader from) {
        if (from.takes("never")) {
            return new StayPut();
        } else if (from.takes("one level after")) {
            return new AfterUnmet(from.counted("unmet set", "unmet sets"), AfterUnmet.Back.ONE_LEVEL);
        } else if (from.takes("to the start after")) {
            return new AfterUnmet(from.counted("unmet set", "unmet sets"), AfterUnmet.Back.THE_START);
        }
        from.needs("on evidence of");
        return new EvidenceAgainst(evidence(from));
    }

    private static Evidence evidence(Reader from) {
        double confidence = from.share();
        from.needs("from");
        int least = from.counted("trial", "trials");
        return new Evidence(confidence, least, from.takes("half weight after") ? from.count() : 0);
    }

    static void write(Sentence to, AdvanceRule rule) {
        if (rule instanceof OneMetQuota) {
            to.say("after one met set");
        } else if (rule instanceof MetInLast last) {
            to.say("after").number(last.times()).say("met of the last").number(last.sets());
            to.say(last.each() == MetInLast.Each.SET ? "sets" : "days");
        } else if (rule instanceof Evidence evidence) {
            write(to, evidence);
        } else if (rule instanceof Sequential test) {
            to.say("on the sequential test of").share(test.notReady());
            to.say("against").share(test.ready()).comma();
            to.share(test.wrongUp()).say("wrongly up").comma();
            to.share(test.wrongDown()).say("wrongly down");
        } else if (rule instanceof BallByBall each) {
            to.say("ball by ball")
                    .comma()
                    .say("within")
                    .share(each.gap())
                    .say("of the rate")
                    .comma();
            to.say("up at").number(each.up()).comma().say("down at").number(each.down());
        } else if (rule instanceof Learners learners) {
            to.say("as a learner")
                    .comma()
                    .say("within")
                    .share(learners.gap())
                    .say("of the rate")
                    .comma();
            to.say("up at").number(learners.up());
        } else {
            to.say("when the coach says");
        }
    }

    static void write(Sentence to, Retreat rule) {
        if (rule instanceof AfterUnmet unmet) {
            to.say(unmet.to() == AfterUnmet.Back.ONE_LEVEL ? "one level after" : "to the start after");
            to.counted(unmet.sets(), "unmet set", "unmet sets");
        } else if (rule instanceof EvidenceAgainst against) {
            write(to, against.rule());
        } else {
            to.say("never");
        }
    }

    private static void write(Sentence to, Evidence evidence) {
        to.say("on evidence of").share(evidence.confidence());
        to.say("from").counted(evidence.leastTrials(), "trial", "trials");
        if (evidence.halfLife() > 0) {
            to.comma().say("half weight after").number(evidence.halfLife());
        }
    }
}
