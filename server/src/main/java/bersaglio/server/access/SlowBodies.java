package bersaglio.server.access;

import bersaglio.core.problem.Problem;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.http.HttpStatus;

/**
 * Bodies that come bit by bit. None of them takes a thread while it comes, each has a deadline, and one address has only so
 * many under way.
 */
final class SlowBodies {

    private static final int MOST_OF_ONE_ADDRESS = 500;
    /** What is too long is read on to here, so that its sender hears why it is refused. */
    private static final int LONGEST_READ = 2 * 1024 * 1024;

    private static final int BLOCK = 16 * 1024;

    /** What has come, as far as it is wanted, and how long it is. */
    record Body(byte[] bytes, long length) {}

    /** Answers one that has not come in time, or not as it should. */
    interface Refusing {
        void answer(HttpStatus status, Problem problem) throws IOException;
    }

    private final Map<String, Integer> underWay = new ConcurrentHashMap<>();
    private final Duration deadline;

    SlowBodies(Duration deadline) {
        this.deadline = deadline;
    }

    /**
     * Comes back to the filters with the body, once it is there.
     *
     * @param begun     what was read of it already
     * @param attribute under which it then is
     * @return false when this address has too many under way
     */
    boolean await(HttpServletRequest request, byte[] begun, int most, String attribute, Refusing refusing)
            throws IOException {
        String address = request.getRemoteAddr();
        if (underWay.merge(address, 1, Integer::sum) > MOST_OF_ONE_ADDRESS) {
            gone(address);
            return false;
        }
        AsyncContext context = request.startAsync();
        context.setTimeout(deadline.toMillis());
        context.addListener(new Ending(address, refusing));
        request.getInputStream().setReadListener(new Reader(request, context, begun, most, attribute, refusing));
        return true;
    }

    private void gone(String address) {
        underWay.computeIfPresent(address, (one, count) -> count > 1 ? count - 1 : null);
    }

    private final class Ending implements AsyncListener {

        private final String address;
        private final Refusing refusing;
        private boolean ended;

        Ending(String address, Refusing refusing) {
            this.address = address;
            this.refusing = refusing;
        }

        /** Once, however it ends. */
        private synchronized boolean end() {
            if (!ended) {
                ended = true;
                gone(address);
                return true;
            }
            return false;
        }

        @Override
        public void onTimeout(AsyncEvent event) throws IOException {
            if (end()) {
                refusing.answer(
                        HttpStatus.REQUEST_TIMEOUT,
                        new Problem(
                                "too_slow",
                                "body",
                                "incomplete after " + deadline.toSeconds() + " s",
                                "a body that comes at once"));
            }
            event.getAsyncContext().complete();
        }

        @Override
        public void onComplete(AsyncEvent event) {
            end();
        }

        @Override
        public void onError(AsyncEvent event) {
            end();
        }

        @Override
        public void onStartAsync(AsyncEvent event) {
            end();
        }
    }

    private static final class Reader implements ReadListener {

        private final HttpServletRequest request;
        private final ServletInputStream in;
        private final AsyncContext context;
        private final int most;
        private final String attribute;
        private final Refusing refusing;
        private final ByteArrayOutputStream wanted = new ByteArrayOutputStream();
        private final byte[] block = new byte[BLOCK];
        private long length;
        private boolean over;

        Reader(
                HttpServletRequest request,
                AsyncContext context,
                byte[] begun,
                int most,
                String attribute,
                Refusing refusing)
                throws IOException {
            this.request = request;
            this.in = request.getInputStream();
            this.context = context;
            this.most = most;
            this.attribute = attribute;
            this.refusing = refusing;
            this.length = begun.length;
            wanted.writeBytes(begun);
        }

        @Override
        public void onDataAvailable() throws IOException {
            while (!over && in.isReady()) {
                int read = in.read(block);
                if (read < 0) {
                    return;
                }
                length += read;
                wanted.write(block, 0, (int) Math.max(0, Math.min(read, most - (length - read))));
                if (length > LONGEST_READ) {
                    onAllDataRead();
                }
            }
        }

        @Override
        public void onAllDataRead() {
            if (!over) {
                over = true;
                request.setAttribute(attribute, new Body(wanted.toByteArray(), length));
                context.dispatch();
            }
        }

        @Override
        public void onError(Throwable gone) {
            if (!over) {
                over = true;
                answerBroken();
                context.complete();
            }
        }

        /** A body that is cut into pieces wrongly; of one whose sender is gone nobody hears it. */
        private void answerBroken() {
            try {
                refusing.answer(
                        HttpStatus.BAD_REQUEST,
                        new Problem("broken_body", "body", "cut into pieces wrongly", "a body that can be read"));
            } catch (IOException | IllegalStateException nobody) {
                // The connection is closed.
            }
        }
    }
}
