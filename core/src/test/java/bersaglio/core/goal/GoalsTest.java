package bersaglio.core.goal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.goal.Ladder.Station;
import bersaglio.core.goal.MissRule.Does;
import bersaglio.core.problem.Refused;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each kind of goal on sequences worked by hand. */
class GoalsTest {

    private static Scoresheet follow(Goal goal, String trials) {
        return follow(goal, Start.FRESH, trials);
    }

    private static Scoresheet follow(Goal goal, Start start, String trials) {
        Scoresheet course = new Scoresheet(goal, start);
        trials.chars().forEach(trial -> course.take(course.play().next(trial == '1')));
        return course;
    }

    private static Scoresheet take(Goal goal, Step... steps) {
        Scoresheet course = new Scoresheet(goal, Start.FRESH);
        for (Step step : steps) {
            course.take(step);
        }
        return course;
    }

    private static Step.Ball ball(boolean hit, long second) {
        return new Step.Ball(hit, 0, 0, 0, second * 1000);
    }

    private static Step.Ball zone(int zone) {
        return new Step.Ball(true, 0, zone, 0, 0);
    }

    private static Step.Value value(double value) {
        return new Step.Value(value, 0, 0);
    }

    /** The block 1101 0111 has six hits; three of the last four is already there after the fourth ball. */
    @ParameterizedTest
    @CsvSource({"110, OPEN", "1101, MET", "0011, OPEN", "00111, MET", "11, OPEN"})
    void aMovingWindowIsMetWhereverItStands(String trials, Standing standing) {
        assertThat(follow(new Window(3, 4, 0), trials).standing()).isEqualTo(standing);
    }

    @Test
    void aMovingWindowCanBeMetBeforeItIsFullAndGoesOutOfReach() {
        assertThat(follow(new Window(3, 4, 8), "111").standing()).isEqualTo(Standing.MET);
        Scoresheet late = follow(new Window(3, 4, 8), "1000000");
        assertThat(late.standing()).isEqualTo(Standing.OUT_OF_REACH);
        assertThat(follow(new Window(3, 4, 8), "0010011").standing()).isEqualTo(Standing.OPEN);
    }

    @Test
    void aRunStartsAgainAndEveryBreakIsKept() {
        Scoresheet course = follow(new Run(4), "1101110111");
        assertThat(course.brokeAt()).containsExactly(2, 3);
        assertThat(course.progress().done()).isEqualTo(3);
        assertThat(course.standing()).isEqualTo(Standing.OPEN);
        assertThat(course.take(Step.Ball.of(true))).isTrue();
        assertThat(course.standing()).isEqualTo(Standing.MET);
        assertThat(course.take(Step.Ball.of(true))).isFalse();
    }

    @Test
    void aRunOfLimitedTriesIsOverWithTheLast() {
        Run twice = new Run(4, 0, MissRule.of(Does.RESTART_RUN).limitedTo(2));
        assertThat(follow(twice, "1101").standing()).isEqualTo(Standing.OPEN);
        assertThat(follow(twice, "11010").standing()).isEqualTo(Standing.OUT_OF_REACH);
        assertThat(follow(twice, "11010").isFull()).isTrue();
    }

    @Test
    void aTotalTakesAsManyBallsAsItNeedsAndItsMissesAreOwed() {
        Scoresheet course = follow(new Total(3, 0, MissRule.owing(2)), "10011");
        assertThat(course.standing()).isEqualTo(Standing.MET);
        assertThat(course.owed()).isEqualTo(4);
        course.take(new Step.Paid(3, 0));
        assertThat(course.owed()).isEqualTo(1);
    }

    @Nested
    class OfALadder {
        private final List<Station> three =
                List.of(new Station("Net", 2, 0), new Station("Middle", 1, 0), new Station("Rear", 2, 0));

        private Scoresheet climb(Does does, String trials) {
            return follow(new Ladder(three, 0, MissRule.of(does)), trials);
        }

        /** 11 | 1 | 1 then a miss. */
        @ParameterizedTest
        @CsvSource({
            "COUNT_ON, 4, 2, 1",
            "STAY, 4, 2, 1",
            "RESTART_STATION, 3, 2, 0",
            "STEP_BACK, 2, 1, 0",
            "RESTART_LADDER, 0, 0, 0"
        })
        void aMissFallsBackAsTheRuleSays(Does does, int done, int station, int here) {
            Progress progress = climb(does, "11110").progress();
            assertThat(progress.done()).isEqualTo(done);
            assertThat(progress.station()).isEqualTo(station);
            assertThat(progress.here()).isEqualTo(here);
        }

        @Test
        void itIsMetWithTheLastHitOfTheLastStation() {
            assertThat(climb(Does.RESTART_LADDER, "111011111").standing()).isEqualTo(Standing.MET);
            assertThat(climb(Does.RESTART_LADDER, "111011111").brokeAt()).containsExactly(3);
        }

        @Test
        void onlyTheZoneOfTheStationCounts() {
            Ladder zones =
                    new Ladder(List.of(new Station("Left", 1, 1), new Station("Right", 1, 2)), 0, MissRule.COUNT_ON);
            Scoresheet course = take(zones, zone(2), zone(1), zone(2));
            assertThat(course.attempt(0).trials()).isEqualTo("011");
            assertThat(course.standing()).isEqualTo(Standing.MET);
        }

        @Test
        void theSameShotIsTriedAgainOnlySoOften() {
            Ladder stay = new Ladder(three, 0, MissRule.of(Does.STAY).limitedTo(2));
            assertThat(follow(stay, "0101").standing()).isEqualTo(Standing.OPEN);
            assertThat(follow(stay, "01100").standing()).isEqualTo(Standing.OUT_OF_REACH);
        }

        @Test
        void aLadderWithoutAStationIsRefused() {
            assertThatThrownBy(() -> new Ladder(List.of(), 0, MissRule.COUNT_ON))
                    .isInstanceOfSatisfying(
                            Refused.class,
                            refused -> assertThat(refused.problem().code()).isEqualTo("empty_ladder"));
        }
    }

    @Test
    void coverWantsEveryZone() {
        Cover cover = new Cover(3, 2, 0);
        Scoresheet course = take(cover, zone(1), zone(1), zone(1), zone(2), zone(3), zone(3));
        assertThat(course.progress().parts()).containsExactly(2.0, 1.0, 2.0);
        assertThat(course.standing()).isEqualTo(Standing.OPEN);
        course.take(zone(2));
        assertThat(course.standing()).isEqualTo(Standing.MET);
        assertThat(course.attempt(0).trials()).isEqualTo("1111111");
    }

    @Nested
    class ByTheClock {
        private final Timed twice = new Timed(2, 30, 10, 3, Signal.TOO_LATE);

        @Test
        void onlyBallsInsideARoundCount() {
            Scoresheet course = take(
                    twice,
                    ball(true, 1),
                    new Step.Started(2_000),
                    ball(true, 10),
                    ball(false, 20),
                    ball(true, 33),
                    new Step.Stopped(34_000),
                    new Step.Started(50_000),
                    ball(true, 55));
            assertThat(course.attempt(0).trials()).isEqualTo("101");
            assertThat(course.progress().station()).isEqualTo(1);
            course.take(new Step.Stopped(80_000));
            assertThat(course.standing()).isEqualTo(Standing.OUT_OF_REACH);
        }

        @Test
        void sidesCountAgainstEachOtherUntilTheLastSignal() {
            Timed contest = new Timed(1, 30, 0, 0, Signal.TOO_LATE, 2);
            Scoresheet course = take(
                    contest,
                    new Step.Started(0),
                    new Step.Ball(true, 0, 0, 0, 1_000),
                    new Step.Ball(true, 1, 0, 0, 2_000),
                    new Step.Ball(true, 1, 0, 0, 3_000),
                    new Step.Ball(true, 2, 0, 0, 4_000));
            assertThat(course.progress())
                    .returns(List.of(1.0, 2.0), Progress::parts)
                    .returns(Progress.NOBODY, Progress::winner);
            course.take(new Step.Stopped(30_000));
            assertThat(course.progress().winner()).isEqualTo(1);
            assertThat(course.standing()).isEqualTo(Standing.DONE);
            course.take(new Step.CountIs(0, 2, OptionalInt.empty(), 0));
            assertThat(course.progress().winner()).as("level").isEqualTo(Progress.NOBODY);
            assertThatThrownBy(() -> new Timed(1, 30, 0, 5, Signal.TOO_LATE, 2)).isInstanceOf(Refused.class);
        }

        @Test
        void aBallInTheAirAtTheSignalCountsWhereItIsSaidTo() {
            Step[] late = {new Step.Started(0), ball(true, 31)};
            assertThat(take(twice, late).progress().done()).isZero();
            assertThat(take(new Timed(2, 30, 10, 3, Signal.COUNTS), late)
                            .progress()
                            .done())
                    .isEqualTo(1);
        }

        @Test
        void aCircuitWantsTheZoneOfItsStation() {
            Circuit circuit = new Circuit(
                    List.of(new Circuit.Stop("Left", 1, 20), new Circuit.Stop("Right", 2, 20)), 5, 0, Signal.TOO_LATE);
            Scoresheet course = take(
                    circuit,
                    new Step.Started(0),
                    zone(1),
                    zone(2),
                    new Step.Stopped(20_000),
                    new Step.Started(25_000),
                    new Step.Ball(true, 0, 2, 0, 30_000),
                    new Step.Stopped(45_000));
            assertThat(course.attempt(0).trials()).isEqualTo("101");
            assertThat(course.standing()).isEqualTo(Standing.DONE);
        }

        /** 24 s with two misses of 3 s each are 30. */
        @Test
        void aMissCostsSecondsOnACourse() {
            Stopwatch watch = new Stopwatch(30, 3, 2);
            Step[] lap = {new Step.Started(1_000), ball(false, 5), ball(true, 9), ball(false, 20)};
            Scoresheet course = take(watch, lap);
            course.take(new Step.Stopped(25_000));
            assertThat(course.progress().score()).isEqualTo(30);
            assertThat(course.standing()).isEqualTo(Standing.MET);
            Scoresheet slow = take(new Stopwatch(29, 3, 1), lap);
            slow.take(new Step.Stopped(25_000));
            assertThat(slow.standing()).isEqualTo(Standing.OUT_OF_REACH);
        }
    }

    @Test
    void aRallyOfTheLengthIsReachedOrNot() {
        Scoresheet course = take(new Rally(12, 2, 4), value(11), value(12), value(4));
        assertThat(course.attempt(0).trials()).isEqualTo("010");
        assertThat(course.progress().score()).isEqualTo(12);
        assertThat(course.standing()).isEqualTo(Standing.OPEN);
        course.take(value(15));
        assertThat(course.standing()).isEqualTo(Standing.MET);
        assertThat(take(new Rally(12, 2, 4), value(1), value(1), value(1)).standing())
                .isEqualTo(Standing.OUT_OF_REACH);
    }

    @Test
    void theBestIsBeatenOnlyByMore() {
        BestToBeat hits = new BestToBeat(BestToBeat.Of.HITS, 6);
        Start three = new Start(OptionalDouble.of(3), OptionalInt.empty());
        assertThat(follow(hits, three, "111").standing()).isEqualTo(Standing.OPEN);
        assertThat(follow(hits, three, "1111").standing()).isEqualTo(Standing.MET);
        assertThat(follow(hits, three, "000").standing()).isEqualTo(Standing.OUT_OF_REACH);
        assertThat(follow(hits, "101010").standing()).isEqualTo(Standing.DONE);
        BestToBeat run = new BestToBeat(BestToBeat.Of.RUN, 8);
        assertThat(follow(run, three, "1110").progress().score()).isEqualTo(3);
        assertThat(follow(run, three, "11101111").standing()).isEqualTo(Standing.MET);
        assertThat(follow(run, three, "111001").standing()).isEqualTo(Standing.OUT_OF_REACH);
    }

    @Nested
    class AgainstEachOther {
        @Test
        void theFirstToTheFinishWins() {
            Race race = new Race(2, 2, Race.Tie.FIRST, 0);
            Scoresheet course = take(race, side(0, true), side(1, true), side(0, true));
            assertThat(course.progress().winner()).isZero();
            assertThat(course.take(side(1, true))).isFalse();
        }

        @Test
        void theOtherSideHasItsTurnAndLevelItGoesOn() {
            Race race = new Race(2, 2, Race.Tie.EQUAL_TURNS, 0);
            Scoresheet course = take(race, side(0, true), side(1, true), side(0, true));
            assertThat(course.standing()).isEqualTo(Standing.OPEN);
            course.take(side(1, true));
            assertThat(course.standing()).isEqualTo(Standing.OPEN);
            course.take(side(0, false));
            course.take(side(1, true));
            assertThat(course.progress().winner()).isEqualTo(1);
        }

        @Test
        void aDuelWantsItsLeadAndKnowsAHeadStart() {
            Duel duel = new Duel(3, 2, List.of(0, 2));
            Scoresheet course = take(duel, side(0, true), side(1, true));
            assertThat(course.progress().winner()).isEqualTo(1);
            Scoresheet close = take(duel, side(0, true), side(1, false), side(0, true), side(1, true));
            assertThat(close.standing()).isEqualTo(Standing.OPEN);
            assertThat(close.progress().parts()).containsExactly(2.0, 3.0);
        }

        private Step side(int side, boolean hit) {
            return new Step.Ball(hit, side, 0, 0, 0);
        }
    }

    @Test
    void whatIsHeldOrMeasuredIsComparedWithWhatWasWanted() {
        assertThat(take(new Hold(30, 2), value(29)).standing()).isEqualTo(Standing.OPEN);
        assertThat(take(new Hold(30, 2), value(29), value(30)).standing()).isEqualTo(Standing.MET);
        assertThat(take(new Hold(30, 2), value(29), value(2)).standing()).isEqualTo(Standing.OUT_OF_REACH);
        Measured touches = new Measured("touches", Measured.Better.MORE, 2);
        Start fifty = new Start(OptionalDouble.empty(), OptionalInt.of(50));
        Scoresheet called = new Scoresheet(touches, fifty);
        called.take(value(49));
        called.take(value(31));
        assertThat(called.standing()).isEqualTo(Standing.OUT_OF_REACH);
        assertThat(called.progress().score()).isEqualTo(49);
        assertThat(take(touches, value(49), value(31)).standing()).isEqualTo(Standing.DONE);
        Scoresheet seconds = new Scoresheet(new Measured("seconds", Measured.Better.LESS, 1), fifty);
        seconds.take(value(48));
        assertThat(seconds.standing()).isEqualTo(Standing.MET);
    }

    @Test
    void aTestAComparisonAndATickHaveNothingToPass() {
        assertThat(follow(new FixedTest(3), "101").standing()).isEqualTo(Standing.DONE);
        assertThat(follow(new FixedTest(3), "10").standing()).isEqualTo(Standing.OPEN);
        Scoresheet compared = follow(new Compare(List.of("cross", "straight"), 4), "11001010");
        assertThat(compared.standing()).isEqualTo(Standing.DONE);
        // Ways 0 1 1 0 1 0 0 1, hits 1 1 0 0 1 0 1 0.
        assertThat(compared.progress().parts()).containsExactly(2.0, 2.0);
        assertThat(follow(new Tick(), "1").standing()).isEqualTo(Standing.DONE);
    }

    @Test
    void theWaysOfAComparisonAreBalancedInEveryPair() {
        for (int pair = 0; pair < 100; pair++) {
            assertThat(Compare.wayOf(2 * pair) + Compare.wayOf(2 * pair + 1)).isEqualTo(1);
        }
    }

    @Test
    void aMissRuleThatAGoalDoesNotKnowIsRefused() {
        assertThatThrownBy(() -> new Quota(8, 12, MissRule.of(Does.RESTART_LADDER)))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Run(6, 0, MissRule.COUNT_ON)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Window(8, 12, 10)).isInstanceOf(Refused.class);
    }

    @Test
    void whoseBallIsNextIsSaidWhereSidesTakeTurns() {
        Scoresheet duel = new Scoresheet(new Duel(5, 2, List.of(0, 0)), Start.FRESH);
        assertThat(duel.progress().turn()).isZero();
        duel.take(new Step.Ball(true, 0, 0, 0, 0));
        assertThat(duel.progress().turn()).isEqualTo(1);
        assertThat(new Scoresheet(new Race(3, 10, Race.Tie.FIRST, 0), Start.FRESH)
                        .progress()
                        .turn())
                .isEqualTo(Progress.NOBODY);
        assertThat(new Scoresheet(new Race(3, 10, Race.Tie.EQUAL_TURNS, 0), Start.FRESH)
                        .progress()
                        .turn())
                .isZero();
    }

    /** A round of 30 s begun at 4 s: the signal comes at 34 s, and what was struck before it may land two seconds later. */
    @Test
    void aClockSaysWhenItsSignalComesAndUntilWhenABallCounts() {
        Timed counts = new Timed(1, 30, 0, 5, Signal.COUNTS);
        Scoresheet course = new Scoresheet(counts, Start.FRESH);
        assertThat(course.progress().clock()).isEqualTo(Progress.Running.NONE);
        course.take(new Step.Started(4_000));
        assertThat(course.progress().clock()).isEqualTo(new Progress.Running(4_000, 34_000, 36_000));
        course.take(new Step.Ball(true, 0, 0, 0, 36_000));
        course.take(new Step.Ball(true, 0, 0, 0, 36_001));
        assertThat(course.progress().done()).isEqualTo(1);
        Scoresheet late = new Scoresheet(new Timed(1, 30, 0, 5, Signal.TOO_LATE), Start.FRESH);
        late.take(new Step.Started(4_000));
        assertThat(late.progress().clock().until()).isEqualTo(34_000);
        Scoresheet watch = new Scoresheet(new Stopwatch(40, 3, 1), Start.FRESH);
        watch.take(new Step.Started(500));
        assertThat(watch.progress().clock()).isEqualTo(new Progress.Running(500, -1, -1));
    }
}
