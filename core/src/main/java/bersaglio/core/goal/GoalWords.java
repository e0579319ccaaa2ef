package bersaglio.core.goal;

import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;

/** Which goal is meant, by how its words begin, and what several say alike. */
public final class GoalWords {

    private GoalWords() {}

    public static Goal read(Reader from) {
        return from.at(() -> from.numberIsNext() ? counted(from) : named(from));
    }

    private static Goal counted(Reader from) {
        int count = from.count();
        if (from.takes("rallies of") || from.takes("rally of")) {
            return Rally.read(count, from);
        }
        if (!from.takes("hits")) {
            from.needs("hit");
        }
        if (from.takes("of")) {
            return Quota.read(count, from);
        } else if (from.takes("in any")) {
            return Window.read(count, from);
        } else if (from.takes("in a row")) {
            return Run.read(count, from);
        } else if (from.takes("in all")) {
            return Total.read(count, from);
        }
        from.needs("in");
        return Timed.read(count, from);
    }

    private static Goal named(Reader from) {
        if (from.takes("count hits in")) {
            return Timed.read(0, from);
        } else if (from.takes("beat the best")) {
            return BestToBeat.read(from);
        } else if (from.takes("ladder")) {
            return Ladder.read(from);
        } else if (from.takes("circuit")) {
            return Circuit.read(from);
        } else if (from.takes("race of")) {
            return Race.read(from);
        } else if (from.takes("duel to")) {
            return Duel.read(from);
        } else if (from.takes("course in")) {
            return Stopwatch.read(from);
        } else if (from.takes("hold")) {
            return Hold.read(from);
        } else if (from.takes("measure")) {
            return Measured.read(from);
        } else if (from.takes("cover")) {
            return Cover.read(from);
        } else if (from.takes("test of")) {
            return FixedTest.read(from);
        } else if (from.takes("compare")) {
            return Compare.read(from);
        }
        from.needs("done or not");
        return new Tick();
    }

    static Sentence hits(Sentence to, int hits) {
        return to.counted(hits, "hit", "hits");
    }

    static int seconds(Reader from) {
        int seconds = from.count();
        from.needs("s");
        return seconds;
    }

    static Sentence seconds(Sentence to, int seconds) {
        return to.number(seconds).say("s");
    }

    static int rest(Reader from) {
        return from.takes("rest") ? seconds(from) : 0;
    }

    static void rest(Sentence to, int rest) {
        if (rest > 0) {
            seconds(to.say("rest"), rest);
        }
    }

    /** The zone of a station; 0 where any counts. */
    static int zone(Reader from) {
        return from.takes("in zone") ? from.count() : 0;
    }

    static void zone(Sentence to, int zone) {
        if (zone > 0) {
            to.say("in zone").number(zone);
        }
    }

    /** Balls at most; 0 for no end. */
    static int within(Reader from) {
        return from.takes("within") ? from.counted("ball", "balls") : 0;
    }

    static void within(Sentence to, int balls) {
        if (balls > 0) {
            to.say("within").counted(balls, "ball", "balls");
        }
    }
}
