package bersaglio.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.Samples;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Standing;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AdvanceRuleTest {

    private static final Attempt NINE_OF_TWELVE = set("110111101101");
    private static final Attempt SIX_OF_TWELVE = set("101001101100");

    /** Of endless hits with a half life of two the latest weigh 3.4 in all: Beta(3.9, 0.5) is at 62 % or more by .876. */
    @Test
    void aHalfLifeThatCanNeverTellEnoughIsRefusedWhereItIsMade() {
        assertThatThrownBy(() -> Samples.drill(new Evidence(0.95, 20, 2)).requireReachable())
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.problem().field()).isEqualTo("levels.0.advance.halfLife"));
        Samples.drill(new Evidence(0.95, 20, 36)).requireReachable();
        Samples.drill(new Evidence(0.95, 20, 0)).requireReachable();
        Samples.drill(new OneMetQuota()).requireReachable();
    }

    @Nested
    class OneMet {
        private final Level level = Samples.level(new OneMetQuota());

        @Test
        void aMetQuotaMovesUp() {
            Advice advice = level.advance().advise(level, List.of(SIX_OF_TWELVE, NINE_OF_TWELVE));
            assertThat(advice.call()).isEqualTo(Advice.Call.MOVE_UP);
            assertThat(advice.code()).isEqualTo("once.met");
        }

        @Test
        void aMissedQuotaSaysHowManyWereMissing() {
            Advice advice = level.advance().advise(level, List.of(NINE_OF_TWELVE, SIX_OF_TWELVE));
            assertThat(advice.call()).isEqualTo(Advice.Call.STAY);
            assertThat(advice.figures()).contains(new Figure("short", 2));
        }

        @Test
        void aSetEndedEarlyIsNoPass() {
            assertThat(level.advance().advise(level, List.of(set("1111111"))).code())
                    .isEqualTo("once.endedEarly");
        }

        @ParameterizedTest
        @CsvSource({"0.4, 0.1623", "0.5, 0.4761"})
        void threeTriesLetLuckIn(double rate, double chance) {
            assertThat(level.passesWithin(3, rate)).isCloseTo(chance, within(5e-5));
        }
    }

    @Nested
    class TwoOfTheLastThree {
        private final Level level = Samples.level(new MetInLast(2, 3));

        @ParameterizedTest
        @CsvSource({"3, .0982", "6, .2343", "10, .3850"})
        void luckGrowsWithTheSetsAllowed(int sets, double chance) {
            assertThat(level.passesWithin(sets, 0.5)).isCloseTo(chance, within(5e-5));
        }

        @Test
        void twoMetSetsWithAMissBetweenMoveUp() {
            assertThat(level.advance()
                            .advise(level, List.of(NINE_OF_TWELVE, SIX_OF_TWELVE, NINE_OF_TWELVE))
                            .call())
                    .isEqualTo(Advice.Call.MOVE_UP);
        }

        @Test
        void aMetSetThatFallsOutOfTheWindowNoLongerHelps() {
            Advice advice = level.advance()
                    .advise(level, List.of(NINE_OF_TWELVE, SIX_OF_TWELVE, SIX_OF_TWELVE, NINE_OF_TWELVE));
            assertThat(advice.code()).isEqualTo("window.metStay");
            assertThat(advice.figures()).contains(new Figure("met", 1), new Figure("more", 1));
        }

        @Test
        void whatIsMissingCountsTheWindowThatMovesOn() {
            Advice advice = level.advance().advise(level, List.of(NINE_OF_TWELVE, SIX_OF_TWELVE, SIX_OF_TWELVE));
            assertThat(advice.figures()).contains(new Figure("met", 1), new Figure("more", 2));
        }
    }

    @Nested
    class ByEvidence {
        private final Level level = Samples.level(new Evidence(0.85, 20, 36));
        private final Evidence unweighted = new Evidence(0.85, 20, 0);

        @Test
        void oneGoodSetIsNotEnoughAndAnotherLikeItWouldSettleIt() {
            Advice advice = level.advance().advise(level, List.of(NINE_OF_TWELVE));
            assertThat(advice.call()).isEqualTo(Advice.Call.STAY);
            assertThat(advice.code()).isEqualTo("evidence.metStay.nextSet");
            assertThat(advice.figures()).contains(new Figure("nextHits", 9));
        }

        @Test
        void theFewestHitsThatWouldSettleItInTheNextSetAreSaid() {
            Advice advice = level.advance().advise(level, List.of(SIX_OF_TWELVE, NINE_OF_TWELVE));
            assertThat(advice.code()).isEqualTo("evidence.metStay.nextSet");
            int next = (int) figure(advice, "nextHits");
            assertThat(settles(next)).isTrue();
            assertThat(settles(next - 1)).isFalse();
        }

        private boolean settles(int hits) {
            Attempt next = set("1".repeat(hits) + "0".repeat(12 - hits));
            return level.advance()
                            .advise(level, List.of(SIX_OF_TWELVE, NINE_OF_TWELVE, next))
                            .call()
                    == Advice.Call.MOVE_UP;
        }

        @Test
        void threeGoodSetsAreEnough() {
            assertThat(level.advance()
                            .advise(level, List.of(NINE_OF_TWELVE, NINE_OF_TWELVE, NINE_OF_TWELVE))
                            .call())
                    .isEqualTo(Advice.Call.MOVE_UP);
        }

        @Test
        void aPoorPastNeedsMoreSetsLikeTheLast() {
            List<Attempt> attempts = new ArrayList<>();
            for (int i = 0; i < 2; i++) {
                attempts.add(set("101001010100"));
            }
            attempts.add(NINE_OF_TWELVE);
            Advice advice = level.advance().advise(level, attempts);
            assertThat(advice.code()).isEqualTo("evidence.metStay.moreSets");
            assertThat(figure(advice, "moreSets")).isBetween(2.0, 6.0);
        }

        @Test
        void anEarlierTrialCountsHalfAfterThirtySixMore() {
            assertThat(Evidence.DEFAULT
                            .weigh(List.of(new Attempt("1" + "0".repeat(36), Standing.OPEN, 1, 0)))
                            .hits())
                    .isCloseTo(0.5, within(1e-12));
        }

        @ParameterizedTest
        @CsvSource({"36, 61", "0, 97"})
        void weightsShortenTheWaitOfAPlayerWhoHasImproved(int halfLife, double ballsWaited) {
            Level judged = Samples.level(new Evidence(0.85, 20, halfLife), 0.60);
            Random random = new Random(20_26);
            int players = 3000;
            double balls = 0;
            for (int player = 0; player < players; player++) {
                Examiner examiner = judged.advance().asking(judged).of(Streaks.unwatched());
                pastAt(0.45, random).forEach(examiner::set);
                int sets = 1;
                while (sets < 60 && examiner.set(simulated(0.75, 12, random)) != Advice.Call.MOVE_UP) {
                    sets++;
                }
                balls += 12.0 * sets;
            }
            assertThat(balls / players).isCloseTo(ballsWaited, within(3.0));
        }

        /** Worked out apart from this program, by simulation of 200,000 players. */
        @ParameterizedTest
        @CsvSource({"36, 0.5, 0.0297", "36, 0.74, 0.9925", "0, 0.5, 0.0396", "0, 0.74, 0.9919"})
        void theUsualEvidenceSlipsAndFindsAsOftenAsItIsSaidTo(int halfLife, double rate, double passes) {
            Level judged = Samples.level(new Evidence(0.80, 20, halfLife), 0.62);
            assertThat(judged.passing(Trying.of(rate, 10).unwatched()).inAll()).isCloseTo(passes, within(0.002));
        }

        /** Twelve of twelve would do, if only there were more of them. */
        @Test
        void whereOnlyTrialsAreLackingThatIsTheReason() {
            Advice advice = level.advance().advise(level, List.of(set("111111111111")));
            assertThat(advice.code()).isEqualTo("evidence.few");
            assertThat(advice.figures()).contains(new Figure("leastTrials", 20), new Figure("trials", 12));
        }

        private static List<Attempt> pastAt(double rate, Random random) {
            List<Attempt> past = new ArrayList<>();
            for (int set = 0; set < 4; set++) {
                past.add(simulated(rate, 12, random));
            }
            return past;
        }

        @Property(tries = 12)
        void theOddsAgreeWithASimulation(
                @ForAll @DoubleRange(min = 0.4, max = 0.8) double rate, @ForAll @IntRange(min = 2, max = 8) int sets) {
            Level judged = Samples.level(Evidence.DEFAULT);
            int players = 4000;
            Random random = new Random(Double.doubleToLongBits(rate) ^ sets);
            int passed = 0;
            for (int player = 0; player < players; player++) {
                passed += passes(judged, rate, sets, random) ? 1 : 0;
            }
            double chance = judged.passesWithin(sets, rate);
            double error = Math.sqrt(chance * (1 - chance) / players);
            assertThat((double) passed / players).isCloseTo(chance, within(4 * error + 0.003));
        }

        private static boolean passes(Level level, double rate, int sets, Random random) {
            return setsToPass(level, new ArrayList<>(), rate, sets, random) <= sets;
        }

        private static int setsToPass(Level level, List<Attempt> attempts, double rate, int most, Random random) {
            for (int set = 1; set <= most; set++) {
                attempts.add(simulated(rate, level.goal().mostBalls(), random));
                if (level.advance().advise(level, attempts).call() == Advice.Call.MOVE_UP) {
                    return set;
                }
            }
            return most + 1;
        }

        private static Attempt simulated(double rate, int balls, Random random) {
            StringBuilder trials = new StringBuilder();
            for (int ball = 0; ball < balls; ball++) {
                trials.append(random.nextDouble() < rate ? '1' : '0');
            }
            return set(trials.toString());
        }
    }

    @Property(tries = 60)
    void aBetterPlayerNeverPassesLessOften(@ForAll @DoubleRange(min = 0, max = 0.95) double rate) {
        for (AdvanceRule rule : List.of(new OneMetQuota(), new MetInLast(2, 3), Evidence.DEFAULT)) {
            Level level = Samples.level(rule);
            assertThat(level.passesWithin(4, rate + 0.05)).isGreaterThanOrEqualTo(level.passesWithin(4, rate) - 1e-9);
        }
    }

    private static double figure(Advice advice, String name) {
        return advice.figures().stream()
                .filter(figure -> figure.name().equals(name))
                .findFirst()
                .orElseThrow()
                .value();
    }

    private static Attempt set(String trials) {
        return Attempt.of(new Quota(8, 12), trials);
    }
}
