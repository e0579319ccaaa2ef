package bersaglio.server.contract;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.charting.ChartEvent;
import bersaglio.server.StartedServer;
import bersaglio.server.charting.EventDocs;
import bersaglio.wire.EventCodec;
import bersaglio.wire.Fields;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The committed contract is the one that the server gives; {@code -Dcontract.write} writes it anew. */
class ContractTest {

    private static final Path COMMITTED = Path.of("openapi.json");
    private static final JsonMapper PRETTY = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    @Test
    void theCommittedContractIsTheServersOwn() throws IOException {
        try (StartedServer server = StartedServer.on(Files.createTempDirectory("club"))) {
            String given = pretty(server.get("/v3/api-docs"));
            if (System.getProperty("contract.write") != null) {
                Files.writeString(COMMITTED, given);
            }
            assertThat(Files.readString(COMMITTED)).isEqualTo(given);
        }
    }

    /** The codec is written by hand and the contract from records: every kind must have the same fields in both. */
    @Test
    void everyEventBodyIsInTheContractAsTheCodecWritesIt() throws IOException {
        Map<String, Class<?>> bodies = Map.ofEntries(
                Map.entry("set.opened", EventDocs.SetOpenedBody.class),
                Map.entry("shot.landed", EventDocs.ShotLandedBody.class),
                Map.entry("shot.keyed", EventDocs.ShotKeyedBody.class),
                Map.entry("shot.called", EventDocs.ShotCalledBody.class),
                Map.entry("shot.noted", EventDocs.ShotNotedBody.class),
                Map.entry("shot.given", EventDocs.ShotGivenBody.class),
                Map.entry("hits.counted", EventDocs.HitsCountedBody.class),
                Map.entry("count.set", EventDocs.CountSetBody.class),
                Map.entry("value.taken", EventDocs.ValueTakenBody.class),
                Map.entry("clock.turned", EventDocs.ClockTurnedBody.class),
                Map.entry("owed.paid", EventDocs.OwedPaidBody.class),
                Map.entry("scoring.started", EventDocs.EmptyBody.class),
                Map.entry("number.called", EventDocs.NumberCalledBody.class),
                Map.entry("set.paused", EventDocs.EmptyBody.class),
                Map.entry("set.resumed", EventDocs.EmptyBody.class),
                Map.entry("entry.undone", EventDocs.EntryBody.class),
                Map.entry("entry.redone", EventDocs.EntryBody.class),
                Map.entry("stance.moved", EventDocs.StanceMovedBody.class),
                Map.entry("set.turned", EventDocs.EmptyBody.class),
                Map.entry("set.closed", EventDocs.SetClosedBody.class),
                Map.entry("set.reopened", EventDocs.EmptyBody.class),
                Map.entry("set.moved", EventDocs.SetMovedBody.class),
                Map.entry("set.struck", EventDocs.EmptyBody.class),
                Map.entry("set.restored", EventDocs.EmptyBody.class),
                Map.entry("level.moved", EventDocs.LevelMovedBody.class),
                Map.entry("pen.taken", EventDocs.PenTakenBody.class));
        Map<Class<?>, Set<String>> written = new HashMap<>();
        try (var in = EventCodec.class.getResourceAsStream("events-v4.json")) {
            Fields.parse(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .asArray()
                    .forEach(json -> {
                        ChartEvent event = EventCodec.decode(json);
                        Class<?> body = bodies.get(EventCodec.kind(event.what()));
                        written.computeIfAbsent(body, any -> new TreeSet<>())
                                .addAll(EventCodec.encodeBody(event.what()).names());
                    });
        }
        written.forEach((body, names) ->
                assertThat(names(body)).as(body.getSimpleName()).containsExactlyInAnyOrderElementsOf(names));
    }

    private static List<String> names(Class<?> record) {
        return Arrays.stream(record.getRecordComponents())
                .map(RecordComponent::getName)
                .toList();
    }

    private static String pretty(JsonNode json) {
        return PRETTY.writeValueAsString(PRETTY.treeToValue(json, Object.class)) + "\n";
    }
}
