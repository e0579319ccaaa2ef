package bersaglio.server.access;

import bersaglio.core.problem.Problem;
import bersaglio.server.Settings;
import bersaglio.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Reads the body before anybody else sees the request: not past 256 kB, a file that is brought in not past 1 MB, whatever
 * its header says of its length, and in UTF-8. One that is not there yet is waited for without a thread, and not for ever.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimit extends OncePerRequestFilter {

    private static final int MOST_BYTES = 256 * 1024;
    private static final int MOST_OF_A_FILE = 1024 * 1024;
    private static final int BLOCK = 8 * 1024;
    private static final String FILES = "/api/exchange/";
    private static final String ARRIVED = BodyLimit.class.getName();

    private final ProblemWriter problems;
    private final SlowBodies slow;

    BodyLimit(ProblemWriter problems, Settings settings) {
        this.problems = problems;
        this.slow = new SlowBodies(settings.bodyDeadline());
    }

    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        int most = request.getServletPath().startsWith(FILES) ? MOST_OF_A_FILE : MOST_BYTES;
        if (request.getAttribute(ARRIVED) instanceof SlowBodies.Body late) {
            check(late.bytes(), late.length(), most, request, response, chain);
            return;
        }
        long length = request.getContentLengthLong();
        if (length <= 0 && request.getHeader("Transfer-Encoding") == null) {
            check(new byte[0], 0, most, request, response, chain);
            return;
        }
        byte[] here = length <= most ? whatIsHere(request.getInputStream(), length) : new byte[0];
        if (here.length == length) {
            check(here, length, most, request, response, chain);
        } else if (!slow.await(
                request, here, most, ARRIVED, (status, problem) -> problems.write(response, status, problem))) {
            response.setHeader("Retry-After", "5");
            response.setHeader("Connection", "close");
            problems.write(
                    response,
                    HttpStatus.TOO_MANY_REQUESTS,
                    new Problem("too_many", "body", "many that are under way", "fewer at a time"));
        }
    }

    /** As far as it can be read without waiting: of a short body mostly all. */
    private static byte[] whatIsHere(ServletInputStream in, long length) throws IOException {
        ByteArrayOutputStream here = new ByteArrayOutputStream();
        byte[] block = new byte[BLOCK];
        // What is available is told as one byte, however many there are.
        while (here.size() < length && in.available() > 0) {
            int read = in.read(block, 0, (int) Math.min(BLOCK, length - here.size()));
            if (read < 0) {
                break;
            }
            here.write(block, 0, read);
        }
        return here.toByteArray();
    }

    private void check(
            byte[] body,
            long length,
            int most,
            HttpServletRequest request,
            HttpServletResponse response,
            FilterChain chain)
            throws ServletException, IOException {
        if (length > most) {
            problems.write(
                    response,
                    HttpStatus.CONTENT_TOO_LARGE,
                    new Problem("too_large", "body", "over " + most + " bytes", "at most " + most + " bytes"));
        } else if (!isText(body)) {
            problems.write(
                    response,
                    HttpStatus.BAD_REQUEST,
                    new Problem("broken_json", "body", "a byte that is no UTF-8", "JSON in UTF-8"));
        } else {
            chain.doFilter(new Read(request, body), response);
        }
    }

    private static boolean isText(byte[] body) {
        try {
            StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(body));
            return true;
        } catch (CharacterCodingException bytes) {
            return false;
        }
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
