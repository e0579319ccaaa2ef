package bersaglio.server.backup;

import java.io.IOException;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** The newest version of the tables that this application knows. */
final class Schema {

    private static final Pattern STEP = Pattern.compile("V(\\d+)__.*\\.sql");

    private Schema() {}

    static int newest() throws IOException {
        return Arrays.stream(
                        new PathMatchingResourcePatternResolver().getResources("classpath*:db/migration/V*__*.sql"))
                .map(step -> STEP.matcher(String.valueOf(step.getFilename())))
                .filter(Matcher::matches)
                .mapToInt(step -> Integer.parseInt(step.group(1)))
                .max()
                .orElse(0);
    }
}
