package bersaglio.core.goal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.goal.Ladder.Station;
import bersaglio.core.goal.MissRule.Does;
import bersaglio.core.problem.Refused;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** "The count is now n": the count follows the coach, and what was not seen is never a trial. */
class CountSaidTest {

    private static Scoresheet said(Goal goal, String trials, int count) {
        return said(goal, trials, 0, count, OptionalInt.empty());
    }

    private static Scoresheet said(Goal goal, String trials, int part, int count, OptionalInt balls) {
        Scoresheet course = new Scoresheet(goal, new Start(OptionalDouble.of(4), OptionalInt.empty()));
        trials.chars().forEach(trial -> course.take(course.play().next(trial == '1')));
        assertThat(course.take(new Step.CountIs(part, count, balls, 0))).isTrue();
        return course;
    }

    private static void take(Scoresheet course, String trials) {
        trials.chars().forEach(trial -> course.take(course.play().next(trial == '1')));
    }

    /** Three of five were seen; the coach says six of eight: two more of the last four are wanted for eight. */
    @Test
    void aBlockGoesOnFromTheCountAndTheBallsThatTheCoachSays() {
        Scoresheet course = said(new Quota(8, 12), "11010", 0, 6, OptionalInt.of(8));
        assertThat(course.attempt(0).trials()).isEqualTo("11010");
        assertThat(course.left()).isEqualTo(4);
        assertThat(course.progress().more()).isEqualTo(2);
        take(course, "11");
        assertThat(course.standing()).isEqualTo(Standing.MET);
        assertThat(course.attempt(0).trials()).as("only what was seen").isEqualTo("1101011");
        take(course, "001");
        assertThat(course.isFull()).isTrue();
        assertThat(course.attempt(0).trials()).hasSize(9);
    }

    @Test
    void aBlockWithTooFewBallsLeftIsOutOfReach() {
        assertThat(said(new Quota(8, 12), "1", 0, 3, OptionalInt.of(8)).standing())
                .isEqualTo(Standing.OUT_OF_REACH);
    }

    @Test
    void aRunGoesOnFromThere() {
        Scoresheet course = said(new Run(5), "110", 4);
        take(course, "1");
        assertThat(course.standing()).isEqualTo(Standing.MET);
    }

    /** Hits in places that nobody saw count as the oldest: they leave the window before those that were seen. */
    @Test
    void aWindowHoldsThemAsItsOldest() {
        Scoresheet course = said(new Window(4, 5, 0), "0", 3);
        assertThat(course.progress().done()).isEqualTo(3);
        take(course, "1");
        assertThat(course.standing()).isEqualTo(Standing.MET);
        Scoresheet missed = said(new Window(4, 5, 0), "0", 3);
        take(missed, "0");
        assertThat(missed.progress().done()).as("one has left").isEqualTo(2);
        assertThat(said(new Window(4, 5, 0), "", 4).standing()).isEqualTo(Standing.MET);
    }

    @Test
    void aLadderStandsAtTheStationThatTheHitsReach() {
        Goal ladder = new Ladder(
                List.of(new Station("near", 2, 0), new Station("middle", 3, 0), new Station("far", 1, 0)),
                0,
                MissRule.of(Does.RESTART_LADDER));
        Scoresheet course = said(ladder, "1", 4);
        assertThat(course.progress())
                .returns(1, Progress::station)
                .returns(2, Progress::here)
                .returns(4.0, Progress::done);
        take(course, "11");
        assertThat(course.standing()).isEqualTo(Standing.MET);
        assertThat(said(ladder, "1", 6).isFull()).isTrue();
    }

    @Test
    void eachSideHasItsOwnCount() {
        Scoresheet duel = said(new Duel(7, 1, List.of(0, 0)), "1010", 1, 6, OptionalInt.empty());
        assertThat(duel.progress().parts()).containsExactly(2.0, 6.0);
        assertThat(duel.progress().winner()).isEqualTo(Progress.NOBODY);
        assertThat(said(new Duel(7, 1, List.of(0, 0)), "", 1, 7, OptionalInt.empty())
                        .progress()
                        .winner())
                .isEqualTo(1);
    }

    @Test
    void eachZoneHasItsOwnUpToWhatIsWanted() {
        assertThat(said(new Cover(3, 2, 0), "1", 2, 9, OptionalInt.empty())
                        .progress()
                        .parts())
                .containsExactly(1.0, 0.0, 2.0);
    }

    @Test
    void aPartThatIsNotThereChangesNothing() {
        assertThat(said(new Duel(7, 1, List.of(1, 0)), "", 5, 6, OptionalInt.empty())
                        .progress()
                        .parts())
                .containsExactly(1.0, 0.0);
    }

    /** A full set that was counted wrongly is open again, and one that is counted up is met. */
    @Test
    void whatWasFullByMistakeGoesOn() {
        Scoresheet total = new Scoresheet(new Total(2), Start.FRESH);
        take(total, "11");
        assertThat(total.isFull()).isTrue();
        total.take(new Step.CountIs(0, 1, OptionalInt.empty(), 0));
        assertThat(total.isFull()).isFalse();
        take(total, "1");
        assertThat(total.standing()).isEqualTo(Standing.MET);
    }

    @ParameterizedTest
    @MethodSource("bersaglio.core.Samples#goals")
    void noGoalTakesItForATrial(Goal goal) {
        Scoresheet course = new Scoresheet(goal, Start.FRESH);
        take(course, "10");
        String before = course.attempt(0).trials();
        course.take(new Step.CountIs(0, 1, OptionalInt.empty(), 0));
        assertThat(course.attempt(0).trials()).isEqualTo(before);
        assertThat(course.brokeAt()).hasSizeLessThanOrEqualTo(1);
    }

    @Test
    void noCountIsNegativeOrBeyondAllBounds() {
        assertThatThrownBy(() -> new Step.CountIs(0, -1, OptionalInt.empty(), 0))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Step.CountIs(0, 10_001, OptionalInt.empty(), 0))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Step.CountIs(9, 1, OptionalInt.empty(), 0)).isInstanceOf(Refused.class);
    }

    /** With three balls used up the count cannot be five: the balls come along. */
    @Test
    void aCountBringsTheBallsAlongThatItCannotHaveDoneWithout() {
        Scoresheet block = said(new Quota(8, 12), "101", 0, 5, OptionalInt.empty());
        assertThat(block.progress().done()).isEqualTo(5);
        assertThat(block.balls()).isEqualTo(5);
        assertThat(block.left()).isEqualTo(7);

        Scoresheet given = said(new Quota(8, 12), "101", 0, 5, OptionalInt.of(4));
        assertThat(given.balls()).isEqualTo(5);
        Scoresheet more = said(new Quota(8, 12), "101", 0, 5, OptionalInt.of(9));
        assertThat(more.balls()).isEqualTo(9);
    }
}
