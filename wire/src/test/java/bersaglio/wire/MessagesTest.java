package bersaglio.wire;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.court.Marking;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.shot.Outcome;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** The codes of the rules have words in the one message file. */
class MessagesTest {

    @Test
    void everyLineOfEveryCourtHasAName() throws IOException {
        assertThat(messages("line").names())
                .contains("net")
                .containsAll(Courts.all().stream()
                        .flatMap(court -> court.surfaces().stream())
                        .flatMap(surface -> surface.markings().stream())
                        .map(Marking::name)
                        .toList());
    }

    @Test
    void everyOutcomeHasAWord() throws IOException {
        assertThat(messages("outcome").names())
                .containsExactlyInAnyOrderElementsOf(
                        Arrays.stream(Outcome.values()).map(Outcome::name).toList());
    }

    private static JsonObject messages(String part) throws IOException {
        try (InputStream in =
                Objects.requireNonNull(MessagesTest.class.getResourceAsStream("/bersaglio/messages/en.json"))) {
            return Json.parse(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .asObject()
                    .get(part)
                    .asObject();
        }
    }
}
