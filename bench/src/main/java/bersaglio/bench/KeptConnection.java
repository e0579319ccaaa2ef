package bersaglio.bench;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;

/**
 * Sends events over a connection that is kept, for next to nothing: a device's own work is not the server's, and here
 * both share a machine.
 */
final class KeptConnection implements AutoCloseable {

    private static final String STORED = "\"fate\":\"STORED\"";
    private static final String LENGTH = "Content-Length: ";
    private static final String HEADERS_END = "\r\n\r\n";

    private final int port;
    private final byte[] buffer = new byte[256 * 1024];
    private Socket socket;

    KeptConnection(int port) throws IOException {
        this.port = port;
        socket = connect();
    }

    private Socket connect() throws IOException {
        Socket fresh = new Socket("localhost", port);
        fresh.setTcpNoDelay(true);
        return fresh;
    }

    /** @return how many of them are stored now */
    int stored(List<String> batch) throws IOException {
        byte[] body = ("{\"events\":[" + String.join(",", batch) + "]}").getBytes(StandardCharsets.UTF_8);
        byte[] head = ("POST /api/events HTTP/1.1\r\nHost: localhost:" + port + "\r\nContent-Type: application/json\r\n"
                        + LENGTH + body.length + HEADERS_END)
                .getBytes(StandardCharsets.US_ASCII);
        byte[] request = new byte[head.length + body.length];
        System.arraycopy(head, 0, request, 0, head.length);
        System.arraycopy(body, 0, request, head.length, body.length);
        socket.getOutputStream().write(request);
        String answer = answer(socket.getInputStream());
        if (answer.contains("Connection: close")) {
            socket.close();
            socket = connect();
        }
        return answer.split(STORED, -1).length - 1;
    }

    private String answer(InputStream in) throws IOException {
        int read = 0;
        while (true) {
            int more = in.read(buffer, read, buffer.length - read);
            if (more < 0) {
                throw new IOException("the server closed the connection within an answer");
            }
            read += more;
            String soFar = new String(buffer, 0, read, StandardCharsets.US_ASCII);
            if (complete(soFar)) {
                return soFar;
            }
        }
    }

    /** Long answers come in chunks, the last of them empty. */
    private static boolean complete(String answer) {
        int headers = answer.indexOf(HEADERS_END);
        if (headers < 0) {
            return false;
        }
        int length = answer.indexOf(LENGTH);
        if (length < 0 || length > headers) {
            return answer.endsWith("\r\n0" + HEADERS_END);
        }
        int from = length + LENGTH.length();
        int bytes = Integer.parseInt(answer.substring(from, answer.indexOf("\r\n", from)));
        return answer.length() >= headers + HEADERS_END.length() + bytes;
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
