package bersaglio.core.drill;

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
        assertThat(quota.judge(new Tally(8, 9))).isEqualTo(Standing.MET);
    }

    @Test
    void aSetIsOutOfReachAsSoonAsTheMissesAreTooMany() {
        assertThat(quota.judge(new Tally(5, 9))).isEqualTo(Standing.OPEN);
        assertThat(quota.judge(new Tally(5, 10))).isEqualTo(Standing.OUT_OF_REACH);
    }

    @Test
    void sevenOfNineCanStillEndWithTenAndWantsOneMore() {
        Tally tally = new Tally(7, 9);
        assertThat(quota.bestReachable(tally)).isEqualTo(10);
        assertThat(quota.wanted(tally)).isEqualTo(1);
        assertThat(quota.ballsLeft(tally)).isEqualTo(3);
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
        Tally tally = new Tally(hits % (trials % balls + 1), trials % balls);
        boolean met = tally.hits() >= some.hits();
        boolean canBe = tally.hits() + (balls - tally.trials()) >= some.hits();
        assertThat(some.judge(tally)).isEqualTo(met ? Standing.MET : canBe ? Standing.OPEN : Standing.OUT_OF_REACH);
    }
}
