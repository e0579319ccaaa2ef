package bersaglio.core.charting;

import bersaglio.core.charting.MatchEvent.Lineup;
import bersaglio.core.charting.MatchEvent.MatchOpened;
import bersaglio.core.charting.MatchEvent.MatchRallyEnded;
import bersaglio.core.charting.MatchEvent.MatchShotMade;
import bersaglio.core.charting.MatchEvent.ScoreSaid;
import bersaglio.core.court.Side;
import bersaglio.core.court.Standpoint;
import bersaglio.core.match.Agreed;
import bersaglio.core.match.Bounce;
import bersaglio.core.match.Depth;
import bersaglio.core.match.Format;
import bersaglio.core.match.Formats;
import bersaglio.core.match.GameRule;
import bersaglio.core.match.MatchShot.Hitter;
import bersaglio.core.match.OpenRally;
import bersaglio.core.match.RallyEnd;
import bersaglio.core.match.Team;
import bersaglio.core.rally.Contacts;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Writes the events of a match as somebody beside the court would. */
public final class MatchTape {

    private final List<ChartEvent> events = new ArrayList<>();

    public MatchTape then(EventBody what) {
        int seq = events.size() + 1;
        events.add(new ChartEvent("e" + seq, "s1", "r1", 1, "d1", seq, seq * 1000L, 5000, what));
        return this;
    }

    /** The id of the event written last. */
    public String last() {
        return "e" + events.size();
    }

    public ChartedMatch match() {
        return MatchChart.replay(events);
    }

    public static MatchTape of(String format, Depth depth, GameRule... rules) {
        return from(format, depth, ScoreSaid.from(Team.ONE), rules);
    }

    public static MatchTape from(String format, Depth depth, ScoreSaid start, GameRule... rules) {
        Format known = Formats.known(format);
        Lineup who = known.doubles()
                ? new Lineup(List.of("a", "b"), List.of("c", "d"))
                : new Lineup(List.of("a"), List.of("b"));
        return new MatchTape()
                .then(new MatchOpened(
                        new Agreed(known, List.of(rules), 0),
                        who,
                        start,
                        depth,
                        Contacts.ALL,
                        Standpoint.BEHIND,
                        Team.ONE,
                        false));
    }

    /** Rallies by who won them: {@code 1} and {@code 2}. */
    public MatchTape won(String winners) {
        for (char winner : winners.toCharArray()) {
            then(new MatchRallyEnded(RallyEnd.won(RallyEnd.How.WON, winner == '1' ? Team.ONE : Team.TWO)));
        }
        return this;
    }

    /** A shot by whose turn it is. */
    public MatchTape shot(int spot, String stroke) {
        OpenRally.Next next = match().open().next();
        return then(new MatchShotMade(
                next.hitter(),
                stroke,
                spot,
                Optional.empty(),
                Bounce.MET,
                Ruling.of(Outcome.IN),
                next.serve(),
                false,
                Caller.COACH));
    }

    public MatchTape shot(int spot) {
        return shot(spot, "");
    }

    /** A shot by a team, after some that were not charted. */
    public MatchTape later(Team by, int spot) {
        return then(new MatchShotMade(
                new Hitter(by, 0),
                "",
                spot,
                Optional.empty(),
                Bounce.MET,
                Ruling.of(Outcome.IN),
                0,
                true,
                Caller.COACH));
    }

    /** A serve that was none. */
    public MatchTape fault(Outcome miss) {
        OpenRally.Next next = match().open().next();
        return then(new MatchShotMade(
                next.hitter(),
                "",
                0,
                Optional.empty(),
                Bounce.LANDED,
                Ruling.of(miss),
                next.serve(),
                false,
                Caller.COACH));
    }

    public MatchTape winner(Team by) {
        return then(new MatchRallyEnded(RallyEnd.won(RallyEnd.How.WINNER, by)));
    }

    public MatchTape error(RallyEnd.How how, Team winner, Outcome miss) {
        return then(new MatchRallyEnded(new RallyEnd(how, Optional.of(winner), miss, Side.NONE, 0)));
    }

    /** Whole rallies of shots to parts of the court: {@code "2 9 4 1"} won by a team with its last shot, or by an error. */
    public MatchTape rally(String spots, Team winner) {
        for (String spot : spots.split(" ")) {
            shot(Integer.parseInt(spot));
        }
        Team next = match().open().next().hitter().team();
        return next == winner ? winnerBefore(winner) : winner(winner);
    }

    /** The one who hit last made an error that was not charted apart: it is the other's by a miss. */
    private MatchTape winnerBefore(Team winner) {
        return error(RallyEnd.How.UNFORCED, winner, Outcome.NET);
    }
}
