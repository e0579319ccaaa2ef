package bersaglio.core.charting;

import bersaglio.core.court.Point;
import bersaglio.core.court.Standpoint;
import bersaglio.core.format.Family;
import bersaglio.core.format.Flat;
import bersaglio.core.format.Kind;
import bersaglio.core.format.Usually;
import bersaglio.core.match.Agreed;
import bersaglio.core.match.Bounce;
import bersaglio.core.match.Count;
import bersaglio.core.match.Depth;
import bersaglio.core.match.Format;
import bersaglio.core.match.MatchShot.Hitter;
import bersaglio.core.match.MatchState;
import bersaglio.core.match.Opening;
import bersaglio.core.match.RallyEnd;
import bersaglio.core.match.Spots;
import bersaglio.core.match.Team;
import bersaglio.core.pattern.Way;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.rally.Contacts;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import java.util.List;
import java.util.Optional;

/** What is charted of a match or a game. The score follows from it, whatever is corrected. */
@Family(apart = true)
public sealed interface MatchEvent extends EventBody {

    void applyTo(MatchChart chart, ChartEvent event);

    /** @throws Refused where it cannot come next in a match */
    default void check(ChartedMatch match) {}

    /** What undo and redo step over. */
    sealed interface Entry extends MatchEvent {
        @Override
        default boolean canBeUndone() {
            return true;
        }
    }

    /** What happens in its turn: what it does depends on what came before it, as that stands after all corrections. */
    sealed interface Turn extends Entry {

        @Override
        default void applyTo(MatchChart chart, ChartEvent event) {
            chart.add(this, event);
        }

        void happen(MatchReplay replay, String id, long at);
    }

    /**
     * A match begins.
     *
     * @param start    the score that it begins at, and who serves
     * @param counts   which contacts make the length of a rally
     * @param nearTeam who plays from the near end of the drawing at the start
     * @param game     whether it is a game within practice, and not a match
     */
    @Kind("match.opened")
    record MatchOpened(
            Agreed agreed,
            @Flat Lineup lineup,
            ScoreSaid start,
            Depth depth,
            @Usually("bersaglio.core.rally.Contacts.ALL") Contacts counts,
            Standpoint standpoint,
            @Usually("bersaglio.core.match.Team.ONE") Team nearTeam,
            @Usually("false") boolean game)
            implements MatchEvent {

        public MatchOpened {
            int most = agreed.format().doubles() ? 2 : 1;
            Check.requireBetween("one", lineup.one().size(), 1, most);
            Check.requireBetween("two", lineup.two().size(), 0, most);
            if (counts == Contacts.OWN) {
                throw new Refused("not_allowed", "counts", "OWN", "ALL, AFTER_THE_SERVE: a match has two sides");
            }
        }

        @Override
        public void applyTo(MatchChart chart, ChartEvent event) {
            chart.open(this, event);
        }
    }

    /**
     * Who plays, in the order in which they were named.
     *
     * @param two nobody where the opponent is not of the club
     */
    record Lineup(List<String> one, @Usually("") List<String> two) {
        public Lineup {
            one = List.copyOf(one);
            two = List.copyOf(two);
            for (int i = 0; i < one.size(); i++) {
                Check.requireId("one." + i, one.get(i));
            }
            for (int i = 0; i < two.size(); i++) {
                Check.requireId("two." + i, two.get(i));
                if (one.contains(two.get(i))) {
                    throw new Refused("twice", "two." + i, two.get(i), "each player once");
                }
            }
        }
    }

    /**
     * How a match stands, as somebody said it.
     *
     * @param server   who serves next
     * @param player   of that team, from 0
     * @param receiver of the other
     * @param number   of the server's turn, where a team has two; 0 for the usual one
     */
    record ScoreSaid(
            @Usually("bersaglio.core.match.Count.NONE") Count sets,
            @Usually("bersaglio.core.match.Count.NONE") Count games,
            @Usually("bersaglio.core.match.Count.NONE") Count points,
            Team server,
            @Usually("0") int player,
            @Usually("0") int receiver,
            @Usually("0") int number) {
        public ScoreSaid {
            Check.requireBetween("player", player, 0, 1);
            Check.requireBetween("receiver", receiver, 0, 1);
            Check.requireBetween("number", number, 0, 2);
        }

        /** How a match stands that begins at it. */
        MatchState begin(Format format) {
            MatchState fresh = format.begin(server);
            boolean zero = sets.total() + games.total() + points.total() == 0;
            if (zero && number == 0) {
                return player == 0 && receiver == 0 ? fresh : fresh.opening(player, receiver);
            }
            return on(fresh);
        }

        /** @throws Refused where it cannot be */
        MatchState on(MatchState now) {
            return now.scoreIs(sets, games, new Opening(server, player, receiver, points, Math.max(1, number)));
        }

        public static ScoreSaid from(Team server) {
            return new ScoreSaid(Count.NONE, Count.NONE, Count.NONE, server, 0, 0, 0);
        }
    }

    /**
     * Somebody hit the ball.
     *
     * @param spot   the part of the court that it went to; 0 where only the place is given, or neither
     * @param place  where the court was touched
     * @param serve  1 or 2 for a first or a second serve
     * @param gap    whether shots before it were not charted
     */
    @Kind("match.shot")
    record MatchShotMade(
            @Flat Hitter hitter,
            @Usually("") String stroke,
            @Usually("0") int spot,
            Optional<Point> place,
            Bounce bounce,
            @Flat Ruling ruling,
            @Usually("0") int serve,
            @Usually("false") boolean gap,
            Caller caller)
            implements Turn {

        private static final double FARTHEST = 70;

        public MatchShotMade {
            Check.requireBetween("player", hitter.player(), Hitter.ONE_OF_THE_PAIR, 1);
            Way.requireStroke("stroke", stroke);
            Check.requireBetween("spot", spot, 0, Spots.MOST);
            Check.requireBetween("serve", serve, 0, 2);
            place.ifPresent(at -> {
                Check.requireBetween("place.x", at.x(), -FARTHEST, FARTHEST);
                Check.requireBetween("place.y", at.y(), -FARTHEST, FARTHEST);
            });
            Outcome outcome = ruling.outcome();
            // A serve that is served again is none.
            boolean again = outcome == Outcome.VOID && serve > 0;
            if (outcome == Outcome.HIT || outcome == Outcome.VOID && !again || ruling.zone() != 0) {
                throw new Refused("not_allowed", "outcome", outcome.name(), "in play, how it missed, or not seen");
            }
        }

        @Override
        public void happen(MatchReplay replay, String id, long at) {
            replay.shot(this, id, at);
        }
    }

    /**
     * What a shot was, said after it.
     *
     * @param cause the earlier shot of the rally that caused it; empty where that is not said
     */
    @Kind("match.settled")
    record MatchShotSettled(
            String shot, @Usually("") String stroke, @Usually("-1") int player, @Usually("") String cause)
            implements Entry {
        public MatchShotSettled {
            Check.requireId("shot", shot);
            Way.requireStroke("stroke", stroke);
            Check.requireBetween("player", player, Hitter.ONE_OF_THE_PAIR, 1);
            Check.requireId("cause", cause.isEmpty() ? "none" : cause);
        }

        public MatchShotSettled(String shot, String stroke, int player) {
            this(shot, stroke, player, "");
        }

        @Override
        public void check(ChartedMatch match) {
            match.requireShot(shot);
        }

        @Override
        public void applyTo(MatchChart chart, ChartEvent event) {
            chart.settle(this);
        }
    }

    /** A rally is over. */
    @Kind("match.rally")
    record MatchRallyEnded(@Flat RallyEnd end) implements Turn {
        @Override
        public void happen(MatchReplay replay, String id, long at) {
            replay.end(end, id, at);
        }
    }

    /** A rally ended otherwise than was charted; all that follows is worked out again. */
    @Kind("match.corrected")
    record MatchRallyCorrected(String rally, @Flat RallyEnd end) implements Entry {
        public MatchRallyCorrected {
            Check.requireId("rally", rally);
        }

        @Override
        public void check(ChartedMatch match) {
            match.requireRally(rally);
        }

        @Override
        public void applyTo(MatchChart chart, ChartEvent event) {
            chart.correct(rally, end);
        }
    }

    /**
     * A team earned a bonus.
     *
     * @param rule which of those that hold, from 0
     */
    @Kind("match.bonus")
    record MatchBonusEarned(int rule, Team team) implements Turn {
        public MatchBonusEarned {
            Check.requireBetween("rule", rule, 0, 7);
        }

        @Override
        public void happen(MatchReplay replay, String id, long at) {
            replay.earn(id, rule, team);
        }
    }

    /** The score is now this; rallies that nobody saw lie before it. */
    @Kind("match.score")
    record MatchScoreSet(@Flat ScoreSaid score) implements Turn {
        @Override
        public void check(ChartedMatch match) {
            score.on(match.now());
        }

        @Override
        public void happen(MatchReplay replay, String id, long at) {
            replay.scoreIs(score, id);
        }
    }

    /** The receiver chooses to play on for longer. */
    @Kind("match.extended")
    record MatchExtended() implements Turn {
        @Override
        public void check(ChartedMatch match) {
            match.now().extend();
        }

        @Override
        public void happen(MatchReplay replay, String id, long at) {
            replay.extend(id);
        }
    }

    /** Something else is agreed. */
    @Kind("match.agreed")
    record MatchAgreed(Agreed agreed, From from) implements Turn {

        /** Since when it holds. */
        public enum From {
            NEXT_RALLY,
            /** The score is worked out again. */
            START
        }

        @Override
        public void check(ChartedMatch match) {
            match.requireSameSport(agreed.format());
            if (from == From.NEXT_RALLY) {
                match.now().under(agreed.format());
            }
        }

        @Override
        public void applyTo(MatchChart chart, ChartEvent event) {
            chart.agree(this, event);
        }

        @Override
        public void happen(MatchReplay replay, String id, long at) {
            replay.agree(id, this);
        }
    }

    /**
     * Rallies are charted to another depth.
     *
     * @param fellBehind whether shots came faster than they could be charted
     */
    @Kind("match.depth")
    record MatchDepthChanged(Depth depth, @Usually("false") boolean fellBehind) implements Turn {
        @Override
        public void happen(MatchReplay replay, String id, long at) {
            replay.deepen(depth);
        }
    }

    /** Whether a coach may speak in this match. */
    @Kind("match.coaching")
    record MatchCoaching(boolean allowed) implements MatchEvent {
        @Override
        public void applyTo(MatchChart chart, ChartEvent event) {
            chart.coaching(allowed);
        }
    }

    /** It is over: won, by the clock, or because who leads it says so. */
    @Kind("match.ended")
    record MatchEnded() implements Entry {
        @Override
        public void applyTo(MatchChart chart, ChartEvent event) {
            chart.over();
        }
    }
}
