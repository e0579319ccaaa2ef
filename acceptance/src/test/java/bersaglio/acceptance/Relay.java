package bersaglio.acceptance;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;

/**
 * A line between page and server that can be cut after the server has answered a post of events and before the page
 * hears of it: the server has stored what the page does not know to be stored.
 */
final class Relay implements AutoCloseable {

    private static final String POST = "POST /api/events";

    private final ServerSocket door;
    private final AtomicInteger cutsLeft = new AtomicInteger();
    private final AtomicInteger cuts = new AtomicInteger();
    private final AtomicReference<Runnable> underWay = new AtomicReference<>();
    private volatile int target;

    Relay(int target) throws IOException {
        this.target = target;
        this.door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        thread(this::accept);
    }

    String address() {
        return "http://localhost:" + door.getLocalPort();
    }

    void cutNext(int answers) {
        cutsLeft.set(answers);
    }

    /** What happens while the server has the next post of events and has not answered it. */
    void whileUnderWay(Runnable happens) {
        underWay.set(happens);
    }

    /** Leads to another server from now on. */
    void leadTo(int port) {
        target = port;
    }

    int cuts() {
        return cuts.get();
    }

    private void accept() {
        while (!door.isClosed()) {
            try {
                Socket page = door.accept();
                thread(() -> serve(page));
            } catch (IOException closed) {
                return;
            }
        }
    }

    /** One request a connection: simple, and every answer can be lost on its own. */
    private void serve(Socket page) {
        try (page;
                Socket server = new Socket(InetAddress.getLoopbackAddress(), target)) {
            String head = readHead(page.getInputStream());
            if (head.isEmpty()) {
                return;
            }
            String forwarded = head.replace("localhost:" + door.getLocalPort(), "localhost:" + target)
                    .replaceAll("(?i)\\r\\nconnection: [^\\r]*", "")
                    .replaceFirst("\\r\\n", "\r\nConnection: close\r\n");
            OutputStream toServer = server.getOutputStream();
            toServer.write(forwarded.getBytes(StandardCharsets.ISO_8859_1));
            toServer.write(page.getInputStream().readNBytes(lengthOf(head)));
            toServer.flush();
            Runnable happens = head.startsWith(POST) ? underWay.getAndSet(null) : null;
            if (happens != null) {
                happens.run();
            }
            byte[] answer = server.getInputStream().readAllBytes();
            if (head.startsWith(POST) && cutsLeft.getAndUpdate(left -> Math.max(0, left - 1)) > 0) {
                cuts.incrementAndGet();
                return;
            }
            page.getOutputStream().write(answer);
        } catch (IOException gone) {
            // The page or the server has hung up; the next request comes over a new connection.
        }
    }

    private static String readHead(InputStream in) throws IOException {
        StringBuilder head = new StringBuilder();
        while (head.indexOf("\r\n\r\n") < 0) {
            int next = in.read();
            if (next < 0) {
                return "";
            }
            head.append((char) next);
        }
        return head.toString();
    }

    private static int lengthOf(String head) {
        for (String line : head.split("\r\n")) {
            if (line.regionMatches(true, 0, "content-length:", 0, 15)) {
                return Integer.parseInt(line.substring(15).strip());
            }
        }
        return 0;
    }

    private static void thread(Runnable work) {
        Thread thread = new Thread(work, "relay");
        thread.setDaemon(true);
        thread.start();
    }

    @Override
    public void close() {
        try {
            door.close();
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }
}
