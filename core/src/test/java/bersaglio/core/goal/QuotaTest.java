package bersaglio.core.goal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.problem.Refused;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class QuotaTest {

    private final Quota quota = new Quota(8, 12);

    @Test
    void aSetIsMetWithTheEighthHitThoughBallsAreLeft() {
        Scoresheet course = follow(quota, "111011111");
        assertThat(course.standing()).isEqualTo(Standing.MET);
        assertThat(course.isFull()).isFalse();
    }

    @Test
    void aSetIsOutOfReachAsSoonAsTheMissesAreTooMany() {
        assertThat(follow(quota, "111110000").standing()).isEqualTo(Standing.OPEN);
        assertThat(follow(quota, "1111100000").standing()).isEqualTo(Standing.OUT_OF_REACH);
    }

    @Test
    void sevenOfNineCanStillEndWithTenAndWantsOneMore() {
        Scoresheet course = follow(quota, "111111100");
        assertThat(course.progress().best()).isEqualTo(10);
        assertThat(course.progress().wanted() - course.progress().done()).isEqualTo(1);
        assertThat(course.left()).isEqualTo(3);
    }

    private static Scoresheet follow(Goal goal, String trials) {
        Scoresheet course = new Scoresheet(goal, Start.FRESH);
        trials.chars().forEach(trial -> course.take(Step.Ball.of(trial == '1')));
        return course;
    }

    @Test
    void moreHitsThanBallsAreRefusedAtTheField() {
        assertThatThrownBy(() -> new Quota(13, 12))
                .isInstanceOfSatisfying(Refused.class, refused -> assertThat(refused.problem())
                        .returns("hits", problem -> problem.field())
                        .returns("1 to 12", problem -> problem.allowed()));
    }

    @Property(tries = 200)
    void standingAgreesWithTryingEveryEnd(
            @ForAll @IntRange(min = 1, max = 20) int balls,
            @ForAll @IntRange(min = 1, max = 20) int wanted,
            @ForAll @IntRange(max = 20) int trials,
            @ForAll @IntRange(max = 20) int hits) {
        Quota some = new Quota(1 + wanted % balls, balls);
        int played = trials % balls;
        int good = hits % (played + 1);
        boolean met = good >= some.hits();
        boolean canBe = good + (balls - played) >= some.hits();
        assertThat(follow(some, "1".repeat(good) + "0".repeat(played - good)).standing())
                .isEqualTo(met ? Standing.MET : canBe ? Standing.OPEN : Standing.OUT_OF_REACH);
    }
}
