package bersaglio.server.contract;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.EventBody;
import bersaglio.core.drill.Drills;
import bersaglio.server.StartedServer;
import bersaglio.wire.EventCodec;
import bersaglio.wire.Fields;
import bersaglio.wire.format.DrillFormat;
import bersaglio.wire.format.EventBodyFormat;
import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.core.io.ClassPathResource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

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

    /** Every event, drill and court that is ever written has the fields that the contract says, and no others. */
    @Test
    void whatIsWrittenIsAsTheContractSays() throws IOException {
        JsonNode contract = StartedServer.JSON.readTree(Files.readString(COMMITTED));
        Set<String> kinds = new TreeSet<>();
        try (var in = EventCodec.class.getResourceAsStream("events-v9.json")) {
            Fields.parse(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .asArray()
                    .forEach(json -> {
                        ChartEvent event = EventCodec.decode(json);
                        kinds.add(EventCodec.kind(event.what()));
                        assertFits(
                                contract,
                                nameOf(event.what()),
                                EventCodec.encodeBody(event.what()).toString());
                    });
        }
        assertThat(kinds)
                .as("the fixture holds every kind")
                .containsExactlyInAnyOrder(EventBodyFormat.KINDS.split(", "));
        try (StartedServer server = StartedServer.on(Files.createTempDirectory("club"))) {
            server.bean(Drills.class)
                    .all()
                    .forEach(drill -> assertFits(
                            contract, "Drill", DrillFormat.encode(drill).toString()));
        }
    }

    /** The schema that is published for drills is for people and other programs: ranges and words are added to it by hand. */
    @Test
    void thePublishedSchemaOfADrillHasTheFieldsOfADrill() throws IOException {
        JsonNode contract = StartedServer.JSON.readTree(Files.readString(COMMITTED));
        JsonNode published = StartedServer.JSON.readTree(
                new ClassPathResource("schema/drill-1.json").getContentAsString(StandardCharsets.UTF_8));
        Set<String> made = new TreeSet<>();
        addFields(contract, schema(contract, "Drill"), made, new HashSet<>());
        Set<String> told = new TreeSet<>();
        addFields(contract, published, told, new HashSet<>());
        // Of the file around the drill, and of a drill besides what it is made of.
        told.removeAll(Set.of("format", "schema", "drill"));
        assertThat(told).containsExactlyInAnyOrderElementsOf(made);
    }

    @Test
    void theDocumentOfEventsNamesEveryKindAndItsFields() throws IOException {
        JsonNode contract = StartedServer.JSON.readTree(Files.readString(COMMITTED));
        List<String> lines = Files.readAllLines(Path.of("..", "docs", "events.md"));
        assertThat(lines).anySatisfy(line -> assertThat(line).contains("`v` (" + EventCodec.version() + ";"));
        try (var in = EventCodec.class.getResourceAsStream("events-v9.json")) {
            Fields.parse(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .asArray()
                    .forEach(json -> {
                        var what = EventCodec.decode(json).what();
                        String kind = EventCodec.kind(what);
                        assertThat(lines).as(kind).anySatisfy(line -> {
                            assertThat(line).startsWith("| `").contains("`" + kind + "`");
                            assertThat(fieldsOf(contract, nameOf(what))).allMatch(line::contains);
                        });
                    });
        }
    }

    /** What the schema of an event's body is called. */
    private static String nameOf(EventBody what) {
        return what.getClass().getEnclosingClass().getSimpleName()
                + what.getClass().getSimpleName();
    }

    private static List<String> fieldsOf(JsonNode contract, String kind) {
        JsonNode properties = schema(contract, kind).path("properties");
        return !properties.isObject()
                ? List.of()
                : properties.propertyNames().stream()
                        .map(name -> "`" + name + "`")
                        .toList();
    }

    private static JsonNode schema(JsonNode contract, String name) {
        JsonNode schema = contract.path("components").path("schemas").path(name);
        assertThat(schema.isObject()).as(name).isTrue();
        return schema;
    }

    /** The names of all properties in a part, and in what it refers to in the contract. */
    private static void addFields(JsonNode contract, JsonNode part, Set<String> fields, Set<String> seen) {
        if (part.path("properties").isObject()) {
            fields.addAll(part.get("properties").propertyNames());
        }
        String reference = part.path("$ref").asString("");
        String name = reference.substring(reference.lastIndexOf('/') + 1);
        if (reference.startsWith("#/components/") && seen.add(name)) {
            addFields(contract, schema(contract, name), fields, seen);
        }
        part.forEach(inner -> addFields(contract, inner, fields, seen));
    }

    private static void assertFits(JsonNode contract, String name, String json) {
        ObjectNode whole = StartedServer.JSON.createObjectNode();
        whole.put("$ref", "#/components/schemas/" + name).set("components", contract.get("components"));
        JsonSchema schema =
                JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(whole.toString());
        assertThat(schema.validate(json, InputFormat.JSON))
                .as("%s: %s", name, json)
                .isEmpty();
        assertThat(StartedServer.JSON.readTree(json).propertyNames())
                .as(name)
                .isSubsetOf(schema(contract, name).get("properties").propertyNames());
    }

    private static String pretty(JsonNode json) {
        return PRETTY.writeValueAsString(PRETTY.treeToValue(json, Object.class)) + "\n";
    }
}
