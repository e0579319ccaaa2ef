package bersaglio.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.server.ServerProcess;
import bersaglio.server.kills.Kills;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Test;

/** Some of the thousand kills of the bench, of two clubs at a time. */
class KillsTest {

    private static final int CLUBS = 2;
    private static final int KILLS_OF_EACH = 10;
    private static final Duration MOST = Duration.ofMinutes(6);

    @Test
    void whatWasAcknowledgedIsThereAfterEveryKill() throws Exception {
        List<Callable<Kills>> clubs = new ArrayList<>();
        for (int club = 0; club < CLUBS; club++) {
            Kills kills =
                    new Kills(ServerProcess.onThisClassPath(), 30 + club, text -> System.out.println("  " + text));
            clubs.add(() -> {
                kills.run(KILLS_OF_EACH, MOST);
                return kills;
            });
        }
        ExecutorService each = Executors.newFixedThreadPool(CLUBS);
        try {
            for (var club : each.invokeAll(clubs)) {
                Kills kills = club.get();
                assertThat(kills.findings()).isEmpty();
                assertThat(kills.done()).isEqualTo(KILLS_OF_EACH);
                assertThat(kills.doneIn()).containsOnlyKeys(Kills.In.values());
                assertThat(kills.acknowledged()).isGreaterThan(100);
            }
        } finally {
            each.shutdownNow();
        }
    }
}
