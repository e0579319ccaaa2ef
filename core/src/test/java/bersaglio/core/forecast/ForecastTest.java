package bersaglio.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.Samples;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.FixedTest;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Ladder;
import bersaglio.core.goal.Ladder.Station;
import bersaglio.core.goal.MissRule;
import bersaglio.core.goal.MissRule.Does;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Standing;
import bersaglio.core.odds.HitRate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

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
        double breaks = forecast.breaks() * 944 / forecast.expected();
        assertThat(forecast.minutes().cautious()).isCloseTo((944 * 6 + breaks * 10) / 60, within(1e-9));
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
        assertThat(Growth.of(sets(12))).isEmpty();
        assertThat(Growth.of(sets(12, 12))).contains(Growth.TOO_EASY);
        assertThat(Growth.of(sets(2, 2))).contains(Growth.OUT_OF_REACH);
        assertThat(Growth.of(sets(7, 7))).isEmpty();
    }

    @Test
    void growthHasStoppedWhenSixSetsBringNothing() {
        assertThat(Growth.of(sets(8, 7, 7, 7, 7, 7, 7))).contains(Growth.STOPPED);
        assertThat(Growth.of(sets(8, 7, 7, 7, 7, 7, 9))).isEmpty();
        assertThat(Growth.of(sets(9, 5, 5, 5, 8, 8, 8))).isEmpty();
        assertThat(Growth.of(sets(7, 7, 7, 7, 7, 7)))
                .as("six are not enough to compare")
                .isEmpty();
    }

    /** Beta(9.5, 4.5) against Beta(5.5, 6.5). */
    @Test
    void oneRateIsAboveAnotherAsOftenAsWorkedOut() {
        assertThat(new HitRate(9, 13).chanceAbove(new HitRate(5, 11))).isCloseTo(0.8804, within(5e-4));
    }
}
