package bersaglio.core.court;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class CourtHalfTest {

    private final CourtHalf court = CourtHalf.BADMINTON;

    @Test
    void badmintonIsAsTheLawsOfTheSportSay() {
        assertThat(court.doubles().width()).isCloseTo(6.10, within(1e-9));
        assertThat(court.doubles().depth()).isCloseTo(6.70, within(1e-9));
        assertThat(court.singles().width()).isCloseTo(5.18, within(1e-9));
        assertThat(court.netMiddle()).isEqualTo(1.524);
        assertThat(court.lines()).extracting(line -> line.from().y()).contains(1.98, 5.94, 6.70);
    }

    @Test
    void everyLineLiesOnTheCourt() {
        assertThat(court.lines()).allSatisfy(line -> {
            assertThat(court.doubles().contains(line.from())).isTrue();
            assertThat(court.doubles().contains(line.to())).isTrue();
        });
    }
}
