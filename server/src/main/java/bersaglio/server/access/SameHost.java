package bersaglio.server.access;

import bersaglio.core.problem.Problem;
import bersaglio.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Until there is sign-in, only pages of this very server may talk to it: the host must be one of the loopback names
 * (another name that resolves here is someone else's page), and what changes data must come from our own origin.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class SameHost extends OncePerRequestFilter {

    private static final Set<String> NAMES = Set.of("localhost", "127.0.0.1", "[::1]");
    private static final Set<String> SAFE_METHODS = Set.of("GET", "HEAD", "OPTIONS");
    private static final Set<String> OWN_SITES = Set.of("same-origin", "none");

    private final ProblemWriter problems;

    SameHost(ProblemWriter problems) {
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
        String host = request.getHeader("Host");
        if (!isOurs(host, request.getLocalPort())) {
            refuse(response, "Host", host, "localhost with this server's port");
        } else if (SAFE_METHODS.contains(request.getMethod()) || fromOurPage(request, response, host)) {
            chain.doFilter(request, response);
        }
    }

    private boolean fromOurPage(HttpServletRequest request, HttpServletResponse response, String host)
            throws IOException {
        String origin = request.getHeader("Origin");
        if (origin != null && !origin.equals(request.getScheme() + "://" + host)) {
            refuse(response, "Origin", origin, request.getScheme() + "://" + host);
            return false;
        }
        String site = request.getHeader("Sec-Fetch-Site");
        if (site != null && !OWN_SITES.contains(site)) {
            refuse(response, "Sec-Fetch-Site", site, "same-origin");
            return false;
        }
        return true;
    }

    private void refuse(HttpServletResponse response, String header, @Nullable String value, String allowed)
            throws IOException {
        problems.write(
                response, HttpStatus.FORBIDDEN, new Problem("foreign_page", header, String.valueOf(value), allowed));
    }

    private static boolean isOurs(@Nullable String host, int port) {
        if (host == null) {
            return false;
        }
        String suffix = ":" + port;
        return host.endsWith(suffix) && NAMES.contains(host.substring(0, host.length() - suffix.length()));
    }
}
