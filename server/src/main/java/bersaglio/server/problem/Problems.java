package bersaglio.server.problem;

import bersaglio.core.problem.Problem;
import bersaglio.core.problem.Refused;
import bersaglio.server.storage.NotWritten;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.time.LocalDate;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.NoHandlerFoundException;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Every refusal and failure leaves as problem details. */
@RestControllerAdvice
@RestController
class Problems implements ErrorController {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    private final Words words;
    private final PageForPeople pages;

    Problems(Words words, PageForPeople pages) {
        this.words = words;
        this.pages = pages;
    }

    @ExceptionHandler
    ResponseEntity<ProblemView> refused(Refused refused) {
        HttpStatus status =
                switch (refused.problem().code()) {
                    case "foreign_page" -> HttpStatus.FORBIDDEN;
                    case "unknown_id" -> HttpStatus.NOT_FOUND;
                    case "changed_meanwhile" -> HttpStatus.CONFLICT;
                    case "too_large" -> HttpStatus.CONTENT_TOO_LARGE;
                    default -> HttpStatus.BAD_REQUEST;
                };
        return answer(status, refused.problem());
    }

    @ExceptionHandler
    ResponseEntity<ProblemView> unreadable(HttpMessageNotReadableException broken) {
        return answer(HttpStatus.BAD_REQUEST, new Problem("broken_json", "body", "unreadable", "JSON"));
    }

    @ExceptionHandler
    ResponseEntity<ProblemView> mismatched(MethodArgumentTypeMismatchException wrong) {
        String value = String.valueOf(wrong.getValue());
        Class<?> wanted = wrong.getRequiredType();
        Problem problem;
        if (wrong.getValue() instanceof Object[] several) {
            problem = new Problem("given_twice", wrong.getName(), several.length + " values", "one value");
        } else if (wanted == UUID.class) {
            problem = new Problem("bad_id", wrong.getName(), value, "a UUID");
        } else if (wanted == LocalDate.class) {
            problem = new Problem("bad_date", wrong.getName(), value, "a day such as 2026-11-25");
        } else {
            problem = new Problem("wrong_type", wrong.getName(), value, "of another kind");
        }
        return answer(HttpStatus.BAD_REQUEST, problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemView> missing(MissingServletRequestParameterException missing) {
        return answer(
                HttpStatus.BAD_REQUEST,
                new Problem("missing", missing.getParameterName(), "nothing", "a " + missing.getParameterType()));
    }

    @ExceptionHandler({NoHandlerFoundException.class, NoResourceFoundException.class})
    ResponseEntity<?> nothingThere(HttpServletRequest request) {
        String accepts = String.valueOf(request.getHeader(HttpHeaders.ACCEPT));
        if (accepts.contains(MediaType.TEXT_HTML_VALUE)
                && !request.getRequestURI().startsWith("/api")) {
            return pages.nothingHere();
        }
        return answer(
                HttpStatus.NOT_FOUND,
                new Problem("no_such_address", "path", request.getRequestURI(), "an address of this server"));
    }

    @ExceptionHandler
    ResponseEntity<ProblemView> wrongMethod(HttpRequestMethodNotSupportedException wrong) {
        return answer(
                HttpStatus.METHOD_NOT_ALLOWED,
                new Problem(
                        "not_allowed", "method", wrong.getMethod(), String.valueOf(wrong.getSupportedHttpMethods())));
    }

    @ExceptionHandler
    ResponseEntity<ProblemView> wrongType(HttpMediaTypeNotSupportedException wrong) {
        return answer(
                HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                new Problem("not_allowed", "Content-Type", String.valueOf(wrong.getContentType()), "application/json"));
    }

    /** Nothing was stored, and what was sent can be sent again: at once, or when the disc has room. */
    @ExceptionHandler
    ResponseEntity<ProblemView> notWritten(NotWritten notWritten) {
        boolean full = notWritten.why() == NotWritten.Why.NO_ROOM;
        HttpStatus status = full ? HttpStatus.INSUFFICIENT_STORAGE : HttpStatus.SERVICE_UNAVAILABLE;
        ResponseEntity<ProblemView> answer = full
                ? answer(status, new Problem("disc_full", "server", "no room", "room on the server's disc"))
                : answer(status, new Problem("busy", "server", "busy", "try again"));
        return ResponseEntity.status(status)
                .headers(answer.getHeaders())
                .header(HttpHeaders.RETRY_AFTER, full ? "30" : "2")
                .body(answer.getBody());
    }

    @ExceptionHandler
    ResponseEntity<ProblemView> busy(DataAccessException failure) {
        return NotWritten.isOutage(failure)
                ? notWritten(new NotWritten(NotWritten.Why.FAILED, failure))
                : failed(failure);
    }

    @ExceptionHandler
    ResponseEntity<ProblemView> failed(Exception failure) {
        if (failure instanceof ErrorResponse known && known.getStatusCode().is4xxClientError()) {
            return answer(
                    HttpStatus.valueOf(known.getStatusCode().value()),
                    new Problem(
                            "refused",
                            "request",
                            String.valueOf(known.getBody().getDetail()),
                            "a request as described"));
        }
        LOG.error("A request failed.", failure);
        return answer(HttpStatus.INTERNAL_SERVER_ERROR, new Problem("failed", "server", "failed", "try again"));
    }

    @RequestMapping("${server.error.path:/error}")
    ResponseEntity<ProblemView> error(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus status = code instanceof Integer number ? HttpStatus.valueOf(number) : HttpStatus.NOT_FOUND;
        return answer(status, new Problem("refused", "request", status.getReasonPhrase(), "a request as described"));
    }

    private ResponseEntity<ProblemView> answer(HttpStatus status, Problem problem) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemView.of(status, problem, words));
    }
}
