package bersaglio.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.server.ServerProcess;
import bersaglio.server.kills.Kills;
import java.time.Duration;
import org.junit.jupiter.api.Test;

/** Some of the thousand kills of the bench. */
class KillsTest {

    private static final int KILLS = 10;
    private static final Duration MOST = Duration.ofMinutes(6);

    @Test
    void whatWasAcknowledgedIsThereAfterEveryKill() throws Exception {
        Kills kills = new Kills(ServerProcess.onThisClassPath(), 30, text -> System.out.println("  " + text));
        kills.run(KILLS, MOST);
        assertThat(kills.findings()).isEmpty();
        assertThat(kills.done()).isEqualTo(KILLS);
        assertThat(kills.doneIn()).containsOnlyKeys(Kills.In.values());
        assertThat(kills.acknowledged()).isGreaterThan(6 * 24);
    }
}
