package bersaglio.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.goal.Duel;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Progress;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Start;
import bersaglio.core.goal.Step;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FairDuelTest {

    private static Duel duel(int points, int lead, int first, int second) {
        return new Duel(points, lead, List.of(first, second));
    }

    /** By hand: to one point, who alone hits in a round wins: .8·.5 against .2·.5. */
    @Test
    void aDuelToOnePointIsWonByWhoAloneHits() {
        assertThat(FairDuel.of(duel(1, 1, 0, 0), 0.8, 0.5).chance()).isEqualTo(0.8, within(1e-9));
        assertThat(FairDuel.of(duel(1, 2, 0, 0), 0.8, 0.5).chance()).isEqualTo(16.0 / 17, within(1e-9));
        assertThat(FairDuel.of(duel(9, 3, 0, 0), 0.6, 0.6).chance()).isEqualTo(0.5, within(1e-9));
    }

    /** The same states by which a set is judged, played out. */
    @ParameterizedTest
    @CsvSource({
        "5, 1, 0, 0, .6, .5",
        "5, 2, 0, 2, .7, .5",
        "8, 3, 1, 0, .4, .5",
        "10, 2, 0, 4, .8, .6",
        "3, 5, 0, 0, .5, .45"
    })
    void theChanceIsThatOfDuelsPlayedOut(int points, int lead, int first, int second, double rate, double other) {
        Duel duel = duel(points, lead, first, second);
        Random random = new Random(points * 31L + lead);
        int won = 0;
        int duels = 20_000;
        for (int i = 0; i < duels; i++) {
            Play play = duel.play(Start.FRESH);
            long at = 0;
            while (!play.over()) {
                int team = play.turn();
                boolean hit = random.nextDouble() < (team == 0 ? rate : other);
                play = play.after(new Step.Ball(hit, team, 0, 0, at++)).play();
            }
            int winner = play.progress(Play.NO_END).winner();
            assertThat(winner).isNotEqualTo(Progress.NOBODY);
            won += winner == 0 ? 1 : 0;
        }
        assertThat(FairDuel.of(duel, rate, other).chance()).isEqualTo((double) won / duels, within(0.014));
    }

    @Test
    void theWeakerStartsAhead() {
        FairDuel fair = FairDuel.of(duel(10, 2, 0, 0), 0.75, 0.55);
        assertThat(fair.firstIsBetter()).isTrue();
        assertThat(fair.chance()).isGreaterThan(0.85);
        Duel with = (Duel) fair.goal();
        assertThat(with.headStarts().get(0)).isZero();
        assertThat(with.headStarts().get(1)).isPositive();
        assertThat(Math.abs(fair.withHeadStart() - 0.5)).isLessThan(Math.abs(fair.chance() - 0.5));
        FairDuel turned = FairDuel.of(duel(10, 2, 0, 0), 0.55, 0.75);
        assertThat(((Duel) turned.goal()).headStarts())
                .containsExactly(with.headStarts().get(1), 0);
        assertThat(turned.withHeadStart()).isEqualTo(1 - fair.withHeadStart(), within(1e-12));
    }

    /** The nearest of all head starts, each worked out. */
    @Test
    void noOtherHeadStartComesNearer() {
        for (double[] rates : new double[][] {{0.7, 0.5}, {0.45, 0.6}, {0.9, 0.3}, {0.52, 0.5}}) {
            double best = 1;
            for (int start = 0; start < 8; start++) {
                Duel tried = rates[0] > rates[1] ? duel(8, 2, 0, start) : duel(8, 2, start, 0);
                best = Math.min(
                        best, Math.abs(FairDuel.of(tried, rates[0], rates[1]).chance() - 0.5));
            }
            FairDuel fair = FairDuel.of(duel(8, 2, 0, 0), rates[0], rates[1]);
            assertThat(Math.abs(fair.withHeadStart() - 0.5)).isEqualTo(best, within(1e-9));
        }
    }

    @Test
    void aQuotaIsNoDuel() {
        assertThat(FairDuel.of((Goal) new Quota(8, 12), 0.5, 0.6)).isEmpty();
        assertThat(FairDuel.of((Goal) duel(5, 1, 0, 0), 0.5, 0.6)).isPresent();
    }

    /** At the rate of the other both win as often, whatever the rule. */
    @Test
    void atTheOthersRateItIsEven() {
        FairDuel fair = FairDuel.of(duel(7, 3, 0, 0), 0.8, 0.35);
        assertThat(FairDuel.of(duel(7, 3, 0, 0), fair.rate(), 0.35).chance())
                .isEqualTo(0.5, within(FairDuel.EQUAL / 2));
        assertThat(FairDuel.of(duel(7, 3, 0, 0), 0.5, 0.5).isEven()).isTrue();
        assertThat(FairDuel.of(duel(2, 1, 0, 0), 1, 0).withHeadStart()).isBetween(0.0, 1.0);
    }
}
