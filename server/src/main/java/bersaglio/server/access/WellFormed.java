package bersaglio.server.access;

import bersaglio.core.problem.Problem;
import bersaglio.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** What cannot be read at all is told so before anybody tries to. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class WellFormed extends OncePerRequestFilter {

    private final ProblemWriter problems;

    WellFormed(ProblemWriter problems) {
        this.problems = problems;
    }

    /** A request whose body came late goes through all of it only then. */
    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String type = request.getContentType();
        if (!isDecodable(request)) {
            problems.write(
                    response,
                    HttpStatus.BAD_REQUEST,
                    new Problem(
                            "bad_query", "query", String.valueOf(request.getQueryString()), "UTF-8, percent-encoded"));
        } else if (!isOneType(type)) {
            problems.write(
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    new Problem("not_allowed", "Content-Type", String.valueOf(type), MediaType.APPLICATION_JSON_VALUE));
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean isDecodable(HttpServletRequest request) {
        try {
            request.getParameterMap();
            return true;
        } catch (IllegalStateException undecodable) {
            return false;
        }
    }

    private static boolean isOneType(@Nullable String type) {
        try {
            return type == null || MediaType.parseMediaType(type).isConcrete();
        } catch (InvalidMediaTypeException noType) {
            return false;
        }
    }
}
