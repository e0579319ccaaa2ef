package bersaglio.server.problem;

import bersaglio.core.problem.Problem;
import org.springframework.http.HttpStatus;

/**
 * Problem details after RFC 9457, with what a person needs to put it right.
 *
 * @param code    what is wrong, for the message file
 * @param field   the path of the field
 * @param value   the value as it came, shortened
 * @param allowed what is allowed there
 */
public record ProblemView(
        String type, String title, int status, String detail, String code, String field, String value, String allowed) {

    public static ProblemView of(HttpStatus status, Problem problem, Words words) {
        return new ProblemView(
                "about:blank",
                status.getReasonPhrase(),
                status.value(),
                words.of(problem),
                problem.code(),
                problem.field(),
                problem.value(),
                problem.allowed());
    }
}
