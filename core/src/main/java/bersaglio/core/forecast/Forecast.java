package bersaglio.core.forecast;

import bersaglio.core.drill.Level;
import bersaglio.core.drill.Trying;
import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Memo;
import bersaglio.core.goal.Play;
import bersaglio.core.measure.Threshold;
import bersaglio.core.odds.Belief;
import bersaglio.core.odds.GoalOdds;
import bersaglio.core.odds.QuotaOdds;
import bersaglio.core.odds.SetTime;
import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;

/**
 * What a level will take of a player. Where the rate is known only so far, every chance is the mean over what it may be, never
 * the chance at the middle.
 *
 * @param met      the chance that one set meets the goal
 * @param passes   the chance to have moved up within the sets that the level allows
 * @param expected balls in a set, infinite where it never ends
 * @param median   balls within which half of the sets have ended
 * @param cautious balls within which nine of ten have
 * @param breaks   expected attempts that a miss ends
 * @param minutes  within which half of the sets have ended, and nine of ten
 * @param curve    the chance to have moved up within the sets allowed, for any true rate
 * @param error    standard error of the chances; 0 where they are exact
 */
public record Forecast(
        double met,
        double passes,
        double expected,
        double median,
        double cautious,
        double breaks,
        Minutes minutes,
        List<Passing> curve,
        double error) {

    private static final double HALF = 0.5;
    private static final double CAUTIOUS = 0.9;
    private static final int RATES_TRIED = 15;
    /** It is asked after every shot. */
    private static final int RATES_FROM_HERE = 7;

    private static final double TOO_MANY = 1e9;
    private static final int STEPS = 20;
    private static final int BALLS_A_POINT = 25_000;

    /** Infinite where the set never ends. */
    public record Minutes(double median, double cautious) {

        public Minutes {
            Check.requireBetween("median", median, 0, Double.POSITIVE_INFINITY);
            Check.requireBetween("cautious", cautious, 0, Double.POSITIVE_INFINITY);
        }
    }

    /** A point of the operating curve. */
    public record Passing(double rate, double chance) {

        public Passing {
            Check.requireRate("rate", rate);
            Check.requireRate("chance", chance);
        }
    }

    /** Of a player whose rate is known only so far. */
    public static Forecast of(Level level, PlayerRate player, Pace pace) {
        List<Double> maybe = player.known().spread(RATES_TRIED);
        List<GoalOdds> odds = GoalOdds.each(level.ahead(pace.secondsABall()), maybe);
        double met =
                metByHits(level.ahead(pace.secondsABall()), player.known()).orElseGet(() -> mean(odds, GoalOdds::met));
        List<List<Double>> players = maybe.stream().map(List::of).toList();
        return of(level, players, odds, met, pace, player.setsADay());
    }

    /** The chance that one set meets a goal. */
    static double met(Goal goal, PlayerRate player, Pace pace, Memo memo) {
        Ahead ahead = goal.ahead(pace.secondsABall()).remembering(memo);
        return metByHits(ahead, player.known())
                .orElseGet(() -> mean(GoalOdds.each(ahead, player.known().spread(RATES_TRIED)), GoalOdds::met));
    }

    /** The same as well as it can be told at once, for one of many goals. */
    static double metAtOnce(Goal goal, PlayerRate player, Pace pace, Memo memo) {
        Ahead ahead = goal.ahead(pace.secondsABall()).remembering(memo);
        return metByHits(ahead, player.known()).orElseGet(() -> fromHere(ahead, ahead, player.known()));
    }

    /** Where hits alone are counted. */
    private static OptionalDouble metByHits(Ahead ahead, Belief rate) {
        OptionalInt wanted = ahead.balls() == Play.NO_END ? OptionalInt.empty() : ahead.hitsWanted();
        if (wanted.isEmpty() || wanted.getAsInt() == 0) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(
                wanted.getAsInt() > ahead.balls() ? 0 : rate.meets(new QuotaOdds(wanted.getAsInt(), ahead.balls())));
    }

    /** @param rates by station or by side, the last one for all further, taken as they are */
    public static Forecast of(Level level, List<Double> rates, Pace pace) {
        GoalOdds odds = GoalOdds.of(level.ahead(pace.secondsABall()), rates);
        return of(level, List.of(rates), List.of(odds), odds.met(), pace, 1);
    }

    private static Forecast of(
            Level level, List<List<Double>> maybe, List<GoalOdds> odds, double met, Pace pace, int setsADay) {
        List<Passing> curve = new ArrayList<>();
        double error = GoalOdds.errorOfMean(odds);
        for (int i = 0; i <= STEPS; i++) {
            double rate = (double) i / STEPS;
            bersaglio.core.drill.Passing passing =
                    level.passing(Trying.of(rate, level.tries()).aDay(setsADay), BALLS_A_POINT);
            curve.add(new Passing(rate, Math.min(1, passing.inAll())));
            error = Math.max(error, passing.error());
        }
        double passes = maybe.stream()
                .mapToDouble(rates -> along(curve, mean(rates)))
                .average()
                .orElseThrow();
        Goal goal = level.goal();
        boolean clocked = goal.clockSeconds() > 0;
        double balls = goal.ahead(pace.secondsABall()).balls();
        double median = clocked ? balls : within(HALF, most -> mean(odds, one -> one.endsWithin(most)));
        double cautious = clocked ? balls : within(CAUTIOUS, most -> mean(odds, one -> one.endsWithin(most)));
        return new Forecast(
                met,
                passes,
                clocked ? balls : mean(odds, GoalOdds::balls),
                median,
                cautious,
                mean(odds, GoalOdds::breaks),
                clocked
                        ? new Minutes(goal.clockSeconds() / 60, goal.clockSeconds() / 60)
                        : minutes(level, maybe, odds, new Minutes(median, cautious), pace),
                curve,
                error);
    }

    /** Balls within which nine of ten sets have ended, allowing for how far off the rate may be. */
    public static double cautious(Goal goal, PlayerRate player, Pace pace) {
        List<GoalOdds> odds =
                GoalOdds.each(goal.ahead(pace.secondsABall()), player.known().spread(RATES_TRIED));
        return within(CAUTIOUS, balls -> mean(odds, one -> one.endsWithin(balls)));
    }

    /**
     * The chance to meet the goal from where a set stands, the mean over what the rate may be.
     *
     * @param whole the set before its first ball
     */
    public static double fromHere(Ahead here, Ahead whole, Belief rate) {
        return Math.min(1, mean(GoalOdds.eachAtOnce(here, whole, rate.spread(RATES_FROM_HERE)), GoalOdds::met));
    }

    private static double mean(List<GoalOdds> odds, ToDoubleFunction<GoalOdds> of) {
        return odds.stream().mapToDouble(of).average().orElseThrow();
    }

    private static double mean(List<Double> rates) {
        return rates.stream().mapToDouble(one -> one).average().orElseThrow();
    }

    private static double along(List<Passing> curve, double rate) {
        int below = (int) Math.min(STEPS - 1.0, Math.floor(rate * STEPS));
        double part = rate * STEPS - below;
        return curve.get(below).chance() * (1 - part) + curve.get(below + 1).chance() * part;
    }

    /** The least whole number within which it has ended with this chance. */
    private static double within(double chance, DoubleUnaryOperator ends) {
        double most = 1;
        while (!Threshold.reaches(ends.applyAsDouble(most), chance)) {
            most *= 2;
            if (most > TOO_MANY) {
                return Double.POSITIVE_INFINITY;
            }
        }
        double least = most == 1 ? -1 : most / 2;
        while (most - least > 1) {
            double middle = Math.floor((least + most) / 2);
            if (Threshold.reaches(ends.applyAsDouble(middle), chance)) {
                most = middle;
            } else {
                least = middle;
            }
        }
        return most;
    }

    /** Of balls and breaks taken together; where nothing breaks, or too much is open to follow both, of balls alone. */
    private static Minutes minutes(
            Level level, List<List<Double>> maybe, List<GoalOdds> odds, Minutes balls, Pace pace) {
        double breaks = mean(odds, GoalOdds::breaks);
        if (breaks > 0 && pace.secondsAReset() > 0 && Double.isFinite(balls.cautious())) {
            List<SetTime> times =
                    SetTime.each(level.ahead(pace.secondsABall()), maybe, pace.secondsABall(), pace.secondsAReset());
            if (!times.isEmpty()) {
                DoubleUnaryOperator ends = seconds -> times.stream()
                        .mapToDouble(one -> one.endsWithin(seconds))
                        .average()
                        .orElseThrow();
                return new Minutes(
                        (within(HALF, ends) + pace.restSeconds()) / 60,
                        (within(CAUTIOUS, ends) + pace.restSeconds()) / 60);
            }
        }
        double expected = mean(odds, GoalOdds::balls);
        double breaksABall = expected > 0 && Double.isFinite(expected) ? breaks / expected : 0;
        double aBall = pace.secondsABall() + breaksABall * pace.secondsAReset();
        return new Minutes(
                (balls.median() * aBall + pace.restSeconds()) / 60,
                (balls.cautious() * aBall + pace.restSeconds()) / 60);
    }

    public Forecast {
        Check.requireAtLeast("curve", curve.size(), 1);
        curve = List.copyOf(curve);
    }
}
