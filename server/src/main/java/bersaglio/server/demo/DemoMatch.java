package bersaglio.server.demo;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.ChartedMatch;
import bersaglio.core.charting.EventBody;
import bersaglio.core.charting.MatchChart;
import bersaglio.core.charting.MatchEvent.Lineup;
import bersaglio.core.charting.MatchEvent.MatchBonusEarned;
import bersaglio.core.charting.MatchEvent.MatchCoaching;
import bersaglio.core.charting.MatchEvent.MatchEnded;
import bersaglio.core.charting.MatchEvent.MatchOpened;
import bersaglio.core.charting.MatchEvent.MatchRallyEnded;
import bersaglio.core.charting.MatchEvent.MatchShotMade;
import bersaglio.core.charting.MatchEvent.ScoreSaid;
import bersaglio.core.court.Point;
import bersaglio.core.court.Side;
import bersaglio.core.court.Standpoint;
import bersaglio.core.match.Agreed;
import bersaglio.core.match.Bounce;
import bersaglio.core.match.Counting;
import bersaglio.core.match.Depth;
import bersaglio.core.match.Finish;
import bersaglio.core.match.Format;
import bersaglio.core.match.Formats;
import bersaglio.core.match.GameRule;
import bersaglio.core.match.MatchShot;
import bersaglio.core.match.OpenRally;
import bersaglio.core.match.RallyEnd;
import bersaglio.core.match.Spots;
import bersaglio.core.match.Team;
import bersaglio.core.rally.Contacts;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import com.github.f4b6a3.uuid.UuidCreator;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;

/**
 * A practice match of the made-up club. Nora's drop to the front right is answered with a kill too often, and her serves go
 * from one part of the box to the other by turns: what there is to find in it.
 */
final class DemoMatch {

    private static final UUID DEVICE = UUID.nameUUIDFromBytes(new byte[] {3});
    private static final double KILLED = 0.55;
    private static final double ERROR = 0.11;

    private final UUID session;
    private final UUID run;
    private final long openedAt;
    private final Random random;
    private final List<ChartEvent> events = new ArrayList<>();
    private long at;
    private int served;

    private DemoMatch(UUID session, Instant start, long seed) {
        this.session = session;
        this.openedAt = start.toEpochMilli();
        this.run = UuidCreator.getTimeOrderedEpoch(start);
        this.random = new Random(seed);
    }

    /** Two of the club against each other, every shot charted. */
    static List<ChartEvent> singles(UUID session, Instant start, String one, String two, int games) {
        DemoMatch match = new DemoMatch(session, start, one.hashCode() + start.toEpochMilli() % 97);
        match.open(Agreed.plain(Formats.BADMINTON), new Lineup(List.of(one), List.of(two)), Depth.FULL, false);
        match.add(new MatchCoaching(true));
        match.play(games);
        return match.events;
    }

    /** A game in which the middle is out and the back corners earn a bonus. */
    static List<ChartEvent> game(UUID session, Instant start, String one, String two) {
        DemoMatch match = new DemoMatch(session, start, 11);
        Format usual = Formats.BADMINTON;
        Format toEleven = new Format(
                "own-game",
                usual.sport(),
                false,
                Counting.everyRally(new Finish(15, 2, 0)),
                Optional.empty(),
                1,
                Optional.empty(),
                usual.service(),
                usual.ends(),
                0);
        List<GameRule> rules = List.of(
                new GameRule.Out(List.of(5)),
                new GameRule.MayNotEnd("smash", GameRule.Then.AGAIN, "the hitter"),
                new GameRule.Bonus("back right corner", 1, 9),
                new GameRule.Bonus("split step heard", 1, 0));
        match.open(new Agreed(toEleven, rules, 15), new Lineup(List.of(one), List.of(two)), Depth.FULL, true);
        match.play(1);
        return match.events;
    }

    /** A padel pair of the club against visitors: serve, return and the last shot. */
    static List<ChartEvent> padel(UUID session, Instant start, String one, String two) {
        DemoMatch match = new DemoMatch(session, start, 5);
        match.open(
                Agreed.plain(Formats.PADEL_GOLDEN_POINT), new Lineup(List.of(one, two), List.of()), Depth.ENDS, false);
        while (match.chart().now().sets().total() < 1) {
            match.ends();
        }
        match.add(new MatchEnded());
        return match.events;
    }

    private void open(Agreed agreed, Lineup who, Depth depth, boolean game) {
        add(new MatchOpened(
                agreed, who, ScoreSaid.from(Team.ONE), depth, Contacts.ALL, Standpoint.BEHIND, Team.ONE, game));
    }

    private ChartedMatch chart() {
        return MatchChart.replay(events);
    }

    private void play(int games) {
        ChartedMatch now = chart();
        while (!now.over() && now.now().over().size() < games) {
            rally(now);
            now = chart();
        }
        if (!now.over()) {
            add(new MatchEnded());
        }
    }

    private void rally(ChartedMatch now) {
        OpenRally open = now.open();
        at += 14_000;
        if (now.rallies().size() % 5 == 2) {
            bonus(now);
        }
        while (true) {
            OpenRally.Next next = open.next();
            String stroke = next.serve() > 0 ? "serve" : stroke(open);
            if (next.serve() == 0 && random.nextDouble() < ERROR) {
                Outcome miss = random.nextInt(3) > 0 ? Outcome.NET : Outcome.LONG;
                boolean forced = random.nextInt(3) == 0;
                Team winner = next.hitter().team().other();
                add(new MatchRallyEnded(new RallyEnd(
                        forced ? RallyEnd.How.FORCED : RallyEnd.How.UNFORCED,
                        Optional.of(winner),
                        miss,
                        Side.NONE,
                        0)));
                return;
            }
            int spot = next.serve() > 0
                    ? serveTo(next.hitter().team())
                    : spot(stroke, next.hitter().team());
            open = open.with(shot(next, stroke, spot, open.spots()));
            if (random.nextDouble() < winning(stroke)) {
                add(new MatchRallyEnded(
                        RallyEnd.won(RallyEnd.How.WINNER, next.hitter().team())));
                return;
            }
        }
    }

    private void bonus(ChartedMatch now) {
        List<GameRule> rules = now.agreed().rules();
        for (int rule = 0; rule < rules.size(); rule++) {
            if (rules.get(rule) instanceof GameRule.Bonus bonus && bonus.spot() == 0) {
                add(new MatchBonusEarned(rule, random.nextBoolean() ? Team.ONE : Team.TWO));
            }
        }
    }

    /** Team one serves by turns to the one side and the other, and the other team as it likes. */
    private int serveTo(Team team) {
        boolean stray = random.nextInt(8) == 0;
        if (team == Team.TWO || stray) {
            return 1 + random.nextInt(3);
        }
        served++;
        return served / 2 % 2 == 0 ? 1 : 3;
    }

    private String stroke(OpenRally open) {
        MatchShot last = open.shots().get(open.shots().size() - 1);
        if (last.stroke().equals("drop")
                && last.spot() == 3
                && last.by().team() == Team.ONE
                && random.nextDouble() < KILLED) {
            return "net-kill";
        }
        int roll = random.nextInt(10);
        return switch (last.isServe() ? Spots.Row.FRONT : Spots.row(last.spot())) {
            case FRONT -> roll < 4 ? "net" : "lift";
            case MIDDLE -> roll < 5 ? "drive" : roll < 8 ? "block" : "smash";
            case BACK -> roll < 7 ? "drop" : roll < 9 ? "clear" : "smash";
        };
    }

    private int spot(String stroke, Team team) {
        boolean right = random.nextDouble() < (team == Team.ONE && stroke.equals("drop") ? 0.86 : 0.5);
        return switch (stroke) {
            case "drop", "net", "block" -> right ? 3 : 1;
            case "clear", "lift" -> right ? 9 : 7;
            case "smash" -> right ? 6 : 4;
            case "net-kill" -> 4 + random.nextInt(3);
            default -> 5;
        };
    }

    private static double winning(String stroke) {
        return switch (stroke) {
            case "smash" -> 0.28;
            case "net-kill" -> 0.75;
            case "drop", "net" -> 0.1;
            case "serve" -> 0.02;
            default -> 0.04;
        };
    }

    private MatchShot shot(OpenRally.Next next, String stroke, int spot, Spots spots) {
        Point middle = spots.area(spot).middle();
        var bounds = spots.area(spot).bounds();
        Point place = new Point(
                toTheCentimetre(middle.x() + (random.nextDouble() - 0.5) * 0.8 * (bounds.right() - bounds.left())),
                toTheCentimetre(middle.y() + (random.nextDouble() - 0.5) * 0.8 * (bounds.far() - bounds.near())));
        at += 1_100;
        add(new MatchShotMade(
                next.hitter(),
                next.serve() > 0 ? "" : stroke,
                0,
                Optional.of(place),
                Bounce.MET,
                Ruling.of(Outcome.IN),
                next.serve(),
                false,
                Caller.COACH));
        return new MatchShot(
                "",
                next.hitter(),
                stroke,
                Optional.of(new MatchShot.Placed(spot, Optional.of(place), Bounce.MET)),
                Ruling.of(Outcome.IN),
                next.serve(),
                false,
                List.of(),
                "",
                at);
    }

    /** Serve, return and the last shot of a rally. */
    private void ends() {
        at += 20_000;
        OpenRally open = chart().open();
        for (int shot = 0; shot < 2; shot++) {
            OpenRally.Next next = open.next();
            int spot = 4 + random.nextInt(6);
            open = open.with(shot(next, shot == 0 ? "serve" : "return", spot, open.spots()));
        }
        Team winner = random.nextInt(20) < 11 ? Team.ONE : Team.TWO;
        add(new MatchRallyEnded(RallyEnd.won(random.nextBoolean() ? RallyEnd.How.WON : RallyEnd.How.WINNER, winner)));
    }

    private static double toTheCentimetre(double metres) {
        return Math.rint(metres * 100) / 100;
    }

    private void add(EventBody what) {
        at += 400;
        events.add(new ChartEvent(
                UuidCreator.getTimeOrderedEpoch(Instant.ofEpochMilli(openedAt + at))
                        .toString(),
                session.toString(),
                run.toString(),
                1,
                DEVICE.toString(),
                events.size() + 1,
                at,
                openedAt + at,
                what));
    }
}
