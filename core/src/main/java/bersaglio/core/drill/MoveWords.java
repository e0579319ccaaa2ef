package bersaglio.core.drill;

import bersaglio.core.words.Reader;

/** Which rule moves a player, by how its words begin. */
public final class MoveWords {

    private MoveWords() {}

    public static AdvanceRule readUp(Reader from) {
        return from.at(() -> up(from));
    }

    private static AdvanceRule up(Reader from) {
        if (from.takes("after one met set")) {
            return new OneMetQuota();
        } else if (from.takes("after")) {
            return MetInLast.read(from);
        } else if (from.takes("on evidence of")) {
            return Evidence.read(from);
        } else if (from.takes("on the sequential test of")) {
            return Sequential.read(from);
        } else if (from.takes("ball by ball")) {
            return BallByBall.read(from);
        } else if (from.takes("as a learner")) {
            return Learners.read(from);
        }
        from.needs("when the coach says");
        return new CoachsCall();
    }

    public static Retreat readDown(Reader from) {
        return from.at(() -> down(from));
    }

    private static Retreat down(Reader from) {
        if (from.takes("never")) {
            return new StayPut();
        } else if (from.takes("one level after")) {
            return AfterUnmet.read(AfterUnmet.Back.ONE_LEVEL, from);
        } else if (from.takes("to the start after")) {
            return AfterUnmet.read(AfterUnmet.Back.THE_START, from);
        }
        from.needs("on evidence of");
        return new EvidenceAgainst(Evidence.read(from));
    }
}
