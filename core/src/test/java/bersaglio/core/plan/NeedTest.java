package bersaglio.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class NeedTest {

    @Test
    void needGrowsWithTimeUntilItHasDoubled() {
        assertThat(Need.of(1, 0.4, 0)).isCloseTo(0.6, within(1e-12));
        assertThat(Need.of(1, 0.4, 7)).isCloseTo(0.9, within(1e-12));
        assertThat(Need.of(2, 0.4, 300)).isCloseTo(2.4, within(1e-12));
    }
}
