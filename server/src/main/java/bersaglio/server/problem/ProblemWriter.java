package bersaglio.server.problem;

import bersaglio.core.problem.Problem;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** Writes a problem where no controller answers: in filters. */
@Component
public class ProblemWriter {

    private final ObjectMapper json;
    private final Words words;

    ProblemWriter(ObjectMapper json, Words words) {
        this.json = json;
        this.words = words;
    }

    public void write(HttpServletResponse response, HttpStatus status, Problem problem) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        json.writeValue(response.getOutputStream(), ProblemView.of(status, problem, words));
    }
}
