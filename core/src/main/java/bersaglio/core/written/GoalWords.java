package bersaglio.core.written;

import bersaglio.core.goal.BestToBeat;
import bersaglio.core.goal.Circuit;
import bersaglio.core.goal.Compare;
import bersaglio.core.goal.Cover;
import bersaglio.core.goal.Duel;
import bersaglio.core.goal.FixedTest;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Hold;
import bersaglio.core.goal.Ladder;
import bersaglio.core.goal.Measured;
import bersaglio.core.goal.MissRule;
import bersaglio.core.goal.MissRule.Does;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Race;
import bersaglio.core.goal.Rally;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Signal;
import bersaglio.core.goal.Stopwatch;
import bersaglio.core.goal.Tick;
import bersaglio.core.goal.Timed;
import bersaglio.core.goal.Total;
import bersaglio.core.goal.Window;
import bersaglio.core.rally.Contacts;
import bersaglio.core.rally.PartnerMiss;
import java.util.ArrayList;
import java.util.List;

/** What a set asks for, in words: {@code 8 hits of 12 balls}. */
final class GoalWords {

    private static final Phrases<Signal> SIGNAL =
            Phrases.with("the last ball counts", Signal.COUNTS).and("the last ball is too late", Signal.TOO_LATE);
    private static final Phrases<Race.Tie> TIE =
            Phrases.with("the first there wins", Race.Tie.FIRST).and("turns are equal", Race.Tie.EQUAL_TURNS);
    private static final Phrases<BestToBeat.Of> BEST =
            Phrases.with("hits", BestToBeat.Of.HITS).and("run", BestToBeat.Of.RUN);
    private static final Phrases<Measured.Better> BETTER =
            Phrases.with("more is better", Measured.Better.MORE).and("less is better", Measured.Better.LESS);
    private static final Phrases<Does> MISS = Phrases.with("a miss costs its ball", Does.COUNT_ON)
            .and("a miss restarts the run", Does.RESTART_RUN)
            .and("a miss restarts the station", Does.RESTART_STATION)
            .and("a miss goes back a station", Does.STEP_BACK)
            .and("a miss restarts the ladder", Does.RESTART_LADDER)
            .and("a miss is tried again", Does.STAY);

    private static final Phrases<Contacts> CONTACTS = Phrases.with("all contacts", Contacts.ALL)
            .and("own contacts", Contacts.OWN)
            .and("contacts after the serve", Contacts.AFTER_THE_SERVE);
    private static final Phrases<PartnerMiss> PARTNER_MISS = Phrases.with("ends it", PartnerMiss.ENDS_IT)
            .and("is no try", PartnerMiss.VOIDS_IT)
            .and("lets it go on", PartnerMiss.RESUMES);

    private GoalWords() {}

    private static void write(Sentence to, Rally rally) {
        to.counted(rally.times(), "rally", "rallies").say("of").number(rally.length());
        if (rally.counts() != Contacts.ALL) {
            to.say("counted by").say(CONTACTS.of(rally.counts()));
        }
        if (rally.tries() > 0) {
            to.comma().say("in at most").counted(rally.tries(), "try", "tries");
        }
        if (rally.partnerMiss() != PartnerMiss.ENDS_IT) {
            to.comma().say("a partner's miss").say(PARTNER_MISS.of(rally.partnerMiss()));
        }
    }

    static Goal read(Reader from) {
        return from.at(() -> from.numberIsNext() ? counted(from) : named(from));
    }

    private static Goal rallies(Reader from, int times) {
        int length = from.count();
        Contacts counts = from.takes("counted by") ? CONTACTS.read(from) : Contacts.ALL;
        int tries = from.takes("in at most") ? from.counted("try", "tries") : 0;
        PartnerMiss miss = from.takes("a partner's miss") ? PARTNER_MISS.read(from) : PartnerMiss.ENDS_IT;
        return new Rally(length, times, tries, counts, miss);
    }

    private static Goal counted(Reader from) {
        int count = from.count();
        if (from.takes("rallies of") || from.takes("rally of")) {
            return rallies(from, count);
        }
        if (!from.takes("hits")) {
            from.needs("hit");
        }
        if (from.takes("of")) {
            return new Quota(count, from.counted("ball", "balls"), misses(from, MissRule.of(Does.COUNT_ON)));
        } else if (from.takes("in any")) {
            int of = from.counted("ball", "balls");
            from.needs("in a row");
            return new Window(count, of, within(from));
        } else if (from.takes("in a row")) {
            return new Run(count, within(from), misses(from, MissRule.of(Does.RESTART_RUN)));
        } else if (from.takes("in all")) {
            return new Total(count, within(from), misses(from, MissRule.of(Does.COUNT_ON)));
        }
        from.needs("in");
        return timed(from, count);
    }

    private static Goal named(Reader from) {
        if (from.takes("count hits in")) {
            return timed(from, 0);
        } else if (from.takes("beat the best")) {
            BestToBeat.Of of = BEST.read(from);
            from.needs("in");
            return new BestToBeat(of, from.counted("ball", "balls"));
        } else if (from.takes("ladder")) {
            return ladder(from);
        } else if (from.takes("circuit")) {
            return circuit(from);
        } else if (from.takes("race of")) {
            int sides = from.count();
            from.needs("sides to");
            return new Race(sides, from.count(), TIE.read(from), within(from));
        } else if (from.takes("duel to")) {
            int points = from.count();
            from.needs("lead");
            int lead = from.count();
            from.needs("from");
            int one = from.count();
            from.needs("and");
            return new Duel(points, lead, List.of(one, from.count()));
        } else if (from.takes("course in")) {
            int seconds = seconds(from);
            from.needs("each miss");
            int penalty = seconds(from);
            from.needs("in at most");
            return new Stopwatch(seconds, penalty, from.counted("lap", "laps"));
        } else if (from.takes("hold")) {
            int seconds = seconds(from);
            from.needs("in at most");
            return new Hold(seconds, from.counted("try", "tries"));
        }
        return rare(from);
    }

    private static Goal rare(Reader from) {
        if (from.takes("measure")) {
            String what = from.text();
            return new Measured(what, BETTER.read(from), from.counted("time", "times"));
        } else if (from.takes("cover")) {
            int zones = from.counted("zone", "zones");
            int times = from.counted("time", "times");
            from.needs("each");
            return new Cover(zones, times, within(from));
        } else if (from.takes("test of")) {
            return new FixedTest(from.counted("ball", "balls"));
        } else if (from.takes("compare")) {
            String one = from.text();
            from.needs("with");
            String other = from.text();
            int balls = from.counted("ball", "balls");
            from.needs("each");
            return new Compare(List.of(one, other), balls);
        }
        from.needs("done or not");
        return new Tick();
    }

    private static Timed timed(Reader from, int hits) {
        int rounds = from.counted("round", "rounds");
        from.needs("of");
        int seconds = seconds(from);
        int rest = from.takes("rest") ? seconds(from) : 0;
        int sides = from.takes("between") ? from.counted("side", "sides") : 1;
        return new Timed(rounds, seconds, rest, hits, SIGNAL.read(from), sides);
    }

    private static Ladder ladder(Reader from) {
        List<Ladder.Station> stations = new ArrayList<>();
        while (from.numberIsNext()) {
            int hits = from.count();
            from.needs("at");
            stations.add(new Ladder.Station(from.text(), hits, zone(from)));
        }
        return new Ladder(stations, within(from), misses(from, MissRule.of(Does.RESTART_STATION)));
    }

    private static Circuit circuit(Reader from) {
        List<Circuit.Stop> stops = new ArrayList<>();
        while (from.numberIsNext()) {
            int seconds = seconds(from);
            from.needs("at");
            stops.add(new Circuit.Stop(from.text(), zone(from), seconds));
        }
        int rest = from.takes("rest") ? seconds(from) : 0;
        int hits = from.takes("wanted") ? from.counted("hit", "hits") : 0;
        return new Circuit(stops, rest, hits, SIGNAL.read(from));
    }

    private static int zone(Reader from) {
        return from.takes("in zone") ? from.count() : 0;
    }

    private static int within(Reader from) {
        return from.takes("within") ? from.counted("ball", "balls") : 0;
    }

    private static int seconds(Reader from) {
        int seconds = from.count();
        from.needs("s");
        return seconds;
    }

    private static MissRule misses(Reader from, MissRule usual) {
        Does does = MISS.isNext(from) ? MISS.read(from) : usual.does();
        int tries = from.takes("in at most") ? from.counted("attempt", "attempts") : 0;
        return new MissRule(does, tries, from.takes("each miss owes") ? from.count() : 0);
    }

    static void write(Sentence to, Goal goal) {
        if (goal instanceof Quota quota) {
            hits(to, quota.hits()).say("of").counted(quota.balls(), "ball", "balls");
            misses(to, quota.misses(), Does.COUNT_ON);
        } else if (goal instanceof Window window) {
            hits(to, window.hits()).say("in any").counted(window.of(), "ball", "balls");
            within(to.say("in a row"), window.balls());
        } else if (goal instanceof Run run) {
            within(hits(to, run.hits()).say("in a row"), run.balls());
            misses(to, run.misses(), Does.RESTART_RUN);
        } else if (goal instanceof Total total) {
            within(hits(to, total.hits()).say("in all"), total.balls());
            misses(to, total.misses(), Does.COUNT_ON);
        } else if (goal instanceof Timed timed) {
            (timed.hits() == 0 ? to.say("count hits") : hits(to, timed.hits()))
                    .say("in")
                    .counted(timed.rounds(), "round", "rounds")
                    .say("of");
            rest(seconds(to, timed.seconds()), timed.rest());
            if (timed.sides() > 1) {
                to.comma().say("between").counted(timed.sides(), "side", "sides");
            }
            to.comma().say(SIGNAL.of(timed.signal()));
        } else if (goal instanceof Rally rally) {
            write(to, rally);
        } else if (goal instanceof Ladder ladder) {
            write(to, ladder);
        } else if (goal instanceof Circuit circuit) {
            write(to, circuit);
        } else {
            writeRare(to, goal);
        }
    }

    private static void writeRare(Sentence to, Goal goal) {
        if (goal instanceof BestToBeat best) {
            to.say("beat the best").say(BEST.of(best.of())).say("in").counted(best.balls(), "ball", "balls");
        } else if (goal instanceof Race race) {
            to.say("race of").number(race.sides()).say("sides to").number(race.finish());
            within(to.comma().say(TIE.of(race.tie())), race.balls());
        } else if (goal instanceof Duel duel) {
            to.say("duel to").number(duel.points()).comma().say("lead").number(duel.lead());
            to.comma().say("from").number(duel.headStarts().get(0));
            to.say("and").number(duel.headStarts().get(1));
        } else if (goal instanceof Stopwatch watch) {
            seconds(to.say("course in"), watch.seconds()).comma();
            seconds(to.say("each miss"), watch.penalty()).comma();
            to.say("in at most").counted(watch.laps(), "lap", "laps");
        } else if (goal instanceof Hold hold) {
            seconds(to.say("hold"), hold.seconds()).comma();
            to.say("in at most").counted(hold.tries(), "try", "tries");
        } else if (goal instanceof Measured measured) {
            to.say("measure").quoted(measured.what()).comma().say(BETTER.of(measured.better()));
            to.comma().counted(measured.values(), "time", "times");
        } else if (goal instanceof Cover cover) {
            to.say("cover").counted(cover.zones(), "zone", "zones");
            within(to.counted(cover.times(), "time", "times").say("each"), cover.balls());
        } else if (goal instanceof FixedTest test) {
            to.say("test of").counted(test.balls(), "ball", "balls");
        } else if (goal instanceof Compare compare) {
            to.say("compare")
                    .quoted(compare.ways().get(0))
                    .say("with")
                    .quoted(compare.ways().get(1));
            to.comma().counted(compare.ballsEach(), "ball", "balls").say("each");
        } else {
            to.say("done or not");
        }
    }

    private static void write(Sentence to, Ladder ladder) {
        to.say("ladder");
        for (Ladder.Station station : ladder.stations()) {
            zone(to.number(station.hits()).say("at").quoted(station.name()), station.zone());
            to.comma();
        }
        within(to, ladder.balls());
        if (ladder.balls() > 0) {
            to.comma();
        }
        to.say(MISS.of(ladder.misses().does()));
        misses(to, ladder.misses(), ladder.misses().does());
    }

    private static void write(Sentence to, Circuit circuit) {
        to.say("circuit");
        for (Circuit.Stop stop : circuit.stops()) {
            zone(seconds(to, stop.seconds()).say("at").quoted(stop.name()), stop.zone());
            to.comma();
        }
        rest(to, circuit.rest());
        if (circuit.hits() > 0) {
            hits(to.say("wanted"), circuit.hits()).comma();
        }
        to.say(SIGNAL.of(circuit.signal()));
    }

    private static Sentence hits(Sentence to, int hits) {
        return to.counted(hits, "hit", "hits");
    }

    private static Sentence seconds(Sentence to, int seconds) {
        return to.number(seconds).say("s");
    }

    private static void rest(Sentence to, int rest) {
        if (rest > 0) {
            seconds(to.say("rest"), rest);
        }
    }

    private static void zone(Sentence to, int zone) {
        if (zone > 0) {
            to.say("in zone").number(zone);
        }
    }

    private static void within(Sentence to, int balls) {
        if (balls > 0) {
            to.say("within").counted(balls, "ball", "balls");
        }
    }

    private static void misses(Sentence to, MissRule rule, Does usual) {
        if (rule.does() != usual) {
            to.comma().say(MISS.of(rule.does()));
        }
        if (rule.tries() > 0) {
            to.comma().say("in at most").counted(rule.tries(), "attempt", "attempts");
        }
        if (rule.owes() > 0) {
            to.comma().say("each miss owes").number(rule.owes());
        }
    }
}
