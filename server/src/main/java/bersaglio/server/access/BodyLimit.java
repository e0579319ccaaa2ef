package bersaglio.server.access;

import bersaglio.core.problem.Problem;
import bersaglio.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** No body is read past 256 kB, a file that is brought in past 1 MB, whatever its header says of its length. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class BodyLimit extends OncePerRequestFilter {

    private static final int MOST_BYTES = 256 * 1024;
    private static final int MOST_OF_A_FILE = 1024 * 1024;
    private static final String FILES = "/api/exchange/";

    private final ProblemWriter problems;

    BodyLimit(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        int most = request.getRequestURI().startsWith(FILES) ? MOST_OF_A_FILE : MOST_BYTES;
        byte[] body = request.getInputStream().readNBytes(most + 1);
        if (body.length > most) {
            problems.write(
                    response,
                    HttpStatus.CONTENT_TOO_LARGE,
                    new Problem("too_large", "body", "over " + most + " bytes", "at most " + most + " bytes"));
            return;
        }
        chain.doFilter(new Read(request, body), response);
    }

    private static final class Read extends HttpServletRequestWrapper {

        private final byte[] body;

        Read(HttpServletRequest request, byte[] body) {
            super(request);
            this.body = body;
        }

        @Override
        public ServletInputStream getInputStream() {
            ByteArrayInputStream bytes = new ByteArrayInputStream(body);
            return new ServletInputStream() {
                @Override
                public int read() {
                    return bytes.read();
                }

                @Override
                public int read(byte[] into, int from, int most) {
                    return bytes.read(into, from, most);
                }

                @Override
                public boolean isFinished() {
                    return bytes.available() == 0;
                }

                @Override
                public boolean isReady() {
                    return true;
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    throw new UnsupportedOperationException("bodies are read at once");
                }
            };
        }
    }
}
