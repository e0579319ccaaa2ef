package bersaglio.core.goal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds of a set of any kind of goal, whatever is charted in it. */
class CourseTest {

    private static final int RUNS = 60;
    private static final int STEPS = 40;

    private interface Look {
        void at(Scoresheet course, Standing before, List<Step> taken);
    }

    /** Random steps of every kind, and every look at the set on the way. */
    private static void play(Goal goal, Look look) {
        for (int run = 0; run < RUNS; run++) {
            Random random = new Random(run);
            Scoresheet course = new Scoresheet(goal, Start.FRESH);
            List<Step> taken = new ArrayList<>();
            long at = 0;
            for (int i = 0; i < STEPS; i++) {
                at += random.nextInt(4000);
                Standing before = course.standing();
                Step step = any(random, at);
                if (course.take(step)) {
                    taken.add(step);
                }
                look.at(course, before, taken);
            }
        }
    }

    private static Step any(Random random, long at) {
        return switch (random.nextInt(8)) {
            case 0 -> new Step.Value(random.nextInt(30), random.nextInt(2), at);
            case 1 -> new Step.Started(at);
            case 2 -> new Step.Stopped(at);
            default -> new Step.Ball(random.nextInt(10) < 7, random.nextInt(3), random.nextInt(3), 0, at);
        };
    }

    @Test
    void aSetThatOnlyItsGoalEndsIsFullWhenItIsAsLongAsAnySet() {
        Scoresheet course = new Scoresheet(new Total(10), Start.FRESH);
        for (int ball = 0; ball < Scoresheet.LONGEST; ball++) {
            assertThat(course.take(Step.Ball.of(false))).isTrue();
        }
        assertThat(course.isFull()).isTrue();
        assertThat(course.take(Step.Ball.of(true))).isFalse();
        assertThat(course.attempt(0).trials()).hasSize(Scoresheet.LONGEST);
    }

    @ParameterizedTest
    @MethodSource("bersaglio.core.Samples#goals")
    void whatIsMetStaysMetAndWhatIsOutOfReachIsNeverMet(Goal goal) {
        play(goal, (course, before, taken) -> {
            if (before == Standing.MET) {
                assertThat(course.standing()).isEqualTo(Standing.MET);
            }
            if (before == Standing.OUT_OF_REACH) {
                assertThat(course.standing()).isEqualTo(Standing.OUT_OF_REACH);
            }
        });
    }

    @ParameterizedTest
    @MethodSource("bersaglio.core.Samples#goals")
    void aFullSetTakesNothingMore(Goal goal) {
        play(goal, (course, before, taken) -> {
            if (course.isFull()) {
                String trials = course.attempt(0).trials();
                assertThat(course.take(Step.Ball.of(true))).isFalse();
                assertThat(course.take(new Step.Value(99, 0, 0))).isFalse();
                assertThat(course.attempt(0).trials()).isEqualTo(trials);
            }
        });
    }

    @ParameterizedTest
    @MethodSource("bersaglio.core.Samples#goals")
    void aSetNeverHoldsMoreTrialsThanItsGoalAllows(Goal goal) {
        play(goal, (course, before, taken) -> {
            assertThat(course.balls()).isLessThanOrEqualTo(goal.mostBalls());
            assertThat(course.attempt(0).trials().length())
                    .as("the player's own among those of all sides")
                    .isLessThanOrEqualTo(course.balls());
            if (goal.mostBalls() != Play.NO_END) {
                assertThat(course.left()).isEqualTo(goal.mostBalls() - course.balls());
            }
        });
    }

    @ParameterizedTest
    @MethodSource("bersaglio.core.Samples#goals")
    void whatIsStillWantedGoesWithWhatIsDone(Goal goal) {
        play(goal, (course, before, taken) -> {
            Progress progress = course.progress();
            assertThat(progress.more()).isEqualTo(Math.max(0, progress.wanted() - progress.done()));
            assertThat(progress.station()).isBetween(0, Math.max(progress.stations(), 20));
            assertThat(course.brokeAt())
                    .allSatisfy(count -> assertThat(count).isBetween(0, (int) Math.max(1, progress.wanted())));
        });
    }

    /** The trials of a set, counted again from what belonged to it, are the same set. */
    @ParameterizedTest
    @MethodSource("bersaglio.core.Samples#goals")
    void whatWasNotTakenChangesNothing(Goal goal) {
        play(goal, (course, before, taken) -> {
            boolean clock = goal instanceof Timed || goal instanceof Circuit || goal instanceof Stopwatch;
            if (clock) {
                return;
            }
            Scoresheet again = new Scoresheet(goal, Start.FRESH);
            taken.forEach(again::take);
            assertThat(again.attempt(0)).isEqualTo(course.attempt(0));
            assertThat(again.brokeAt()).isEqualTo(course.brokeAt());
            assertThat(again.progress()).isEqualTo(course.progress());
        });
    }

    /** Two sets that are told apart by nothing go on alike: the odds rest on that. */
    @ParameterizedTest
    @MethodSource("bersaglio.core.Samples#goals")
    void equalStatesGoOnAlike(Goal goal) {
        List<Play> seen = new ArrayList<>();
        Random random = new Random(1);
        for (int run = 0; run < 30; run++) {
            Play play = goal.play(Start.FRESH);
            for (int ball = 0; ball < 12 && !play.over(); ball++) {
                play = play.after(play.next(random.nextInt(10) < 7)).play();
                seen.add(play);
            }
        }
        for (int i = 1; i < seen.size(); i++) {
            Play one = seen.get(i);
            for (int j = Math.max(0, i - 40); j < i; j++) {
                Play other = seen.get(j);
                if (!one.over() && one.state().equals(other.state())) {
                    for (boolean hit : new boolean[] {true, false}) {
                        Play next = one.after(one.next(hit)).play();
                        Play alike = other.after(other.next(hit)).play();
                        assertThat(next.state()).isEqualTo(alike.state());
                        assertThat(next.standing(5)).isEqualTo(alike.standing(5));
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("bersaglio.core.Samples#goals")
    void theFirstCountOfASetWantsAllOfIt(Goal goal) {
        Scoresheet course = new Scoresheet(goal, Start.FRESH);
        assertThat(course.brokeAt()).isEmpty();
        assertThat(course.owed()).isZero();
        assertThat(course.attempt(0).trials()).isEmpty();
        assertThat(course.isFull()).isFalse();
        boolean ahead = goal instanceof Duel;
        assertThat(course.progress().done()).isEqualTo(ahead ? 1 : 0);
    }
}
