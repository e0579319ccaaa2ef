package bersaglio.core.forecast;

import bersaglio.core.drill.Level;
import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.Goal;
import bersaglio.core.measure.Threshold;
import bersaglio.core.odds.GoalOdds;
import java.util.ArrayList;
import java.util.List;

/**
 * What a level will take of a player whose rates are taken to be these.
 *
 * @param met      the chance that one set meets the goal
 * @param passes   the chance to have moved up within the sets that the level allows
 * @param expected balls in a set, infinite where it never ends
 * @param median   balls within which half of the sets have ended
 * @param cautious balls within which nine of ten have, allowing for how far off the rates may be
 * @param breaks   expected attempts that a miss ends
 * @param minutes  of the median set, and of the cautious one
 * @param curve    the chance to have moved up within the sets allowed, for any true rate
 */
public record Forecast(
        double met,
        double passes,
        double expected,
        double median,
        double cautious,
        double breaks,
        Minutes minutes,
        List<Passing> curve) {

    private static final double CAUTIOUS = 0.9;
    private static final int RATES_TRIED = 15;
    private static final double TOO_MANY = 1e9;
    private static final int STEPS = 20;

    /** Infinite where the set never ends. */
    public record Minutes(double median, double cautious) {}

    /** A point of the operating curve. */
    public record Passing(double rate, double chance) {}

    /** Of a player whose rate is known only so far. */
    public static Forecast of(Level level, PlayerRate player, Pace pace) {
        return of(level, List.of(player.rate()), pace, cautious(level.goal(), player, pace));
    }

    /** Balls within which nine of ten sets have ended, allowing for how far off the rate may be. */
    public static double cautious(Goal goal, PlayerRate player, Pace pace) {
        Ahead ahead = goal.ahead(pace.secondsABall());
        List<GoalOdds> maybe = player.known().spread(RATES_TRIED).stream()
                .map(rate -> GoalOdds.of(ahead, rate))
                .toList();
        return within(maybe, CAUTIOUS);
    }

    /** @param rates by station or by side, the last one for all further, taken as they are */
    public static Forecast of(Level level, List<Double> rates, Pace pace) {
        GoalOdds odds = GoalOdds.of(level.goal().ahead(pace.secondsABall()), rates);
        return of(level, rates, pace, odds.ballsWithin(CAUTIOUS));
    }

    private static Forecast of(Level level, List<Double> rates, Pace pace, double cautious) {
        Ahead ahead = level.goal().ahead(pace.secondsABall());
        GoalOdds odds = GoalOdds.of(ahead, rates);
        double median = odds.ballsWithin(0.5);
        double rate = rates.stream().mapToDouble(one -> one).average().orElseThrow();
        return new Forecast(
                odds.met(),
                level.passesWithin(level.tries(), rate),
                odds.balls(),
                median,
                cautious,
                odds.breaks(),
                new Minutes(minutes(odds, median, pace), minutes(odds, cautious, pace)),
                curve(level));
    }

    /** The chance to meet the goal from where a set stands. */
    public static double fromHere(Ahead here, List<Double> rates) {
        return GoalOdds.of(here, rates).met();
    }

    /** The least number of balls within which the set has ended with this chance, each of these odds being as likely. */
    private static double within(List<GoalOdds> maybe, double chance) {
        double most = 1;
        while (!Threshold.reaches(endsWithin(maybe, most), chance)) {
            most *= 2;
            if (most > TOO_MANY) {
                return Double.POSITIVE_INFINITY;
            }
        }
        double least = most == 1 ? -1 : most / 2;
        while (most - least > 1) {
            double middle = Math.floor((least + most) / 2);
            if (Threshold.reaches(endsWithin(maybe, middle), chance)) {
                most = middle;
            } else {
                least = middle;
            }
        }
        return most;
    }

    private static double endsWithin(List<GoalOdds> maybe, double balls) {
        return maybe.stream()
                .mapToDouble(odds -> odds.endsWithin(balls))
                .average()
                .orElseThrow();
    }

    /** A longer set has more breaks, as its balls go. */
    private static double minutes(GoalOdds odds, double balls, Pace pace) {
        double breaks = odds.balls() > 0 ? odds.breaks() * balls / odds.balls() : 0;
        double seconds = balls * pace.secondsABall() + breaks * pace.secondsAReset() + pace.restSeconds();
        return Double.isFinite(seconds) ? seconds / 60 : Double.POSITIVE_INFINITY;
    }

    private static List<Passing> curve(Level level) {
        List<Passing> curve = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double rate = (double) i / STEPS;
            curve.add(new Passing(rate, level.passesWithin(level.tries(), rate)));
        }
        return curve;
    }
}
