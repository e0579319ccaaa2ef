package bersaglio.core.match;

import bersaglio.core.court.Sport;
import bersaglio.core.problem.Check;
import java.util.Optional;

/**
 * How a match is scored, as data: from points to games or sets, and from these to the match.
 *
 * @param points   of a game
 * @param games    that make a set, in a sport where they do
 * @param wins     sets, or games where these make no set, that win the match
 * @param decider  points of the last one, where it is played otherwise
 * @param service  who serves
 * @param ends     when the teams change ends
 * @param interval points of a team at which a game is interrupted for a minute; 0 for never
 */
public record Format(
        String id,
        Sport sport,
        boolean doubles,
        Counting points,
        Optional<Games> games,
        int wins,
        Optional<Counting> decider,
        Service service,
        Ends ends,
        int interval) {

    public Format {
        Check.requireId("id", id);
        Check.requireBetween("wins", wins, 1, 5);
        Check.requireBetween("interval", interval, 0, 100);
    }

    /** The same for pairs. */
    public Format forPairs(String otherId) {
        return new Format(otherId, sport, true, points, games, wins, decider, service, ends, interval);
    }

    /** The same, won by so many. */
    public Format wonBy(String otherId, int sets) {
        return new Format(otherId, sport, doubles, points, games, sets, decider, service, ends, interval).halved();
    }

    /** The same, won by so many; what comes at the half of the last one goes with it. */
    public Format wonBy(int sets) {
        return wonBy(id, sets);
    }

    /** Points of the last one, where others come before it and it is played otherwise. */
    public Optional<Counting> otherLast() {
        return wins == 1 ? Optional.empty() : decider;
    }

    /** The same with games to another number of points; what comes at the half of one goes with it. */
    public Format to(int to) {
        int pause = interval == 0 ? 0 : Laws.half(sport, to);
        Counting other =
                points.to(to).cappedAt(Laws.cap(sport, to, points.finish().cap()));
        return new Format(id, sport, doubles, other, games, wins, decider, service.to(to), ends, pause).halved();
    }

    /** The same with games that so many points win in any case. */
    public Format cappedAt(int cap) {
        return new Format(id, sport, doubles, points.cappedAt(cap), games, wins, decider, service, ends, interval);
    }

    /** The same with other ends. */
    public Format changing(Ends.Change change) {
        int half = change == Ends.Change.HALF ? halfOfLast() : 0;
        return with(new Ends(change != Ends.Change.STAY, ends.oddGames(), half, ends.inTieBreak()));
    }

    private Format halved() {
        return ends.inLastGame() == 0 ? this : with(ends.inLastGameAt(halfOfLast()));
    }

    private int halfOfLast() {
        return Laws.half(sport, otherLast().orElse(points).finish().to());
    }

    private Format with(Ends other) {
        return new Format(id, sport, doubles, points, games, wins, decider, service, other, interval);
    }

    /** The match before its first rally; the team that serves first is tossed for. */
    public MatchState begin(Team server) {
        Opening opening = service instanceof SideOut ? SideOut.begin(server) : Opening.by(server);
        return MatchState.before(this, opening);
    }
}
