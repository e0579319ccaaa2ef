package bersaglio.core.odds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.BestToBeat;
import bersaglio.core.goal.Cover;
import bersaglio.core.goal.Duel;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Ladder;
import bersaglio.core.goal.Ladder.Station;
import bersaglio.core.goal.MissRule;
import bersaglio.core.goal.MissRule.Does;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Race;
import bersaglio.core.goal.Rally;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Scoresheet;
import bersaglio.core.goal.Signal;
import bersaglio.core.goal.Standing;
import bersaglio.core.goal.Start;
import bersaglio.core.goal.Timed;
import bersaglio.core.goal.Total;
import bersaglio.core.goal.Window;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class GoalOddsTest {

    private static final List<Station> EIGHTS =
            List.of(new Station("a", 8, 0), new Station("b", 8, 0), new Station("c", 8, 0));

    private static final List<Double> RATES = List.of(0.90, 0.85, 0.80);

    private static GoalOdds odds(Goal goal, double rate) {
        return GoalOdds.of(goal.ahead(6), rate);
    }

    private static GoalOdds ladder(MissRule rule) {
        return GoalOdds.of(new Ladder(EIGHTS, 0, rule).ahead(6), RATES);
    }

    @ParameterizedTest
    @CsvSource({"0.4, 0.0573", "0.5, 0.1938", "0.6, 0.4382", "0.7, 0.7237", "0.8, 0.9274"})
    void aQuotaIsMetAsTheBinomialTailSays(double rate, double chance) {
        assertThat(odds(new Quota(8, 12), rate).met()).isCloseTo(chance, within(5e-5));
        assertThat(odds(new Quota(8, 12), rate).met()).isCloseTo(new QuotaOdds(8, 12).met(rate), within(1e-12));
    }

    @Test
    void aSetEndsWhenItIsDecided() {
        assertThat(odds(new Quota(8, 12), 0.6).balls()).isCloseTo(10.027, within(5e-4));
    }

    @ParameterizedTest
    @CsvSource({"12, .1938", "24, .5060", "36, .6969"})
    void aMovingWindowIsMetAsWorkedOut(int balls, double chance) {
        assertThat(odds(new Window(8, 12, balls), 0.5).met()).isCloseTo(chance, within(5e-5));
    }

    @Test
    void aRunTakesAsManyBallsAsTheClosedFormSays() {
        GoalOdds any = odds(new Run(6), 0.8);
        assertThat(any.balls()).isCloseTo(14.073, within(5e-4));
        assertThat(any.met()).isCloseTo(1, within(1e-9));
        Run within = new Run(6, 30, MissRule.of(Does.RESTART_RUN));
        assertThat(odds(within, 0.8).met()).isCloseTo(0.9309, within(5e-5));
    }

    /** Long before the first of them is done, the odds of a long set must not be taken to have settled. */
    @ParameterizedTest
    @CsvSource({"200, 0.8, 250", "1000, 0.5, 2000", "400, 0.02, 20000"})
    void aLongTotalTakesItsHitsOverItsRate(int hits, double rate, double balls) {
        GoalOdds odds = odds(new Total(hits), rate);
        assertThat(odds.balls()).isCloseTo(balls, within(1e-6 * balls));
        assertThat(odds.met()).isCloseTo(1, within(1e-9));
        assertThat(odds.ballsWithin(0.9)).isBetween(balls, 1.2 * balls);
    }

    @Test
    void aGoalOfVeryManyStatesIsPlayedAndSaysHowFarItCanBeTrusted() {
        GoalOdds race = odds(new Race(4, 60, Race.Tie.FIRST, 0), 0.5);
        assertThat(race.error()).isBetween(0.001, 0.02);
        assertThat(race.met()).isBetween(0.25 - 4 * race.error(), 0.32 + 4 * race.error());
        assertThat(race.ballsWithin(0.5)).isBetween(380.0, 480.0);
        GoalOdds window = odds(new Window(14, 20, 60), 0.5);
        assertThat(window.met()).isCloseTo(playedWindow(14, 20, 60), within(3.5 * window.error()));
        assertThat(odds(new Window(14, 16, 40), 0.7).error()).isZero();
    }

    @Test
    void aPlayedGoalThatNeverEndsSaysSo() {
        GoalOdds never = odds(new Race(4, 60, Race.Tie.EQUAL_TURNS, 0), 0);
        assertThat(never.balls()).isInfinite();
        assertThat(never.ballsWithin(0.9)).isInfinite();
        assertThat(never.met()).isZero();
    }

    private static double playedWindow(int hits, int of, int balls) {
        Random random = new Random(8);
        int met = 0;
        for (int set = 0; set < 40_000; set++) {
            Scoresheet course = new Scoresheet(new Window(hits, of, balls), Start.FRESH);
            while (!course.isFull() && course.standing() == Standing.OPEN) {
                course.take(course.play().next(random.nextBoolean()));
            }
            met += course.standing() == Standing.MET ? 1 : 0;
        }
        return met / 40_000.0;
    }

    @Test
    void ofARateOfNoneOrOneTheOddsAreWhatTheyAre() {
        assertThat(odds(new Run(6), 0).balls()).isInfinite();
        assertThat(odds(new Run(6), 0).ballsWithin(0.5)).isInfinite();
        assertThat(odds(new Run(6), 1).balls()).isCloseTo(6, within(1e-12));
        assertThat(odds(new Quota(8, 12), 0).met()).isZero();
        assertThat(odds(new Total(5), 0).met()).isZero();
    }

    @ParameterizedTest
    @CsvSource({"COUNT_ON, 28.30", "STAY, 28.30", "RESTART_STATION, 55.83", "RESTART_LADDER, 420.3"})
    void aLadderTakesAsManyBallsAsItsMissRuleMakesIt(Does does, double balls) {
        assertThat(ladder(MissRule.of(does)).balls()).isCloseTo(balls, within(0.05));
    }

    @Test
    void halfAndNineTenthsOfTheLaddersAreDoneWithinTheseBalls() {
        GoalOdds odds = ladder(MissRule.of(Does.RESTART_LADDER));
        assertThat(odds.ballsWithin(0.5)).isEqualTo(297);
        assertThat(odds.ballsWithin(0.9)).isEqualTo(944);
    }

    @Test
    void fourTriesAtALadderAreDoneAsWorkedOut() {
        GoalOdds odds = ladder(MissRule.of(Does.RESTART_LADDER).limitedTo(4));
        assertThat(odds.met()).isCloseTo(0.0764, within(5e-5));
        assertThat(odds.balls()).isCloseTo(32.12, within(5e-3));
    }

    /** An attempt at the whole ladder holds with P, so that 1/P − 1 of them break. */
    @Test
    void soManyAttemptsBreakAsFollowsFromTheChanceOfOne() {
        double holds = Math.pow(0.9, 8) * Math.pow(0.85, 8) * Math.pow(0.8, 8);
        assertThat(ladder(MissRule.of(Does.RESTART_LADDER)).breaks()).isCloseTo(1 / holds - 1, within(1e-6));
    }

    /** A run of thirty at even odds takes two milliards of balls: far into the tail. */
    @Test
    void theTailIsGeometric() {
        double p = 0.5;
        double expected = (1 - Math.pow(p, 30)) / ((1 - p) * Math.pow(p, 30));
        GoalOdds odds = odds(new Run(30), p);
        assertThat(odds.balls() / expected).isCloseTo(1, within(1e-4));
        assertThat(odds.ballsWithin(0.5) / (expected * Math.log(2))).isCloseTo(1, within(1e-3));
    }

    /** From 5 of 9 at 0.65. */
    @Test
    void inMidSetTheOddsAreThoseFromHere() {
        Scoresheet course = new Scoresheet(new Quota(8, 12), Start.FRESH);
        "111110000".chars().forEach(trial -> course.take(course.play().next(trial == '1')));
        assertThat(GoalOdds.of(new Ahead(course.play(), course.left(), true), 0.65)
                        .met())
                .isCloseTo(0.2746, within(5e-5));
    }

    @Test
    void theFirstToHitHasTheAdvantageThatEqualTurnsTakeAway() {
        assertThat(GoalOdds.of(new Race(2, 1, Race.Tie.FIRST, 0).ahead(6), 0.5).met())
                .isCloseTo(2.0 / 3, within(1e-9));
        assertThat(GoalOdds.of(new Race(2, 1, Race.Tie.EQUAL_TURNS, 0).ahead(6), 0.5)
                        .met())
                .isCloseTo(0.5, within(1e-9));
    }

    private static Stream<Goal> goals() {
        return Stream.of(
                new Quota(8, 12),
                new Window(6, 8, 30),
                new Run(5, 0, MissRule.of(Does.RESTART_RUN)),
                new Run(5, 0, MissRule.of(Does.RESTART_RUN).limitedTo(6)),
                new Total(10),
                new Total(10, 14, MissRule.owing(1)),
                new Ladder(
                        List.of(new Station("a", 3, 1), new Station("b", 2, 2), new Station("c", 3, 3)),
                        60,
                        MissRule.of(Does.STEP_BACK)),
                new Ladder(
                        List.of(new Station("a", 2, 0), new Station("b", 2, 0)),
                        0,
                        MissRule.of(Does.RESTART_STATION).limitedTo(5)),
                new Ladder(
                        List.of(new Station("a", 3, 0), new Station("b", 3, 0)),
                        0,
                        MissRule.of(Does.STAY).limitedTo(2)),
                new Cover(3, 2, 12),
                new Rally(8, 2, 6),
                new Race(3, 5, Race.Tie.EQUAL_TURNS, 0),
                new Duel(5, 2, List.of(1, 0)));
    }

    /** Every miss rule and goal, worked out and played: within three standard errors of 20,000 sets. */
    @ParameterizedTest
    @MethodSource("goals")
    void whatIsWorkedOutIsWhatIsPlayed(Goal goal) {
        List<Double> rates = List.of(0.75, 0.65, 0.7);
        GoalOdds odds = GoalOdds.of(goal.ahead(6), rates);
        Random random = new Random(11);
        int sets = 20_000;
        int met = 0;
        int broke = 0;
        List<Integer> balls = new ArrayList<>();
        for (int set = 0; set < sets; set++) {
            Scoresheet course = new Scoresheet(goal, Start.FRESH);
            while (course.standing() == Standing.OPEN && !course.isFull()) {
                Play play = course.play();
                double rate = rates.get(Math.min(rates.size() - 1, play.turn()));
                course.take(play.next(random.nextDouble() < rate));
            }
            boolean ours = course.progress().winner() <= 0;
            met += course.standing() == Standing.MET && ours ? 1 : 0;
            broke += course.brokeAt().size();
            balls.add(course.balls());
        }
        double mean = balls.stream().mapToInt(Integer::intValue).average().orElseThrow();
        double variance = balls.stream()
                        .mapToDouble(ball -> (ball - mean) * (ball - mean))
                        .sum()
                / (sets - 1);
        double error = Math.sqrt(Math.max(odds.met() * (1 - odds.met()), 1e-6) / sets);
        assertThat((double) met / sets).isCloseTo(odds.met(), within(3 * error));
        assertThat(mean).isCloseTo(odds.balls(), within(3 * Math.sqrt(variance / sets) + 1e-9));
        assertThat((double) broke / sets).isCloseTo(odds.breaks(), within(0.03 * (1 + odds.breaks())));
        double cautious = odds.ballsWithin(0.9);
        assertThat(balls.stream().filter(ball -> ball <= cautious).count() / (double) sets)
                .isGreaterThan(0.9 - 3 * Math.sqrt(0.09 / sets));
    }

    @ParameterizedTest
    @MethodSource("goals")
    void aBetterPlayerNeverHasALesserChance(Goal goal) {
        double before = -1;
        for (double rate = 0; rate <= 1; rate += 0.05) {
            double met = GoalOdds.of(goal.ahead(6), List.of(rate, 0.5)).met();
            if (goal instanceof Ladder || goal instanceof Cover) {
                met = GoalOdds.of(goal.ahead(6), rate).met();
            }
            assertThat(met).isGreaterThanOrEqualTo(before - 1e-9);
            before = met;
        }
    }

    /** With more balls left less is decided, and what is met stays so. */
    @ParameterizedTest
    @MethodSource("goals")
    void whatIsOpenStaysOpenWithMoreBallsLeft(Goal goal) {
        Random random = new Random(11);
        for (int set = 0; set < 40; set++) {
            Play play = goal.ahead(6).play();
            for (int ball = 0; ball < 30 && !play.over(); ball++) {
                boolean open = false;
                for (int left = 1; left <= 40; left++) {
                    Standing standing = play.standing(left);
                    assertThat(open && standing != Standing.OPEN).isFalse();
                    assertThat(standing == Standing.MET).isEqualTo(play.standing(Play.NO_END) == Standing.MET);
                    open = standing == Standing.OPEN;
                }
                play = play.after(play.next(random.nextInt(4) > 0)).play();
            }
        }
    }

    @Test
    void timeIsTurnedIntoBallsByThePace() {
        GoalOdds odds = GoalOdds.of(new Timed(2, 60, 30, 12, Signal.COUNTS).ahead(6), 0.6);
        assertThat(odds.met()).isCloseTo(new QuotaOdds(12, 20).met(0.6), within(1e-12));
    }

    @Test
    void theTargetRateIsTheOneThatMeetsTheGoalHalfTheTime() {
        assertThat(TargetRate.of(new Quota(8, 12), 6).orElseThrow()).isCloseTo(0.6215, within(5e-5));
        double run =
                TargetRate.of(new Run(6, 30, MissRule.of(Does.RESTART_RUN)), 6).orElseThrow();
        assertThat(odds(new Run(6, 30, MissRule.of(Does.RESTART_RUN)), run).met())
                .isCloseTo(0.5, within(1e-6));
        double endless = TargetRate.of(new Run(6), 6).orElseThrow();
        assertThat(odds(new Run(6, 18, MissRule.of(Does.RESTART_RUN)), endless).met())
                .isCloseTo(0.5, within(1e-6));
        assertThat(TargetRate.of(new Run(30), 6).orElseThrow()).isBetween(0.9, 0.99);
        Run limited = new Run(6, 0, MissRule.of(Does.RESTART_RUN).limitedTo(4));
        assertThat(odds(limited, TargetRate.of(limited, 6).orElseThrow()).met()).isCloseTo(0.5, within(1e-6));
        assertThat(TargetRate.of(new Duel(5, 1, List.of(0, 0)), 6)).isEmpty();
    }

    private static Stream<Goal> countedByHitsAlone() {
        return Stream.of(
                new Quota(8, 12),
                new Total(9, 20, MissRule.COUNT_ON),
                new Cover(3, 2, 12),
                new Ladder(EIGHTS, 40, MissRule.COUNT_ON),
                new Ladder(EIGHTS, 40, MissRule.of(Does.STAY)));
    }

    @ParameterizedTest
    @MethodSource("countedByHitsAlone")
    void whereHitsAloneDecideTheBinomialTailSaysTheSame(Goal goal) {
        Ahead ahead = goal.ahead(6);
        QuotaOdds tail = new QuotaOdds(ahead.hitsWanted().orElseThrow(), ahead.balls());
        for (double rate : new double[] {0.3, 0.55, 0.8}) {
            assertThat(odds(goal, rate).met()).isCloseTo(tail.met(rate), within(1e-12));
        }
        Play later = ahead.play().after(ahead.play().next(true)).play();
        assertThat(later.hitsWanted()).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("goals")
    void hitsAloneDecideNothingWhereAMissTakesHitsAway(Goal goal) {
        Ahead ahead = goal.ahead(6);
        Play after = ahead.play().after(ahead.play().next(true)).play();
        Play.Move missed = after.after(after.next(false));
        if (missed.did() == Play.Did.BREAK) {
            assertThat(ahead.hitsWanted()).isEmpty();
        }
    }

    /** Over the states of the whole set it is the same as over those that are left. */
    @ParameterizedTest
    @MethodSource("goals")
    void fromWhereASetStandsTheOddsAreThoseOfWhatIsLeft(Goal goal) {
        Ahead whole = goal.ahead(6);
        Random random = new Random(3);
        Play play = whole.play();
        for (int ball = 1; ball <= 4 && !play.over(); ball++) {
            play = play.after(play.next(random.nextInt(3) > 0)).play();
            int left = whole.balls() == Play.NO_END ? Play.NO_END : whole.balls() - ball;
            Ahead here = new Ahead(play, left, whole.playsOn());
            assertThat(GoalOdds.eachAtOnce(here, whole, List.of(0.6)).get(0).met())
                    .isCloseTo(
                            GoalOdds.eachAtOnce(here, here, List.of(0.6)).get(0).met(), within(1e-9));
        }
    }

    /** It is counted by the same numbers as a set with nothing to beat, and is none. */
    @Test
    void aSetWithABestToBeatIsNotTakenForOneWithout() {
        BestToBeat goal = new BestToBeat(BestToBeat.Of.HITS, 10);
        Ahead here = new Ahead(goal.play(new Start(OptionalDouble.of(5), OptionalInt.empty())), 10, true);
        double met =
                GoalOdds.eachAtOnce(here, goal.ahead(6), List.of(0.6)).get(0).met();
        assertThat(met).isCloseTo(new QuotaOdds(6, 10).met(0.6), within(1e-9));
    }

    /** Whatever was asked before, on this machine or on another. */
    @Test
    void whatWasAskedBeforeChangesNoFigure() {
        for (Goal goal : List.of(new Window(14, 20, 60), new Cover(6, 9, 300), new Duel(40, 2, List.of(0, 0)))) {
            Ahead ahead = goal.ahead(8);
            List<Double> rates = List.of(0.4, 0.6, 0.8);
            List<GoalOdds> first = GoalOdds.eachAtOnce(ahead, ahead, rates);
            GoalOdds.of(ahead, 0.55);
            GoalOdds.exactly(ahead, 0.7);
            new SetPlayer(ahead).play(() -> true, hit -> true);
            assertThat(GoalOdds.eachAtOnce(ahead, ahead, rates))
                    .extracting(GoalOdds::met)
                    .isEqualTo(first.stream().map(GoalOdds::met).toList());
        }
    }
}
