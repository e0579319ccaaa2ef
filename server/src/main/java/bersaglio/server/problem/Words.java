package bersaglio.server.problem;

import bersaglio.core.problem.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** Turns problem codes into words, from the same message files as the page: in the language that is asked for, else in English. */
@Component
public class Words {

    private static final String FILES = "classpath*:/bersaglio/messages/*.json";
    private static final String PLAIN = "en";

    private final Map<String, Map<String, String>> problems = new HashMap<>();

    Words(ObjectMapper json) throws IOException {
        for (Resource file : new PathMatchingResourcePatternResolver().getResources(FILES)) {
            try (InputStream in = file.getInputStream()) {
                String language = Objects.requireNonNull(file.getFilename()).replace(".json", "");
                var all = json.readTree(in);
                problems.put(
                        language, json.convertValue(all.get("problem"), new TypeReference<Map<String, String>>() {}));
            }
        }
    }

    public String of(Problem problem) {
        Map<String, String> plain = problems.getOrDefault(PLAIN, Map.of());
        return problems.getOrDefault(LocaleContextHolder.getLocale().getLanguage(), plain)
                .getOrDefault(problem.code(), problem.code())
                .replace("{field}", problem.field())
                .replace("{value}", problem.value())
                .replace("{allowed}", problem.allowed());
    }
}
