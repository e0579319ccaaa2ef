package bersaglio.wire;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.court.Marking;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.shot.Outcome;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
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

    private static final Pattern PROBLEM = Pattern.compile("new (?:Refused|Problem)\\(\\s*\"([a-z_]+)\"");
    private static final Pattern ADVICE = Pattern.compile(
            "(?:Advice\\.(?:moveUp|stay)\\(|stepBack\\([^,\"]+,|new Advice\\([^,]+,)\\s*(?:block \\? )?\"([a-zA-Z.]+[a-zA-Z])\"");

    /** Whatever the sources can refuse, and whatever a rule can say. */
    @Test
    void everyCodeHasWords() throws IOException {
        assertThat(messages("problem").names()).containsAll(codes(PROBLEM));
        Set<String> advice = codes(ADVICE);
        assertThat(advice).contains("balls.up", "evidence.few", "learners.stay", "unmet.back");
        JsonObject words = messages("advice");
        assertThat(advice).allSatisfy(code -> {
            JsonValue at = words;
            for (String part : code.split("\\.")) {
                assertThat(at.isObject() ? at.asObject().get(part) : null)
                        .as(code)
                        .isNotNull();
                at = at.asObject().get(part);
            }
        });
    }

    private static Set<String> codes(Pattern pattern) throws IOException {
        Set<String> codes = new TreeSet<>();
        for (String module : List.of("core", "wire", "browser", "server")) {
            try (Stream<Path> files = Files.walk(Path.of("..", module, "src", "main", "java"))) {
                for (Path file :
                        files.filter(one -> one.toString().endsWith(".java")).toList()) {
                    Matcher found = pattern.matcher(Files.readString(file));
                    while (found.find()) {
                        codes.add(found.group(1));
                    }
                }
            }
        }
        return codes;
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
