package bersaglio.core.match;

import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How a match stands.
 *
 * @param sets     that each team has won; games, where these make no set
 * @param games    of the set that is on
 * @param points   of the game that is on
 * @param over     the sets before, in order
 * @param opening  of the game that is on
 * @param rallies  of it since then, by who won each
 * @param served   service games that each team has begun
 * @param tieBreak whether a tie-break is on
 * @param extended whether the receiver chose to play on for longer
 * @param swapped  whether the teams stand at the other ends than at the start
 * @param pause    before the next rally
 */
public record MatchState(
        Format format,
        Count sets,
        Count games,
        Count points,
        List<Part> over,
        Opening opening,
        List<Team> rallies,
        Count served,
        boolean tieBreak,
        boolean extended,
        boolean swapped,
        Pause pause) {

    public MatchState {
        over = List.copyOf(over);
        rallies = List.copyOf(rallies);
    }

    static MatchState before(Format format, Opening opening) {
        MatchState fresh = new MatchState(
                format,
                Count.NONE,
                Count.NONE,
                Count.NONE,
                List.of(),
                opening,
                List.of(),
                Count.NONE,
                false,
                false,
                false,
                Pause.NONE);
        return fresh.inTieBreak(fresh.isTieBreakAlone());
    }

    /**
     * The score is said to be this, whatever was seen, in the set that is on. Rallies that nobody saw have no winner.
     *
     * @param server who serves now, and from which player to which
     * @throws Refused where somebody would have won by it
     */
    public MatchState scoreIs(Count nowSets, Count nowGames, Opening server) {
        if (nowSets.most() >= format.wins()) {
            throw new Refused("match_over", "sets", nowSets.toString(), "fewer than " + format.wins() + " each");
        }
        MatchState at = new MatchState(
                format,
                nowSets,
                nowGames,
                server.at(),
                over,
                server,
                List.of(),
                served,
                false,
                false,
                swapped,
                Pause.NONE);
        boolean breaks = at.isTieBreakAlone()
                || format.games()
                        .map(one -> one.breakAt() > 0 && nowGames.least() == one.breakAt())
                        .orElse(false);
        MatchState now = at.inTieBreak(breaks);
        if (!now.counting().finish().isOpen(server.at())) {
            throw new Refused("game_over", "points", server.at().toString(), "a score at which nobody has won");
        }
        if (format.games().isPresent() && !format.games().get().finish().isOpen(nowGames)) {
            throw new Refused("set_over", "games", nowGames.toString(), "a score at which nobody has won");
        }
        return now;
    }

    /** Of pairs, who of them serve and receive first. */
    public MatchState opening(int player, int receiver) {
        Opening by = new Opening(opening.server(), player, receiver, opening.at(), opening.number());
        return new MatchState(
                format, sets, games, points, over, by, rallies, served, tieBreak, extended, swapped, pause);
    }

    private MatchState inTieBreak(boolean breaks) {
        return new MatchState(
                format, sets, games, points, over, opening, rallies, served, breaks, extended, swapped, pause);
    }

    /**
     * The score on one line: what is over, then the games and points that are on, as far as there are any; {@code 21-19 3-2}.
     */
    public String line() {
        List<Count> parts = new ArrayList<>();
        over.forEach(part -> parts.add(part.count()));
        if (winner().isEmpty()) {
            format.games().ifPresent(byGames -> parts.add(games));
            parts.add(points);
        }
        int shown = parts.size();
        while (shown > 1 && parts.get(shown - 1).equals(Count.NONE)) {
            shown--;
        }
        List<String> each = parts.subList(0, shown).stream()
                .map(count -> count.one() + "-" + count.two())
                .toList();
        return String.join(" ", each);
    }

    public Optional<Team> winner() {
        for (Team team : Team.values()) {
            if (sets.of(team) == format.wins()) {
                return Optional.of(team);
            }
        }
        return Optional.empty();
    }

    /** Whether the last set there can be is on. */
    public boolean isDeciding() {
        return sets.total() == 2 * format.wins() - 2;
    }

    /** Whether the set that is on is one tie-break and nothing else. */
    private boolean isTieBreakAlone() {
        return isDeciding() && format.otherLast().isPresent() && format.games().isPresent();
    }

    /** How the points of the game that is on count. */
    public Counting counting() {
        Counting counting = isDeciding() && format.otherLast().isPresent()
                ? format.otherLast().get()
                : tieBreak ? format.games().orElseThrow().tieBreak() : format.points();
        return extended ? new Counting(Finish.at(counting.extended()), counting.onServe(), 0, 0) : counting;
    }

    public Serving serving() {
        int swapsAt = isDeciding() ? format.ends().inLastGame() : 0;
        return format.service()
                .after(opening, rallies, new Service.Game(format.doubles(), counting(), swapsAt, tieBreak, served));
    }

    /**
     * Both have the score at which the receiver may choose, and chooses to play on for longer.
     *
     * @throws Refused at any other score
     */
    public MatchState extend() {
        Counting counting = counting();
        if (counting.extendsAt() == 0 || points.least() != counting.extendsAt() || points.most() != points.least()) {
            throw new Refused("not_allowed", "points", points.toString(), counting.extendsAt() + " each");
        }
        return new MatchState(
                format, sets, games, points, over, opening, rallies, served, tieBreak, true, swapped, pause);
    }

    /**
     * The rally was won. A let, a stroke that is played again, or what nobody saw changes nothing and is not told here.
     *
     * @throws Refused once the match is over
     */
    public MatchState after(Team winner) {
        if (winner().isPresent()) {
            throw new Refused("match_over", "winner", winner.name(), "nothing after the end");
        }
        List<Team> all = new ArrayList<>(rallies);
        all.add(winner);
        boolean scores = !counting().onServe() || serving().team() == winner;
        return scores
                ? pointTo(winner, all, Pause.NONE)
                : new MatchState(
                        format,
                        sets,
                        games,
                        points,
                        over,
                        opening,
                        all,
                        served,
                        tieBreak,
                        extended,
                        swapped,
                        Pause.NONE);
    }

    /**
     * @param all  rallies of the game, by who won each
     * @param rest before the next rally, where the point brings no other
     */
    private MatchState pointTo(Team team, List<Team> all, Pause rest) {
        Count now = points.plus(team);
        if (counting().finish().isWonBy(team, now)) {
            return gameTo(team, now);
        }
        Ends ends = format.ends();
        boolean halfOfTheLast = isDeciding() && !tieBreak && isFirst(now, ends.inLastGame());
        boolean inTheBreak = tieBreak && ends.inTieBreak() > 0 && now.total() % ends.inTieBreak() == 0;
        boolean change = halfOfTheLast || inTheBreak;
        Pause pauses = isFirst(now, format.interval()) ? Pause.INTERVAL : change ? Pause.ENDS : rest;
        return new MatchState(
                format, sets, games, now, over, opening, all, served, tieBreak, extended, swapped ^ change, pauses);
    }

    /**
     * Points beside the rally, whoever won that: the service goes on as it was.
     *
     * @throws Refused once the match is over
     */
    public MatchState earn(Team team) {
        if (winner().isPresent()) {
            throw new Refused("match_over", "team", team.name(), "nothing after the end");
        }
        return pointTo(team, rallies, pause);
    }

    /**
     * Scored otherwise from the next rally on.
     *
     * @throws Refused where somebody would have won by it already
     */
    public MatchState under(Format other) {
        if (winner().isEmpty() && sets.most() >= other.wins()) {
            throw new Refused("match_over", "wins", Integer.toString(other.wins()), "more than " + sets.most());
        }
        MatchState now = new MatchState(
                other, sets, games, points, over, opening, rallies, served, tieBreak, extended, swapped, pause);
        if (winner().isEmpty() && !now.counting().finish().isOpen(points)) {
            throw new Refused("game_over", "points", points.toString(), "a score at which nobody has won");
        }
        return now;
    }

    /** Whether a team comes to so many points for the first time. */
    private boolean isFirst(Count now, int count) {
        return count > 0 && now.most() == count && points.most() < count;
    }

    private MatchState gameTo(Team winner, Count last) {
        if (format.games().isEmpty() || isTieBreakAlone()) {
            return setTo(winner, new Part(last, Optional.empty()), format.ends().everyGame());
        }
        Games rules = format.games().get();
        Count now = games.plus(winner);
        boolean odd = format.ends().oddGames() && now.total() % 2 == 1;
        if (tieBreak || rules.finish().isWonBy(winner, now)) {
            return setTo(winner, new Part(now, tieBreak ? Optional.of(last) : Optional.empty()), odd);
        }
        boolean breaks = rules.breakAt() > 0 && now.least() == rules.breakAt();
        return new MatchState(
                format,
                sets,
                now,
                Count.NONE,
                over,
                format.service().next(opening, winner),
                List.of(),
                served.plus(opening.server()),
                breaks,
                false,
                swapped ^ odd,
                odd ? Pause.ENDS : Pause.NONE);
    }

    private MatchState setTo(Team winner, Part part, boolean change) {
        List<Part> all = new ArrayList<>(over);
        all.add(part);
        Count now = sets.plus(winner);
        boolean ends = now.of(winner) == format.wins();
        MatchState next = new MatchState(
                format,
                now,
                Count.NONE,
                Count.NONE,
                all,
                format.service().next(opening, winner),
                List.of(),
                served.plus(opening.server()),
                false,
                false,
                swapped ^ (change && !ends),
                ends ? Pause.OVER : Pause.PART);
        return ends ? next : next.inTieBreak(next.isTieBreakAlone());
    }

    /** What a team would win with the next rally. */
    public enum Stake {
        NOTHING,
        GAME,
        SET,
        MATCH
    }

    public Stake stake(Team team) {
        if (winner().isPresent()) {
            return Stake.NOTHING;
        }
        MatchState won = after(team);
        if (won.winner().isPresent()) {
            return Stake.MATCH;
        } else if (won.sets.total() > sets.total()) {
            return format.games().isEmpty() ? Stake.GAME : Stake.SET;
        }
        return won.games.total() > games.total() ? Stake.GAME : Stake.NOTHING;
    }
}
