package bersaglio.browser;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.EventBody;
import bersaglio.core.charting.MatchEvent;
import bersaglio.core.charting.SharedEvent;
import bersaglio.core.court.Point;
import bersaglio.core.court.Side;
import bersaglio.core.court.Standpoint;
import bersaglio.core.match.Agreed;
import bersaglio.core.match.Bounce;
import bersaglio.core.match.Count;
import bersaglio.core.match.Depth;
import bersaglio.core.match.Format;
import bersaglio.core.match.Formats;
import bersaglio.core.match.GameRule;
import bersaglio.core.match.MatchShot;
import bersaglio.core.match.RallyEnd;
import bersaglio.core.match.Team;
import bersaglio.core.pattern.Way;
import bersaglio.core.rally.Contacts;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** A random match in a random format, with events of every kind that a match has; some of them cannot be. */
final class RandomMatch {

    private static final List<GameRule> RULES = List.of(
            new GameRule.Out(List.of(5)),
            new GameRule.MayNotEnd("smash", GameRule.Then.AGAIN, "the hitter"),
            new GameRule.Only("drive", GameRule.Then.NO_POINT),
            new GameRule.Compulsory(List.of(new Way("serve", 0), new Way("", 8)), GameRule.Then.LOST),
            new GameRule.Bonus("corner", 1, 9),
            new GameRule.Bonus("heard", 2, 0));

    private final Random random;
    private final Format format;
    private final List<ChartEvent> events = new ArrayList<>();

    RandomMatch(Random random) {
        this.random = random;
        this.format = Formats.all().get(random.nextInt(Formats.all().size()));
    }

    List<ChartEvent> events(int count) {
        MatchEvent.Lineup who = format.doubles()
                ? new MatchEvent.Lineup(List.of("a", "b"), List.of("c", "d"))
                : new MatchEvent.Lineup(List.of("a"), List.of());
        add(new MatchEvent.MatchOpened(
                agreed(),
                who,
                MatchEvent.ScoreSaid.from(team()),
                one(Depth.values()),
                one(Contacts.ALL, Contacts.AFTER_THE_SERVE),
                one(Standpoint.values()),
                team(),
                random.nextBoolean()));
        while (events.size() < count) {
            add(another());
        }
        return events;
    }

    private Agreed agreed() {
        int from = random.nextInt(RULES.size());
        return new Agreed(
                format, random.nextInt(3) == 0 ? RULES.subList(from, RULES.size()) : List.of(), random.nextInt(3) * 10);
    }

    private Team team() {
        return one(Team.values());
    }

    @SafeVarargs
    private <T> T one(T... of) {
        return of[random.nextInt(of.length)];
    }

    private String earlier() {
        return events.get(random.nextInt(events.size())).id();
    }

    private EventBody another() {
        return switch (random.nextInt(24)) {
            case 0 -> new MatchEvent.MatchShotSettled(earlier(), "smash", -1);
            case 1 -> new MatchEvent.MatchRallyCorrected(earlier(), end());
            case 2 -> new MatchEvent.MatchBonusEarned(random.nextInt(6), team());
            case 3 ->
                new MatchEvent.MatchScoreSet(new MatchEvent.ScoreSaid(
                        Count.NONE,
                        Count.NONE,
                        new Count(random.nextInt(9), random.nextInt(9)),
                        team(),
                        random.nextInt(2),
                        random.nextInt(2),
                        random.nextInt(3)));
            case 4 -> new MatchEvent.MatchExtended();
            case 5 -> new MatchEvent.MatchAgreed(agreed(), one(MatchEvent.MatchAgreed.From.values()));
            case 6 -> new MatchEvent.MatchDepthChanged(one(Depth.values()), random.nextBoolean());
            case 7 -> new MatchEvent.MatchCoaching(random.nextBoolean());
            case 8 -> new SharedEvent.Undone(earlier());
            case 9 -> new SharedEvent.ShotNoted(earlier(), one(Note.values()), true);
            case 10 -> random.nextInt(8) == 0 ? new MatchEvent.MatchEnded() : new SharedEvent.SetPaused();
            case 11, 12, 13, 14, 15 -> new MatchEvent.MatchRallyEnded(end());
            default -> shot();
        };
    }

    private RallyEnd end() {
        return switch (random.nextInt(5)) {
            case 0 -> RallyEnd.without(one(RallyEnd.How.LET, RallyEnd.How.VOID, RallyEnd.How.NOT_SEEN));
            case 1 ->
                new RallyEnd(
                        one(RallyEnd.How.FORCED, RallyEnd.How.UNFORCED),
                        Optional.of(team()),
                        Outcome.WIDE,
                        one(Side.LEFT, Side.RIGHT, Side.NONE),
                        0);
            case 2 -> new RallyEnd(RallyEnd.How.WON, Optional.of(team()), Outcome.NOT_HIT, Side.NONE, 7);
            default -> RallyEnd.won(RallyEnd.How.WINNER, team());
        };
    }

    private EventBody shot() {
        boolean placed = random.nextBoolean();
        int serve = random.nextInt(4) == 0 ? 1 + random.nextInt(2) : 0;
        return new MatchEvent.MatchShotMade(
                new MatchShot.Hitter(team(), format.doubles() ? random.nextInt(3) - 1 : 0),
                random.nextInt(4) == 0 ? one("smash", "drop", "lift", "lob") : "",
                placed ? 0 : random.nextInt(10),
                placed
                        ? Optional.of(new Point(random.nextDouble() * 6 - 3, random.nextDouble() * 7))
                        : Optional.empty(),
                one(Bounce.values()),
                Ruling.of(
                        serve > 0
                                ? one(Outcome.IN, Outcome.NET, Outcome.VOID)
                                : one(Outcome.IN, Outcome.IN, Outcome.NET)),
                serve,
                random.nextInt(8) == 0,
                Caller.COACH);
    }

    private void add(EventBody what) {
        int seq = events.size() + 1;
        events.add(new ChartEvent("e" + seq, "s1", "r1", 1, "d1", seq, seq * 900L, 1_795_600_000_000L, what));
    }
}
