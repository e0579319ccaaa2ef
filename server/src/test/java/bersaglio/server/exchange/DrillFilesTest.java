package bersaglio.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.server.StartedServer;
import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Drills as files from one club to another. */
class DrillFilesTest {

    private static StartedServer server;

    @BeforeAll
    static void start() throws IOException {
        server = StartedServer.on(Files.createTempDirectory("club"));
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    @Test
    void everyDrillGoesOutByThePublishedSchemaAndComesBackAsItIs() {
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(server.get("/api/exchange/schema/drill-1").toString());
        for (String family : families()) {
            String file = file(family);
            assertThat(schema.validate(file, InputFormat.JSON)).as(family).isEmpty();
            String before = server.drill(family).get("id").asString();
            assertThat(json(take(file)).get("id").asString()).isEqualTo(before);
        }
        assertThat(schema.validate(file("straight-clear").replace("QUOTA", "QUOTE"), InputFormat.JSON))
                .isNotEmpty();
    }

    private static Set<String> families() {
        return new HashSet<>(server.drills().stream()
                .map(drill -> drill.get("family").asString())
                .toList());
    }

    private static String file(String family) {
        return server.get("/api/exchange/drills/" + family).toString();
    }

    private static HttpResponse<String> take(String file) {
        return server.post("/api/exchange/drills", file);
    }

    private static JsonNode json(HttpResponse<String> answer) {
        return StartedServer.JSON.readTree(answer.body());
    }

    @Test
    void whatIsOtherThanTheClubsBecomesItsNextVersion() {
        String other = file("net-rings").replace("Soft push", "Hard push");
        assertThat(json(take(other)).get("id").asString()).isEqualTo("net-rings-2");
        assertThat(json(take(other)).get("id").asString()).isEqualTo("net-rings-2");
    }

    @Test
    void aFileOfANewerSchemaIsSaidToBeNewerAndNothingIsStored() {
        HttpResponse<String> newer = take(file("low-serve").replace("\"schema\":1", "\"schema\":2"));
        assertThat(newer.statusCode()).isEqualTo(400);
        assertThat(json(newer).get("code").asString()).isEqualTo("newer_format");
        assertThat(json(newer).get("detail").asString()).contains("newer than this program");
    }

    @Test
    void whatIsWrongInAFileIsSaidByThePathOfItsField() {
        HttpResponse<String> wrong = take(file("low-serve").replace("\"of\":10", "\"of\":7"));
        assertThat(json(wrong).get("field").asString()).isEqualTo("drill.levels.0.goal.hits");
        assertThat(json(take("{\"format\":\"other\",\"schema\":1}"))
                        .get("field")
                        .asString())
                .isEqualTo("format");
        assertThat(json(take("{\"format\":\"bersaglio-drill\",\"schema\":1}"))
                        .get("field")
                        .asString())
                .isEqualTo("drill");
    }
}
