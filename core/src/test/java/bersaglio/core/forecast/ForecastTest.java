package bersaglio.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.Samples;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Growth;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Circuit;
import bersaglio.core.goal.FixedTest;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Ladder;
import bersaglio.core.goal.Ladder.Station;
import bersaglio.core.goal.MissRule;
import bersaglio.core.goal.MissRule.Does;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Signal;
import bersaglio.core.goal.Standing;
import bersaglio.core.goal.Tally;
import bersaglio.core.goal.Timed;
import bersaglio.core.odds.Belief;
import bersaglio.core.odds.HitRate;
import bersaglio.core.odds.QuotaOdds;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ForecastTest {

    private static final Pace SIX_SECONDS = new Pace(6, 10, 0);

    private static Level asking(Goal goal) {
        return Samples.level(new OneMetQuota()).asking(goal);
    }

    private static final Ladder LADDER = new Ladder(
            List.of(new Station("a", 8, 0), new Station("b", 8, 0), new Station("c", 8, 0)),
            0,
            MissRule.of(Does.RESTART_LADDER));

    @Test
    void aLadderSaysItsBallsItsBreaksAndItsMinutes() {
        Forecast forecast = Forecast.of(asking(LADDER), List.of(0.9, 0.85, 0.8), SIX_SECONDS);
        assertThat(forecast.expected()).isCloseTo(420.3, within(0.05));
        assertThat(forecast.median()).isEqualTo(297);
        assertThat(forecast.cautious()).isEqualTo(944);
        double[] minutes = playedMinutes(List.of(0.9, 0.85, 0.8));
        assertThat(forecast.minutes().median()).isCloseTo(minutes[PLAYED / 2], within(0.02 * minutes[PLAYED / 2]));
        assertThat(forecast.minutes().cautious())
                .isCloseTo(minutes[PLAYED * 9 / 10], within(0.02 * minutes[PLAYED * 9 / 10]));
    }

    private static final int PLAYED = 20_000;

    /** Of players who climb: six seconds a ball, ten to set up again. */
    private static double[] playedMinutes(List<Double> rates) {
        Random random = new Random(4);
        double[] minutes = new double[PLAYED];
        for (int set = 0; set < PLAYED; set++) {
            int hits = 0;
            while (hits < 24) {
                boolean hit = random.nextDouble() < rates.get(hits / 8);
                minutes[set] += (hit ? 6 : 16) / 60.0;
                hits = hit ? hits + 1 : 0;
            }
        }
        Arrays.sort(minutes);
        return minutes;
    }

    /** Worked: after 5 of 12, and after 9 of 12, eight of the next twelve. */
    @ParameterizedTest
    @CsvSource({"5, 0.154", "9, 0.744"})
    void whatIsNotKnownOfTheRateIsAveragedOver(int hits, double met) {
        PlayerRate seen = PlayerRate.of(new HitRate(hits, 12), 12, 1);
        assertThat(Forecast.of(asking(new Quota(8, 12)), seen, SIX_SECONDS).met())
                .isCloseTo(met, within(5e-4));
    }

    /** Of five players or more at .6, sd .12: a belief worth 15.667 balls. */
    @ParameterizedTest
    @CsvSource({"5, 0.276", "9, 0.615"})
    void aForecastIsDrawnTowardsTheClub(int hits, double met) {
        Belief drawn = new Belief(15.667 * 0.6 + hits, 15.667 * 0.4 + 12 - hits);
        assertThat(drawn.meets(new QuotaOdds(8, 12))).isCloseTo(met, within(5e-4));

        double off = 0.12 * Math.sqrt(0.8) * 1e6;
        List<Tally> alike = new ArrayList<>();
        for (int one : new int[] {-1, 1, -1, 1, 0}) {
            alike.add(new Tally((int) Math.round(0.6e6 + one * off), 1_000_000));
        }
        Belief among = Belief.among(new HitRate(hits, 12), alike);
        assertThat(among.meets(new QuotaOdds(8, 12))).isCloseTo(met, within(0.03));
        assertThat(Belief.among(new HitRate(hits, 12), alike.subList(0, 4)))
                .isEqualTo(Belief.of(new HitRate(hits, 12)));
    }

    /** Two rounds of 50 s with 20 s between: two minutes, whatever is hit in them. */
    @Test
    void aGoalByTheClockTakesAsLongAsItsClock() {
        Forecast rounds = Forecast.of(asking(new Timed(2, 50, 20, 9, Signal.TOO_LATE)), List.of(0.6), SIX_SECONDS);
        assertThat(rounds.minutes()).isEqualTo(new Forecast.Minutes(2, 2));
        assertThat(rounds.median()).isEqualTo(16);

        Circuit stops = new Circuit(
                List.of(new Circuit.Stop("a", 0, 60), new Circuit.Stop("b", 0, 60), new Circuit.Stop("c", 0, 60)),
                17,
                0,
                Signal.COUNTS);
        Forecast round = Forecast.of(asking(stops), List.of(0.6), SIX_SECONDS);
        assertThat(round.minutes().median()).isCloseTo((180 + 34 + 6) / 60.0, within(1e-9));
        assertThat(round.median()).isEqualTo(30);
    }

    @Test
    void theCurveOfARuleRisesAndHoldsThePlayersOwnChance() {
        Forecast forecast = Forecast.of(asking(new Quota(8, 12)), List.of(0.5), SIX_SECONDS);
        assertThat(forecast.met()).isCloseTo(0.1938, within(5e-5));
        assertThat(forecast.passes()).isCloseTo(0.4761, within(5e-5));
        assertThat(forecast.curve()).hasSize(21);
        assertThat(forecast.curve().get(10).chance()).isCloseTo(forecast.passes(), within(1e-12));
        for (int i = 1; i <= 20; i++) {
            assertThat(forecast.curve().get(i).chance())
                    .isGreaterThanOrEqualTo(forecast.curve().get(i - 1).chance());
        }
    }

    @Test
    void whatNeverEndsHasNoMinutes() {
        Forecast forecast = Forecast.of(asking(new Run(6)), List.of(0.0), SIX_SECONDS);
        assertThat(forecast.expected()).isInfinite();
        assertThat(forecast.minutes().median()).isInfinite();
    }

    @Test
    void aProposalComesNearerToTheWantedChance() {
        Proposals.Proposal quota = Proposals.of(asking(new Quota(8, 12)), List.of(0.5), SIX_SECONDS, 0.7)
                .orElseThrow();
        // 6 of 12 at even odds: 0.6128, 5 of 12: 0.8062.
        assertThat(quota.goal()).isEqualTo(new Quota(6, 12));
        assertThat(quota.met()).isCloseTo(0.6128, within(5e-5));
        Proposals.Proposal ladder = Proposals.of(
                        asking(new Ladder(LADDER.stations(), 60, LADDER.misses())),
                        List.of(0.9, 0.85, 0.8),
                        SIX_SECONDS,
                        0.7)
                .orElseThrow();
        assertThat(ladder.met()).isBetween(0.4, 0.95);
        assertThat(Proposals.of(asking(new Quota(6, 12)), List.of(0.5), SIX_SECONDS, 0.65))
                .isEmpty();
        assertThat(Proposals.of(asking(new FixedTest(20)), List.of(0.5), SIX_SECONDS, 0.7))
                .isEmpty();
    }

    @Test
    void aFirstTimePaceGoesByHowOpenTheDrillIs() {
        double before = 0;
        for (Freedom freedom : Freedom.values()) {
            assertThat(Pace.firstTime(freedom).secondsABall()).isGreaterThanOrEqualTo(before);
            before = Pace.firstTime(freedom).secondsABall();
        }
    }

    private static List<Attempt> sets(int... hitsOfTwelve) {
        List<Attempt> sets = new ArrayList<>();
        for (int hits : hitsOfTwelve) {
            sets.add(new Attempt("1".repeat(hits) + "0".repeat(12 - hits), Standing.OPEN, hits, 0));
        }
        return sets;
    }

    @Test
    void aLevelIsTooEasyOrOutOfReachOnlyOnEnoughBalls() {
        assertThat(Growth.of(sets(12), 0.62)).isEmpty();
        assertThat(Growth.of(sets(12, 12), 0.62)).contains(Growth.TOO_EASY);
        assertThat(Growth.of(sets(2, 2), 0.62)).contains(Growth.OUT_OF_REACH);
        assertThat(Growth.of(sets(7, 7), 0.62)).isEmpty();
    }

    @Test
    void halfOfWhatALevelAsksForIsOutOfReachHoweverHighItAsks() {
        List<Attempt> aThirdOfIt = sets(4, 3, 4, 4, 4, 3, 4, 4, 4);
        assertThat(Growth.of(aThirdOfIt, 0.9)).contains(Growth.OUT_OF_REACH);
        assertThat(Growth.of(aThirdOfIt, 0.5)).isNotEqualTo(Optional.of(Growth.OUT_OF_REACH));
    }

    @Test
    void growthHasStoppedWhenSixSetsBringNothing() {
        assertThat(Growth.of(sets(8, 7, 7, 7, 7, 7, 7), 0.62)).contains(Growth.STOPPED);
        assertThat(Growth.of(sets(8, 7, 7, 7, 7, 7, 9), 0.62)).isEmpty();
        assertThat(Growth.of(sets(9, 5, 5, 5, 8, 8, 8), 0.62)).isEmpty();
        assertThat(Growth.of(sets(7, 7, 7, 7, 7, 7), 0.62))
                .as("six are not enough to compare")
                .isEmpty();
    }

    @Test
    void whatIsAlwaysMetHasNotStoppedAndWhatIsOnlyDoneHasNoGrowth() {
        List<Attempt> ticks = new ArrayList<>();
        List<Attempt> measured = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            ticks.add(new Attempt("1", Standing.MET, 1, 0));
            measured.add(new Attempt("000", Standing.DONE, 28, 0));
        }
        assertThat(Growth.of(ticks.subList(0, 9), 0.62)).isEmpty();
        assertThat(Growth.of(measured, 0.62)).isEmpty();
    }

    /** Beta(9.5, 4.5) against Beta(5.5, 6.5). */
    @Test
    void oneRateIsAboveAnotherAsOftenAsWorkedOut() {
        assertThat(new HitRate(9, 13).chanceAbove(new HitRate(5, 11))).isCloseTo(0.8804, within(5e-4));
    }
}
