package bersaglio.server.problem;

import bersaglio.core.problem.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** Turns problem codes into words, from the same message file as the page. */
@Component
public class Words {

    private final Map<String, String> problems;

    Words(ObjectMapper json) throws IOException {
        try (InputStream in = Words.class.getResourceAsStream("/bersaglio/messages/en.json")) {
            var all = json.readTree(Objects.requireNonNull(in));
            problems = json.convertValue(all.get("problem"), new TypeReference<Map<String, String>>() {});
        }
    }

    public String of(Problem problem) {
        return problems.getOrDefault(problem.code(), problem.code())
                .replace("{field}", problem.field())
                .replace("{value}", problem.value())
                .replace("{allowed}", problem.allowed());
    }
}
