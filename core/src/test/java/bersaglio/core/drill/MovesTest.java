package bersaglio.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.Samples;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.FixedTest;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Rally;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Standing;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

/** The sequential rule, the rules for stepping back, days, and levels that grow by a rule. */
class MovesTest {

    private static final Sequential WALD = new Sequential(0.5, 0.7, 0.1, 0.1);
    private static final long DAY = 24L * 3600 * 1000;

    private static Attempt set(String trials) {
        return Attempt.of(new Quota(8, 12), trials);
    }

    private static Attempt of(int hits, int trials) {
        // Spread over the set, as balls that come in no streaks.
        StringBuilder balls = new StringBuilder();
        for (int ball = 1; ball <= trials; ball++) {
            balls.append(ball * hits / trials > (ball - 1) * hits / trials ? '1' : '0');
        }
        return new Attempt(balls.toString(), Standing.OPEN, hits, 0);
    }

    @Nested
    class InSequence {
        private final Level level = Samples.level(WALD);

        @Test
        void theRatioAndItsBoundsAreAsWorkedOut() {
            assertThat(WALD.logRatio(22, 8)).isCloseTo(3.3158, within(5e-5));
            assertThat(WALD.logRatio(8, 12)).isCloseTo(-3.4381, within(5e-5));
            assertThat(WALD.upperBound()).isCloseTo(2.1972, within(5e-5));
        }

        @Test
        void itAdvancesStepsBackOrKeepsGoing() {
            assertThat(WALD.advise(level, List.of(of(22, 30))).call()).isEqualTo(Advice.Call.MOVE_UP);
            assertThat(WALD.advise(level, List.of(of(8, 20))).call()).isEqualTo(Advice.Call.STEP_BACK);
            assertThat(WALD.advise(level, List.of(of(7, 12))).call()).isEqualTo(Advice.Call.STAY);
        }

        @Test
        void afterADecisionItStartsAfresh() {
            Advice advice = WALD.advise(level, List.of(of(8, 20), of(7, 12)));
            assertThat(advice.call()).isEqualTo(Advice.Call.STAY);
            assertThat(advice.figures()).contains(new Figure("trials", 12));
        }

        /** Worked out and played 12,000 times. */
        @Test
        void itsSlipThroughIsAsItsCurveSays() {
            double curve = level.passesWithin(6, 0.55);
            assertThat(EachBallTest.simulated(level, 6, 0.55, 0, 12_000)).isCloseTo(curve, within(0.02));
        }
    }

    @Test
    void theSameQuotaOnTwoDaysIsMoreThanTwiceOnOne() {
        MetInLast days = new MetInLast(2, 3, MetInLast.Each.DAY);
        Level level = Samples.level(days);
        Attempt met = set("111111110000");
        assertThat(days.advise(level, List.of(on(1, met), on(1, met))).call()).isEqualTo(Advice.Call.STAY);
        assertThat(days.advise(level, List.of(on(1, met), on(2, met))).call()).isEqualTo(Advice.Call.MOVE_UP);
        assertThat(new MetInLast(2, 3)
                        .advise(level, List.of(on(1, met), on(1, met)))
                        .call())
                .isEqualTo(Advice.Call.MOVE_UP);
    }

    private static Attempt on(int day, Attempt attempt) {
        return new Attempt(attempt.trials(), attempt.standing(), attempt.score(), day * DAY);
    }

    @Test
    void soManyUnmetSetsInARowStepBack() {
        Level third = third(new AfterUnmet(2, AfterUnmet.Back.ONE_LEVEL));
        Attempt unmet = set("111100000000");
        assertThat(third.advise(List.of(unmet), Neighbours.NONE).call()).isEqualTo(Advice.Call.STAY);
        Advice back = third.advise(List.of(unmet, unmet), Neighbours.NONE);
        assertThat(back.call()).isEqualTo(Advice.Call.STEP_BACK);
        assertThat(back.figures()).contains(new Figure("to", 2));
        Level start = third(new AfterUnmet(2, AfterUnmet.Back.THE_START));
        assertThat(start.advise(List.of(unmet, unmet), Neighbours.NONE).figures())
                .contains(new Figure("to", 1));
    }

    @Test
    void aSetLeftWhileItsGoalWasOpenNeitherSendsBackNorForgivesThoseBefore() {
        Level third = third(new AfterUnmet(2, AfterUnmet.Back.ONE_LEVEL));
        Attempt unmet = set("111100000000");
        Attempt left = set("10");
        assertThat(third.advise(List.of(unmet, left), Neighbours.NONE).call()).isEqualTo(Advice.Call.STAY);
        assertThat(third.advise(List.of(unmet, left, unmet), Neighbours.NONE).call())
                .isEqualTo(Advice.Call.STEP_BACK);
    }

    @Test
    void evidenceAgainstALevelStepsBackAndFromTheFirstLevelNobodyDoes() {
        Level third = third(new EvidenceAgainst(Evidence.DEFAULT));
        Attempt poor = set("111000000000");
        assertThat(third.advise(List.of(poor), Neighbours.NONE).call()).isEqualTo(Advice.Call.STAY);
        assertThat(third.advise(List.of(poor, poor, poor), Neighbours.NONE).code())
                .isEqualTo("evidence.back");
        Level first = new Level(
                1,
                Samples.TARGET,
                0,
                new Quota(8, 12),
                Dials.AS_THE_DRILL,
                3,
                OptionalDouble.empty(),
                new OneMetQuota(),
                new AfterUnmet(1, AfterUnmet.Back.ONE_LEVEL),
                Level.NOT_THE_HITTER);
        Drill drill = new Drill("d-1", "d", 1, "D", "", Freedom.FED, List.of(first));
        assertThat(drill.advise(1, List.of(poor), Neighbours.NONE).code()).isEqualTo("bottom.reached");
    }

    /** Held again after weeks it is compared; no rule makes a pass or a step back of it. */
    @Test
    void aTestMovesNobodyWhateverTheRule() {
        Level test = third(new AfterUnmet(1, AfterUnmet.Back.ONE_LEVEL)).asking(new FixedTest(6));
        Attempt held = Attempt.of(test.goal(), "111111");
        for (AdvanceRule rule : List.of(new OneMetQuota(), new Evidence(0.5, 1, 0), WALD)) {
            Advice advice = test.with(rule).advise(List.of(held, held, held, held, held), Neighbours.NONE);
            assertThat(advice.call()).isEqualTo(Advice.Call.STAY);
            assertThat(advice.code()).isEqualTo("test.held");
            assertThat(advice.figures()).contains(new Figure("hits", 6), new Figure("trials", 6));
            assertThat(test.with(rule).passesWithin(3, 0.9)).isZero();
        }
    }

    private static Level third(Retreat retreat) {
        return new Level(
                3,
                Samples.TARGET,
                0,
                new Quota(8, 12),
                Dials.AS_THE_DRILL,
                3,
                OptionalDouble.empty(),
                new OneMetQuota(),
                retreat,
                Level.NOT_THE_HITTER);
    }

    /** A run has no length of its own: what is promised is further sets like the last one. */
    @Test
    void whatWouldSettleARunIsFurtherSetsLikeTheLast() {
        Level level = new Level(1, Samples.TARGET, 0, new Run(4), 3, OptionalDouble.of(0.6), new Evidence(0.85, 20, 0));
        Attempt good = Attempt.of(new Run(4), "0111101111".substring(0, 5));
        Advice advice = level.advise(List.of(good), Neighbours.NONE);
        assertThat(advice.code()).isEqualTo("evidence.metStay.moreSets");
        double more = advice.figures().stream()
                .filter(figure -> figure.name().equals("moreSets"))
                .findFirst()
                .orElseThrow()
                .value();
        List<Attempt> held = new ArrayList<>(List.of(good));
        for (int set = 0; set < more; set++) {
            assertThat(level.advise(held, Neighbours.NONE).call()).isEqualTo(Advice.Call.STAY);
            held.add(good);
        }
        assertThat(level.advise(held, Neighbours.NONE).call()).isEqualTo(Advice.Call.MOVE_UP);
    }

    @Test
    void theCoachsCallMovesNobody() {
        Level level = Samples.level(new CoachsCall());
        assertThat(level.advise(List.of(set("111111111111")), Neighbours.NONE).code())
                .isEqualTo("coach.met");
        assertThat(level.passesWithin(10, 0.9)).isZero();
    }

    @Nested
    class Growing {
        private final Level first = Samples.level(new OneMetQuota());

        /** The corner is a metre each way: 1, 0.9, 0.81, 0.729, 0.657, and the last one 0.6. */
        @Test
        void aTargetShrinksByATenthUntilItIsSmallEnough() {
            List<Level> levels = Ramp.levels(first, new Ramp.Shrink(0.1, 0.6), 20);
            assertThat(levels.stream().map(Level::narrowest).map(size -> Math.round(size * 1e4) / 1e4))
                    .containsExactly(1.0, 0.9, 0.81, 0.729, 0.657, 0.6);
            assertThat(levels.stream().map(Level::number)).containsExactly(1, 2, 3, 4, 5, 6);
        }

        @Test
        void everyGeneratedLevelIsHarderThanTheOneBefore() {
            for (Ramp ramp : List.of(
                    new Ramp.Shrink(0.15, 0.4), new Ramp.More(1), new Ramp.Faster(0.1), new Ramp.Farther(0.3))) {
                Level start = ramp instanceof Ramp.Farther ? first.with(Dials.AS_THE_DRILL.at(2)) : first;
                List<Level> levels = Ramp.levels(start, ramp, 4);
                assertThat(levels).hasSize(4);
                for (int i = 1; i < levels.size(); i++) {
                    assertThat(levels.get(i - 1).isEasierThan(levels.get(i)))
                            .as(ramp + " " + i)
                            .isTrue();
                    assertThat(levels.get(i).isEasierThan(levels.get(i - 1))).isFalse();
                }
            }
        }

        @Test
        void aQuotaGrowsNoFartherThanItsBallsAndARallyByAFactor() {
            assertThat(Ramp.levels(first, new Ramp.More(2), 9)).hasSize(3);
            Level rally = first.asking(new Rally(6, 1, 0));
            assertThat(Ramp.levels(rally, new Ramp.Times(1.5), 4).stream()
                            .map(level -> ((Rally) level.goal()).length()))
                    .containsExactly(6, 9, 14, 21);
        }

        /** Level after level the target keeps a name that can be stored. */
        @Test
        void aLongRampKeepsItsTargetsNamesShort() {
            List<Level> levels = Ramp.levels(first, new Ramp.Shrink(0.03, 0.2), 50);
            assertThat(levels).hasSizeGreaterThan(40);
            assertThat(levels.stream().map(level -> level.target().id()))
                    .allSatisfy(id -> assertThat(id).hasSizeLessThanOrEqualTo(64))
                    .doesNotHaveDuplicates();
        }

        @Test
        void fartherWantsADistanceToStartFrom() {
            assertThatThrownBy(() -> Ramp.levels(first, new Ramp.Farther(0.3), 4))
                    .isInstanceOf(Refused.class);
        }
    }
}
