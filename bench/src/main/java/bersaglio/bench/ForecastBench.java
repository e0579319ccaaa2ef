package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.forecast.Forecast;
import bersaglio.core.forecast.Pace;
import bersaglio.core.forecast.PlayerRate;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Ladder;
import bersaglio.core.goal.MissRule;
import bersaglio.core.goal.MissRule.Does;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Standing;
import bersaglio.core.goal.Start;
import bersaglio.core.goal.Total;
import bersaglio.core.goal.Window;
import bersaglio.core.odds.GoalOdds;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;

/** How far forecasts and operating curves hold for simulated players, and what the exact ones cost. */
final class ForecastBench {

    private static final int PLAYERS = 2000;
    private static final long SEED = 1806;
    private static final int LONGEST = 5000;
    private static final TargetSet TARGET = TargetSet.of(
            "corner",
            "Corner",
            Courts.BADMINTON,
            "singles",
            Zone.spot(1, "Corner", Plane.FLOOR, new Rectangle(1.59, 5.7, 2.59, 6.7)));

    private ForecastBench() {}

    private static String trials(int balls, double rate, Random random) {
        StringBuilder trials = new StringBuilder();
        for (int ball = 0; ball < balls; ball++) {
            trials.append(random.nextDouble() < rate ? '1' : '0');
        }
        return trials.toString();
    }

    /** Drills of players of whom some sets are known, forecast from those and then played at the true rate. */
    static List<Row> cautious() {
        Random random = new Random(SEED);
        int within = 0;
        int withOneLess = 0;
        int inTime = 0;
        Pace pace = Pace.firstTime(Freedom.FED);
        for (int player = 0; player < PLAYERS; player++) {
            double rate = 0.4 + 0.5 * random.nextDouble();
            Goal goal = goal(random);
            List<Attempt> known = new ArrayList<>();
            for (int set = 0; set < 3; set++) {
                known.add(Attempt.of(new Quota(8, 12), trials(12, rate, random)));
            }
            PlayerRate seen = PlayerRate.of(Evidence.DEFAULT.weigh(known), 36, 1);
            Forecast forecast = Forecast.of(level(goal, new OneMetQuota()), seen, pace);
            Taken taken = played(goal, rate, random);
            within += taken.balls() <= forecast.cautious() ? 1 : 0;
            withOneLess += taken.balls() < forecast.cautious() ? 1 : 0;
            double minutes = (taken.balls() * pace.secondsABall() + taken.resets() * pace.secondsAReset()) / 60;
            inTime += minutes <= forecast.minutes().cautious() + 1e-9 ? 1 : 0;
        }
        double share = (double) within / PLAYERS;
        double less = (double) withOneLess / PLAYERS;
        double timely = (double) inTime / PLAYERS;
        return List.of(
                Row.atLeast("drills whose real minutes stay within the cautious estimate", timely, "share", 0.88),
                Row.atLeast("drills whose real balls stay within the cautious estimate", share, "share", 0.88),
                Row.atMost("the same with one ball less: more is for whole balls", less, "share", 0.92));
    }

    private static Goal goal(Random random) {
        return switch (random.nextInt(5)) {
            case 0 -> new Quota(8, 12);
            case 1 -> new Window(6, 8, 0);
            case 2 -> new Run(4);
            case 3 -> new Total(15);
            default -> ladder(3, 3, Does.RESTART_STATION);
        };
    }

    private static Ladder ladder(int stations, int hits, Does does) {
        List<Ladder.Station> all = new ArrayList<>();
        for (int station = 1; station <= stations; station++) {
            all.add(new Ladder.Station("Station " + station, hits, 0));
        }
        return new Ladder(all, 0, MissRule.of(does));
    }

    /** What a set took: balls, and attempts that had to be set up again. */
    private record Taken(int balls, int resets) {}

    private static Taken played(Goal goal, double rate, Random random) {
        Play play = goal.play(Start.FRESH);
        int ball = 0;
        int resets = 0;
        boolean broke = false;
        while (ball < LONGEST) {
            int left = goal.mostBalls() == Play.NO_END ? Play.NO_END : goal.mostBalls() - ball;
            if (play.over() || play.standing(left) != Standing.OPEN) {
                return new Taken(ball, resets);
            }
            resets += broke ? 1 : 0;
            Play.Move move = play.after(play.next(random.nextDouble() < rate));
            broke = move.did() == Play.Did.BREAK;
            play = move.play();
            ball++;
        }
        return new Taken(LONGEST, resets);
    }

    /** A restart ladder of five stations, exact beside as many played ones as give the mean to one per cent. */
    static List<Row> ladderExactOrPlayed() {
        Ladder ladder = ladder(5, 4, Does.RESTART_LADDER);
        List<Double> rates = List.of(0.9, 0.88, 0.86, 0.84, 0.82);
        GoalOdds odds = GoalOdds.of(ladder.ahead(6), rates);
        int sets = setsForOnePerCent(ladder, rates);
        double exact = seconds(20, () -> GoalOdds.of(ladder.ahead(6), rates).balls());
        double played = seconds(3, () -> mean(ladder, rates, sets));
        double off = Math.abs(mean(ladder, rates, sets) / odds.balls() - 1) / 0.01;
        return List.of(
                Row.atLeast("five-station restart ladder: played over exact, time", played / exact, "x", 1),
                Row.atMost("their means apart, in standard errors", off, "st.errors", 3));
    }

    private static int setsForOnePerCent(Ladder ladder, List<Double> rates) {
        Random random = new Random(SEED);
        int tried = 2000;
        double sum = 0;
        double squares = 0;
        for (int set = 0; set < tried; set++) {
            double balls = ballsOf(ladder, rates, random);
            sum += balls;
            squares += balls * balls;
        }
        double mean = sum / tried;
        double variance = squares / tried - mean * mean;
        return (int) Math.ceil(variance / Math.pow(0.01 * mean, 2));
    }

    private static double mean(Ladder ladder, List<Double> rates, int sets) {
        Random random = new Random(SEED + 1);
        double sum = 0;
        for (int set = 0; set < sets; set++) {
            sum += ballsOf(ladder, rates, random);
        }
        return sum / sets;
    }

    private static int ballsOf(Ladder ladder, List<Double> rates, Random random) {
        Play play = ladder.play(Start.FRESH);
        int ball = 0;
        while (play.standing(Play.NO_END) == Standing.OPEN) {
            play = play.after(play.next(random.nextDouble() < rates.get(play.turn())))
                    .play();
            ball++;
        }
        return ball;
    }

    private interface Work {
        double run();
    }

    private static double sink;

    private static double seconds(int times, Work work) {
        sink += work.run();
        long start = System.nanoTime();
        for (int i = 0; i < times; i++) {
            sink += work.run();
        }
        return (System.nanoTime() - start) / 1e9 / times;
    }

    private static Level level(Goal goal, AdvanceRule rule) {
        return new Level(1, TARGET, 0, goal, 3, OptionalDouble.empty(), rule);
    }
}
