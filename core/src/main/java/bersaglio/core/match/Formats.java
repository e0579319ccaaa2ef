package bersaglio.core.match;

import bersaglio.core.court.Sport;
import bersaglio.core.problem.Refused;
import java.util.List;
import java.util.Optional;

/** The usual ways to score, each by its sport's published laws. */
public final class Formats {

    private static final Ends AT_ODD_GAMES = new Ends(false, true, 0, 6);
    private static final Counting TIE_BREAK = Counting.everyRally(Finish.withALead(7));
    private static final Counting MATCH_TIE_BREAK = Counting.everyRally(Finish.withALead(10));
    private static final Counting ADVANTAGE = Counting.everyRally(Finish.withALead(4));
    private static final Counting ONE_DECIDES = Counting.everyRally(Finish.at(4));
    private static final Games SIX_GAMES = new Games(new Finish(6, 2, 7), 6, TIE_BREAK);

    /** Laws of badminton (BWF), 7, 8, 10 and 16: setting at 20 all, 30 at most, an interval and in the third a change at 11. */
    public static final Format BADMINTON = byRallies(
            "badminton-21",
            Sport.BADMINTON,
            new Finish(21, 2, 30),
            2,
            new RallyWinner(RallyWinner.From.BY_POINTS, true),
            new Ends(true, false, 11, 0),
            11);

    /** Rules of tennis (ITF), 5 to 7, 10, 14 and appendix VI. */
    public static final Format TENNIS = byGames("tennis-advantage", Sport.TENNIS, ADVANTAGE, SIX_GAMES);

    public static final Format TENNIS_NO_ADVANTAGE =
            byGames("tennis-no-advantage", Sport.TENNIS, ONE_DECIDES, SIX_GAMES);

    public static final Format TENNIS_SHORT_SETS =
            byGames("tennis-short-sets", Sport.TENNIS, ADVANTAGE, new Games(new Finish(4, 2, 5), 4, TIE_BREAK));

    public static final Format TENNIS_MATCH_TIE_BREAK = lastOne("tennis-match-tie-break", TENNIS, MATCH_TIE_BREAK);

    /** Rules of padel (FIP), 1 and 2: the golden point is the deciding one at deuce. */
    public static final Format PADEL =
            byGames("padel-advantage", Sport.PADEL, ADVANTAGE, SIX_GAMES).forPairs("padel-advantage");

    public static final Format PADEL_GOLDEN_POINT =
            byGames("padel-golden-point", Sport.PADEL, ONE_DECIDES, SIX_GAMES).forPairs("padel-golden-point");

    /** Laws of table tennis (ITTF), 2.11 to 2.14. */
    public static final Format TABLE_TENNIS = byRallies(
            "table-tennis-11",
            Sport.TABLE_TENNIS,
            Finish.withALead(11),
            3,
            new Turns(2, 10),
            new Ends(true, false, 5, 0),
            0);

    /** Rules of squash (WSF), 2 and 5: to 11 on every rally. */
    public static final Format SQUASH = byRallies(
            "squash-11",
            Sport.SQUASH,
            Finish.withALead(11),
            3,
            new RallyWinner(RallyWinner.From.IN_TURN, true),
            Ends.STAY,
            0);

    /** Rules of squash (WSF), appendix on hand-in-hand-out scoring: at 8 all the receiver chooses 9 or 10. */
    public static final Format SQUASH_ON_SERVE = counting("squash-9", SQUASH, new Counting(Finish.at(9), true, 8, 10));

    /** Rules of pickleball (USA Pickleball), 4: on the serve only, one server each. */
    public static final Format PICKLEBALL = counting(
            "pickleball-11",
            byRallies(
                    "pickleball-11",
                    Sport.PICKLEBALL,
                    Finish.withALead(11),
                    2,
                    new RallyWinner(RallyWinner.From.BY_POINTS, false),
                    new Ends(true, false, 6, 0),
                    0),
            Counting.onServe(Finish.withALead(11)));

    public static final Format PICKLEBALL_DOUBLES = new Format(
            "pickleball-11-doubles",
            Sport.PICKLEBALL,
            true,
            PICKLEBALL.points(),
            Optional.empty(),
            2,
            Optional.empty(),
            new SideOut(),
            PICKLEBALL.ends(),
            0);

    public static final Format PICKLEBALL_RALLY = counting(
                    "pickleball-rally-21", PICKLEBALL, Counting.everyRally(Finish.withALead(21)))
            .changing(Ends.Change.HALF);

    /** Rules of volleyball (FIVB), 6, 7, 12 and 18: to 25, the fifth to 15 with a change at 8. */
    public static final Format VOLLEYBALL = lastOne(
            "volleyball-25",
            byRallies(
                    "volleyball-25",
                    Sport.VOLLEYBALL,
                    Finish.withALead(25),
                    3,
                    new RallyWinner(RallyWinner.From.NO_COURT, false),
                    new Ends(true, false, 8, 0),
                    0),
            Counting.everyRally(Finish.withALead(15)));

    private static final List<Format> ALL = List.of(
            BADMINTON,
            BADMINTON.forPairs("badminton-21-doubles"),
            TENNIS,
            TENNIS.forPairs("tennis-advantage-doubles"),
            TENNIS.wonBy("tennis-five-sets", 3),
            TENNIS_NO_ADVANTAGE,
            TENNIS_NO_ADVANTAGE.forPairs("tennis-no-advantage-doubles"),
            TENNIS_SHORT_SETS,
            TENNIS_MATCH_TIE_BREAK,
            TENNIS_MATCH_TIE_BREAK.forPairs("tennis-match-tie-break-doubles"),
            PADEL,
            PADEL_GOLDEN_POINT,
            TABLE_TENNIS,
            TABLE_TENNIS.forPairs("table-tennis-11-doubles"),
            SQUASH,
            SQUASH_ON_SERVE,
            PICKLEBALL,
            PICKLEBALL_DOUBLES,
            PICKLEBALL_RALLY,
            VOLLEYBALL);

    private Formats() {}

    public static List<Format> all() {
        return ALL;
    }

    /** @throws Refused where there is no such format */
    public static Format known(String id) {
        return ALL.stream()
                .filter(format -> format.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Refused("unknown_id", "format", id, "one of the formats"));
    }

    private static Format byRallies(
            String id, Sport sport, Finish finish, int wins, Service service, Ends ends, int interval) {
        return new Format(
                id,
                sport,
                false,
                Counting.everyRally(finish),
                Optional.empty(),
                wins,
                Optional.empty(),
                service,
                ends,
                interval);
    }

    private static Format byGames(String id, Sport sport, Counting points, Games games) {
        return new Format(
                id, sport, false, points, Optional.of(games), 2, Optional.empty(), new WholeGames(), AT_ODD_GAMES, 0);
    }

    private static Format counting(String id, Format like, Counting points) {
        return new Format(
                id,
                like.sport(),
                like.doubles(),
                points,
                like.games(),
                like.wins(),
                like.decider(),
                like.service(),
                like.ends(),
                like.interval());
    }

    private static Format lastOne(String id, Format like, Counting decider) {
        return new Format(
                id,
                like.sport(),
                like.doubles(),
                like.points(),
                like.games(),
                like.wins(),
                Optional.of(decider),
                like.service(),
                like.ends(),
                like.interval());
    }
}
