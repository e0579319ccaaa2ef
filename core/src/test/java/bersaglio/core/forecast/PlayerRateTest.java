package bersaglio.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.Samples;
import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Ladder;
import bersaglio.core.goal.Ladder.Station;
import bersaglio.core.goal.MissRule;
import bersaglio.core.goal.MissRule.Does;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Signal;
import bersaglio.core.goal.Tick;
import bersaglio.core.goal.Timed;
import bersaglio.core.goal.Total;
import bersaglio.core.goal.Window;
import bersaglio.core.odds.HitRate;
import bersaglio.core.problem.Refused;
import bersaglio.core.scatter.Scatter;
import bersaglio.core.target.Ground;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a player is taken to hit, and the goals that would suit. */
class PlayerRateTest {

    private static final Pace SIX = new Pace(6, 8, 0);

    @Test
    void trialsLeaveTheMiddleOfWhatIsOpen() {
        PlayerRate rate = PlayerRate.of(new HitRate(9, 12), 12, 3);
        assertThat(rate.rate()).isCloseTo(9.5 / 13, within(1e-12));
        assertThat(rate.basis()).isEqualTo(PlayerRate.Basis.TRIALS);
        assertThat(PlayerRate.of(new HitRate(12, 12), 12, 3).rate()).isLessThan(1);
    }

    /** The same shots aimed at another place fall there as they fell here. */
    @Test
    void landingsAreCarriedToAnotherZone() {
        Random random = new Random(2);
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            places.add(new Point(1 + 0.4 * random.nextGaussian(), 5 + 0.4 * random.nextGaussian()));
        }
        Scatter seen = Scatter.of(places, 0).orElseThrow();
        Rectangle court = new Rectangle(-2.59, 0, 2.59, 6.7);
        Rectangle zone = new Rectangle(0.5, 4.5, 1.5, 5.5);
        PlayerRate here = PlayerRate.of(seen, 2, zone.middle(), Ground.good(zone), court);
        Rectangle elsewhere = zone.moved(-2, -1.5);
        PlayerRate there = PlayerRate.of(seen, 2, zone.middle(), Ground.good(elsewhere), court);
        assertThat(there.rate()).isCloseTo(here.rate(), within(2e-3));
        assertThat(there.basis()).isEqualTo(PlayerRate.Basis.LANDINGS);
        assertThat(there.level()).isEqualTo(2);
        assertThat(there.trials()).isEqualTo(60);
        PlayerRate smaller = PlayerRate.of(seen, 2, zone.middle(), Ground.good(zone.scaled(0.5)), court);
        assertThat(smaller.rate()).isLessThan(here.rate());
    }

    @Test
    void aGuessIsWhatWasGuessed() {
        assertThat(PlayerRate.guessed(0.35))
                .returns(0.35, PlayerRate::rate)
                .returns(PlayerRate.Basis.GUESS, PlayerRate::basis);
        assertThatThrownBy(() -> PlayerRate.guessed(1.2)).isInstanceOf(Refused.class);
    }

    static Stream<Goal> goalsThatCanBeEased() {
        return Stream.of(
                new Quota(11, 12),
                new Window(8, 8, 24),
                new Run(9, 40, MissRule.of(Does.RESTART_RUN)),
                new Total(18, 20, MissRule.owing(1)),
                new Timed(2, 60, 20, 19, Signal.COUNTS),
                new Ladder(
                        List.of(new Station("a", 6, 0), new Station("b", 6, 0), new Station("c", 6, 0)),
                        60,
                        MissRule.of(Does.RESTART_STATION)));
    }

    /** What is proposed is of the same kind, with the same miss rule, and nearer to what was wanted. */
    @ParameterizedTest
    @MethodSource("goalsThatCanBeEased")
    void aHardGoalIsEasedTowardsTheWantedChance(Goal goal) {
        Level level = Samples.level(new OneMetQuota()).asking(goal);
        double now = Forecast.of(level, List.of(0.6), SIX).met();
        Proposals.Proposal proposal =
                Proposals.of(level, List.of(0.6), SIX, 0.7).orElseThrow();
        assertThat(proposal.goal()).hasSameClassAs(goal);
        assertThat(proposal.goal().misses()).isEqualTo(goal.misses());
        assertThat(Math.abs(proposal.met() - 0.7)).isLessThan(Math.abs(now - 0.7));
        assertThat(Forecast.of(level.asking(proposal.goal()), List.of(0.6), SIX).met())
                .isCloseTo(proposal.met(), within(1e-12));
    }

    @Test
    void onlyAChanceBetweenNoneAndAllCanBeAskedFor() {
        Level level = Samples.level(new OneMetQuota());
        assertThatThrownBy(() -> Proposals.of(level, List.of(0.6), SIX, 1)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Pace(0, 1, 1)).isInstanceOf(Refused.class);
    }

    /** The less is known, the more balls the cautious estimate allows; known for certain it is the exact quantile. */
    @Test
    void theCautiousEstimateAllowsForHowFarOffTheRateMayBe() {
        Goal goal = new Run(5);
        double certain = Forecast.of(Samples.level(new OneMetQuota()).asking(goal), List.of(0.7), SIX)
                .cautious();
        double known = Forecast.cautious(goal, PlayerRate.of(new HitRate(700, 1000), 1000, 1), SIX);
        double hardly = Forecast.cautious(goal, PlayerRate.of(new HitRate(14, 20), 20, 1), SIX);
        assertThat(known).isCloseTo(certain, within(3.0));
        assertThat(hardly).isGreaterThan(known);
        assertThat(Forecast.cautious(new Quota(8, 12), PlayerRate.guessed(0.5), SIX))
                .isLessThanOrEqualTo(12);
    }

    @Test
    void aPairHasTheMiddleOfItsRatesAndRestsOnTheWeakerKnowledge() {
        PlayerRate pair =
                PlayerRate.together(List.of(PlayerRate.of(new HitRate(30, 39), 39, 2), PlayerRate.guessed(0.5)));
        assertThat(pair.rate()).isCloseTo((30.5 / 40 + 0.5) / 2, within(1e-12));
        assertThat(pair.basis()).isEqualTo(PlayerRate.Basis.GUESS);
        assertThatThrownBy(() -> PlayerRate.together(List.of())).isInstanceOf(Refused.class);
    }

    /** A player without bias, spread .45 each way: the size for 70 % of sets is the one at which a ball is a hit often enough. */
    @Test
    void aTargetIsSizedForTheWantedChanceOfTheGoal() {
        Random random = new Random(3);
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < 400; i++) {
            places.add(new Point(0.45 * random.nextGaussian(), 3 + 0.45 * random.nextGaussian()));
        }
        Scatter scatter = Scatter.of(places, 0).orElseThrow();
        Rectangle court = new Rectangle(-2.59, 0, 2.59, 6.7);
        Ground zone = Ground.good(new Rectangle(-0.5, 2.5, 0.5, 3.5));
        Level level = Samples.level(new OneMetQuota()).asking(new Quota(8, 12));
        double scale = Proposals.scale(level, scatter, zone, court, SIX, 0.7).orElseThrow();
        double rate = scatter.chance(zone.scaled(scale), court);
        assertThat(Forecast.of(level, List.of(rate), SIX).met()).isCloseTo(0.7, within(5e-3));
        assertThat(Proposals.scale(level.asking(new Tick()), scatter, zone, court, SIX, 0.7))
                .isEmpty();
    }

    @Test
    void eachRuleStandsBesideTheOthers() {
        Level level = Samples.level(new OneMetQuota()).asking(new Quota(8, 12));
        List<Compared> rules = Compared.of(level, Optional.of(PlayerRate.guessed(0.8)));
        assertThat(rules.stream().map(Compared::rule)).hasSize(6).doesNotHaveDuplicates();
        Compared once = rules.get(4);
        assertThat(once.rule()).isEqualTo(new OneMetQuota());
        assertThat(once.notReady()).isCloseTo(level.passesWithin(3, level.notReadyRate()), within(1e-12));
        assertThat(rules).allSatisfy(one -> assertThat(one.streaky()).isGreaterThan(one.notReady()));
        assertThat(rules)
                .allSatisfy(one -> assertThat(one.player().orElseThrow()).isGreaterThan(one.notReady()));
        assertThat(Compared.of(level, Optional.empty()).get(1).player()).isEmpty();
    }
}
