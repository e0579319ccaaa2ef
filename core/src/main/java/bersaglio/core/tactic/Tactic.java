package bersaglio.core.tactic;

import bersaglio.core.court.Sport;
import bersaglio.core.match.PlayedRally;
import bersaglio.core.match.Team;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A statement over a rally: on which occasions it speaks, and whether it held on each. */
public sealed interface Tactic {

    /** An occasion: the place of the shot that is asked of, and whether what was asked of it held. */
    record Occasion(int shot, boolean kept) {}

    /** @param own the team whose player the rule is for */
    default List<Occasion> in(Sport sport, PlayedRally rally, Team own) {
        List<Occasion> occasions = new ArrayList<>();
        for (int at = 0; at < rally.shots().size(); at++) {
            RallyShot shot = new RallyShot(sport, rally, at, own);
            int place = at;
            of(shot).ifPresent(kept -> occasions.add(new Occasion(place, kept)));
        }
        return occasions;
    }

    /** In words that read back. */
    void write(Sentence to);

    /** Whether a shot keeps it; nothing where it says nothing of this shot, or where what it asks was not charted. */
    Optional<Boolean> of(RallyShot shot);

    /**
     * After some shots, one after the other, the next shot is asked for something.
     *
     * @param next whose
     */
    record After(List<ShotIs> before, ShotIs.Whose next, Demand asked) implements Tactic {
        public After {
            Check.requireBetween("before", before.size(), 1, 4);
            before = List.copyOf(before);
        }

        /** Its words after {@code after}. */
        static After read(Reader from, Sport sport) {
            List<ShotIs> before = new ArrayList<>(List.of(TacticWords.shot(from, sport)));
            while (from.takes("then")) {
                before.add(TacticWords.shot(from, sport));
            }
            from.needs("the next");
            ShotIs.Whose next = TacticWords.whose(from);
            from.needs("shot");
            return new After(before, next, TacticWords.demand(from, sport));
        }

        @Override
        public void write(Sentence to) {
            to.say("after").say(TacticWords.words(before.get(0)));
            before.subList(1, before.size()).forEach(shot -> to.say("then").say(TacticWords.words(shot)));
            to.comma().say("the next");
            to.say(next == ShotIs.Whose.ANY ? "" : TacticWords.WHOSE.of(next)).say("shot");
            TacticWords.demand(to, asked);
        }

        @Override
        public Optional<Boolean> of(RallyShot shot) {
            if (next != ShotIs.Whose.ANY && shot.isOwn() != (next == ShotIs.Whose.OWN)) {
                return Optional.empty();
            }
            // The next shot of a side is the one after theirs, or after the other side's answer.
            for (int back = 1; back <= 2; back++) {
                int last = shot.at() - back;
                if (last < before.size() - 1) {
                    return Optional.empty();
                }
                boolean between = back == 2
                        && new RallyShot(shot.sport(), shot.rally(), last + 1, shot.own()).isOwn() == shot.isOwn();
                if (!between && whole(shot, last) && follows(shot, last)) {
                    return back == 2 && next == ShotIs.Whose.ANY ? Optional.empty() : asked.holds(shot);
                }
            }
            return Optional.empty();
        }

        private boolean whole(RallyShot shot, int last) {
            for (int at = last - before.size() + 2; at <= shot.at(); at++) {
                if (shot.rally().shots().get(at).gap()) {
                    return false;
                }
            }
            return true;
        }

        private boolean follows(RallyShot shot, int last) {
            for (int i = 0; i < before.size(); i++) {
                RallyShot one = new RallyShot(shot.sport(), shot.rally(), last - before.size() + 1 + i, shot.own());
                if (!before.get(i).holds(one).equals(Optional.of(true))
                        || !one.shot().isIn()) {
                    return false;
                }
            }
            return true;
        }
    }

    /**
     * So many of a kind do not follow one another.
     *
     * @param times  that are too many, 2 to 6
     * @param sameSpot whether only those to one part of the court count
     */
    record Never(ShotIs shot, int times, boolean sameSpot) implements Tactic {
        public Never {
            Check.requireBetween("times", times, 2, 6);
        }

        /** Its words after {@code never}; whose shots they are goes without saying where they are one's own. */
        static Never read(Reader from, Sport sport) {
            int times = TacticWords.times(from);
            ShotIs shot = TacticWords.shot(from, sport);
            from.needs("in a row");
            ShotIs.Whose by = shot.by() == ShotIs.Whose.ANY ? ShotIs.Whose.OWN : shot.by();
            return new Never(
                    new ShotIs(by, shot.strokes(), shot.going(), shot.spots()),
                    times,
                    from.takes("to the same corner") || from.takes("to the same part"));
        }

        @Override
        public void write(Sentence to) {
            to.say("never").say(TacticWords.NUMBERS.get(times - 2)).say(TacticWords.manyWords(shot));
            to.say("in a row").say(sameSpot ? "to the same part" : "");
        }

        /** An occasion is every own shot after one too few of them. */
        @Override
        public Optional<Boolean> of(RallyShot now) {
            if (!shot.isBy(now)) {
                return Optional.empty();
            }
            int spot = 0;
            int at = now.at();
            for (int i = 1; i < times; i++) {
                at -= 2;
                if (at < 0
                        || now.rally().shots().get(at + 1).gap()
                        || now.rally().shots().get(at + 2).gap()) {
                    return Optional.empty();
                }
                RallyShot earlier = new RallyShot(now.sport(), now.rally(), at, now.own());
                boolean same = spot == 0 || earlier.spot() == spot;
                if (!shot.holds(earlier).equals(Optional.of(true)) || sameSpot && (earlier.spot() == 0 || !same)) {
                    return Optional.empty();
                }
                spot = earlier.spot();
            }
            if (sameSpot && now.spot() == 0) {
                return Optional.empty();
            }
            int wanted = spot;
            return shot.holds(now).map(again -> !(again && (!sameSpot || now.spot() == wanted)));
        }
    }

    /** Every shot of a kind is asked for something. */
    record Every(ShotIs shot, Demand asked) implements Tactic {

        /** Its words after {@code every}. */
        static Every read(Reader from, Sport sport) {
            ShotIs shot = TacticWords.shot(from, sport);
            return new Every(shot, TacticWords.demand(from, sport));
        }

        @Override
        public void write(Sentence to) {
            to.say("every").say(TacticWords.words(shot));
            TacticWords.demand(to, asked);
        }

        @Override
        public Optional<Boolean> of(RallyShot now) {
            return shot.holds(now).equals(Optional.of(true)) ? asked.holds(now) : Optional.empty();
        }
    }
}
