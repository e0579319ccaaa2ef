package bersaglio.server;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.ChartedSet;
import bersaglio.core.charting.Ledger;
import bersaglio.core.charting.SetChart;
import bersaglio.core.charting.SetResult;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.server.charting.Charting;
import bersaglio.wire.Fields;
import bersaglio.wire.ResultCodec;
import bersaglio.wire.format.SetLineFormat;
import bersaglio.wire.format.SetViewFormat;
import bersaglio.wire.format.VerdictViewFormat;
import bersaglio.wire.view.SetLine;
import bersaglio.wire.view.SetView;
import bersaglio.wire.view.VerdictView;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The page's codec and the server's serialiser write the same of every result. */
@ExtendWith(DemoServer.class)
class ViewsTest {

    private final StartedServer server;
    private final ObjectMapper serialiser;

    ViewsTest(StartedServer server) {
        this.server = server;
        this.serialiser = server.bean(ObjectMapper.class);
    }

    @Test
    void aSetItsLineAndItsVerdictAreTheSameInBoth() {
        Drills drills = server.bean(Drills.class);
        Drill drill = drills.version(Device.DRILL).orElseThrow();
        server.get("/api/club").get("players").forEach(player -> {
            String id = player.get("id").asString();
            server.get("/api/players/" + id + "/ledger?drill=" + Device.DRILL)
                    .get("sets")
                    .forEach(line -> {
                        List<ChartEvent> events = server.bean(Charting.class)
                                .eventsOf(UUID.fromString(line.get("run").asString()));
                        ChartedSet set = SetChart.replay(drills, events);
                        SetResult result = set.asResult();
                        assertSame(SetViewFormat.encode(SetView.of(set)).toString(), SetView.of(set));
                        assertSame(SetLineFormat.encode(SetLine.of(result)).toString(), SetLine.of(result));
                        new Ledger(drill, List.of())
                                .verdictOn(result)
                                .map(VerdictView::of)
                                .ifPresent(verdict -> assertSame(
                                        VerdictViewFormat.encode(verdict).toString(), verdict));
                        assertThat(ResultCodec.decodeLine(Fields.read(line.toString())))
                                .isEqualTo(result.saying(Optional.empty()));
                    });
            server.get("/api/players/" + id + "/record?drill=" + Device.DRILL)
                    .get("sets")
                    .forEach(reading -> {
                        JsonNode line = reading.get("set");
                        UUID run = UUID.fromString(line.get("run").asString());
                        assertThat(ResultCodec.decodeLine(Fields.read(line.toString())))
                                .isEqualTo(SetChart.replay(
                                                drills,
                                                server.bean(Charting.class).eventsOf(run))
                                        .asResult());
                    });
        });
    }

    private void assertSame(String codec, Object view) {
        // Both texts are read by one reader, so that 9 and 9.0 are the same number.
        assertThat(normal(codec)).isEqualTo(normal(serialiser.writeValueAsString(view)));
    }

    private static String normal(String json) {
        return Fields.parse(json).toString().replaceAll("(\\d)\\.0(?=[,}\\]])", "$1");
    }
}
