package bersaglio.server.drills;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.drill.Drill;
import bersaglio.server.DemoServer;
import bersaglio.server.StartedServer;
import bersaglio.server.storage.Writer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(DemoServer.class)
class DrillStoreTest {

    private final StartedServer server;

    DrillStoreTest(StartedServer server) {
        this.server = server;
    }

    @Test
    void aVersionThatCameToNothingIsNotRemembered() {
        DrillStore drills = server.bean(DrillStore.class);
        Writer writer = server.bean(Writer.class);
        Drill next = drills.newest("low-serve").orElseThrow();
        Drill lost = next.as("came-to-nothing", 1);
        assertThatThrownBy(() -> writer.run(() -> {
                    drills.add(lost);
                    assertThat(drills.version(lost.id())).contains(lost);
                    throw new IllegalStateException("after all not");
                }))
                .hasMessage("after all not");
        assertThat(drills.version(lost.id())).isEmpty();
    }
}
