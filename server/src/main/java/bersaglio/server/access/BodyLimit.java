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

/** No body is read past 256 kB, whatever its header says of its length. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class BodyLimit extends OncePerRequestFilter {

    private static final int MOST_BYTES = 256 * 1024;

    private final ProblemWriter problems;

    BodyLimit(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        byte[] body = request.getInputStream().readNBytes(MOST_BYTES + 1);
        if (body.length > MOST_BYTES) {
            problems.write(
                    response,
                    HttpStatus.CONTENT_TOO_LARGE,
                    new Problem("too_large", "body", "over " + MOST_BYTES + " bytes", "at most 262144 bytes"));
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
