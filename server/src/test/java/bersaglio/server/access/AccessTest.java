package bersaglio.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.server.DemoServer;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(DemoServer.class)
class AccessTest {

    private final StartedServer server;

    AccessTest(StartedServer server) {
        this.server = server;
    }

    @Test
    void anotherHostNameIsAForeignPage() throws IOException {
        String answer = raw("GET /api/club HTTP/1.1\r\nHost: torrealta.example\r\nConnection: close\r\n\r\n");
        assertThat(answer).startsWith("HTTP/1.1 403").contains("foreign_page");
    }

    @Test
    void ourNameWithAnotherPortIsAForeignPageToo() throws IOException {
        assertThat(raw("GET /api/club HTTP/1.1\r\nHost: localhost:1\r\nConnection: close\r\n\r\n"))
                .startsWith("HTTP/1.1 403");
    }

    @Test
    void whatTheWebServerRefusesIsAProblemToo() throws IOException {
        assertThat(raw("GET /api/club?a=[ HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n"))
                .startsWith("HTTP/1.1 400")
                .contains("application/problem+json", "\"code\":\"refused\"");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/club",
                "/%61pi/club",
                "/%61%70%69/club",
                "//api/club",
                "/api;a=b/club",
                "/./api/club",
                "/drills/../api/club",
                "/api/club/../today",
                "/api/nothing",
                "/api"
            })
    void dataIsKeptByNoCacheHoweverItsAddressIsSpelled(String path) throws IOException {
        String answer =
                raw("GET " + path + " HTTP/1.1\r\nHost: localhost:" + server.port() + "\r\nConnection: close\r\n\r\n");
        assertThat(answer)
                .contains(
                        "Cache-Control: no-store",
                        "Content-Security-Policy: default-src 'none'",
                        "nosniff",
                        "Referrer-Policy: no-referrer");
    }

    @ParameterizedTest
    @CsvSource({
        "/api/players/%ff, 400",
        "/api/players/%20, 400",
        "/api/today?day=%ff, 400",
        "/api/today?%, 400",
    })
    void whatCannotBeDecodedIsAProblem(String path, int status) throws IOException {
        assertThat(raw("GET " + path + " HTTP/1.1\r\nHost: localhost:" + server.port()
                        + "\r\nConnection: close\r\n\r\n"))
                .startsWith("HTTP/1.1 " + status)
                .contains("application/problem+json", "\"allowed\":");
    }

    @Test
    void aBodyThatIsNoUtf8IsRefusedAsThat() {
        byte[] body = "{\"name\":\"Nora _\",\"hand\":\"LEFT\"}".getBytes(StandardCharsets.UTF_8);
        body[14] = (byte) 0xff;
        HttpResponse<String> answer = server.send(server.request("/api/players/" + Device.newId())
                .header("Content-Type", "application/json")
                .PUT(HttpRequest.BodyPublishers.ofByteArray(body)));
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(answer.body()).contains("no UTF-8");
    }

    @Test
    void whoSendsSlowlyKeepsNobodyElseWaiting() throws Exception {
        List<Socket> slow = new ArrayList<>();
        ScheduledExecutorService drip = Executors.newSingleThreadScheduledExecutor();
        try {
            for (int i = 0; i < 600; i++) {
                Socket one = new Socket(InetAddress.getLoopbackAddress(), server.port());
                one.getOutputStream()
                        .write(("POST /api/events HTTP/1.1\r\nHost: localhost:" + server.port()
                                        + "\r\nContent-Type: application/json\r\nContent-Length: 5000\r\n\r\n{")
                                .getBytes(StandardCharsets.US_ASCII));
                slow.add(one);
            }
            drip.scheduleAtFixedRate(() -> slow.forEach(AccessTest::drop), 0, 500, TimeUnit.MILLISECONDS);
            String player = Device.newId();
            for (int i = 0; i < 20; i++) {
                assertThat(fromAnotherAddress("PUT /api/players/" + player, "{\"name\":\"Quick\",\"hand\":\"LEFT\"}"))
                        .startsWith("HTTP/1.1 201");
                if (i == 0) {
                    assertThat(slow.get(0).getInputStream().available())
                            .as("the first of the slow ones has not been given up yet")
                            .isZero();
                }
            }
            List<String> answers = new ArrayList<>();
            for (Socket one : slow) {
                one.setSoTimeout(15_000);
                byte[] answer = new byte[12];
                answers.add(
                        one.getInputStream().readNBytes(answer, 0, 12) < 12
                                ? "gone"
                                : new String(answer, StandardCharsets.US_ASCII));
            }
            assertThat(answers).contains("HTTP/1.1 408", "HTTP/1.1 429").doesNotContain("HTTP/1.1 200");
        } finally {
            drip.shutdownNow();
            for (Socket one : slow) {
                one.close();
            }
        }
    }

    /** Its body in a packet of its own, as many a device sends it. */
    private String fromAnotherAddress(String what, String body) throws IOException {
        return inTwo(what, body, 0, () -> {});
    }

    private String inTwo(String what, String body, int first, Runnable meanwhile) throws IOException {
        try (Socket socket =
                new Socket(InetAddress.getLoopbackAddress(), server.port(), InetAddress.getByName("127.0.0.2"), 0)) {
            socket.setTcpNoDelay(true);
            socket.getOutputStream()
                    .write((what + " HTTP/1.1\r\nHost: localhost:" + server.port()
                                    + "\r\nConnection: close\r\nContent-Type: application/json\r\nContent-Length: "
                                    + body.length() + "\r\n\r\n" + body.substring(0, first))
                            .getBytes(StandardCharsets.US_ASCII));
            meanwhile.run();
            socket.getOutputStream().write(body.substring(first).getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 20, 34})
    void aBodyThatHasBegunIsWaitedForAndReadWhole(int first) throws IOException {
        String body = "{\"name\":\"In parts\",\"hand\":\"RIGHT\"}";
        assertThat(body).hasSize(34);

        String answer = inTwo("PUT /api/players/" + Device.newId(), body, first, () -> server.get("/api/club"));

        assertThat(answer).startsWith("HTTP/1.1 201").contains("In parts");
    }

    @Test
    void aBodyOfManyBlocksIsReadWhole() {
        String spaces = " ".repeat(100_000);

        HttpResponse<String> answer =
                server.put("/api/players/" + Device.newId(), "{\"name\":\"At last\"," + spaces + "\"hand\":\"RIGHT\"}");

        assertThat(answer.statusCode()).isEqualTo(201);
        assertThat(answer.body()).contains("At last");
    }

    private static void drop(Socket socket) {
        try {
            socket.getOutputStream().write(' ');
        } catch (IOException refusedAlready) {
            // The server has answered and closed.
        }
    }

    @ParameterizedTest
    @CsvSource({"Origin, http://elsewhere.example", "Sec-Fetch-Site, cross-site", "Origin, null"})
    void aChangeFromAnotherSiteIsRefused(String header, String value) {
        HttpResponse<String> answer = server.send(server.request("/api/events")
                .header("Content-Type", "application/json")
                .header(header, value)
                .POST(HttpRequest.BodyPublishers.ofString("{\"events\":[]}")));
        assertThat(answer.statusCode()).isEqualTo(403);
        assertThat(answer.body()).contains(header);
    }

    @Test
    void onlyJsonIsTaken() {
        HttpResponse<String> answer = server.send(server.request("/api/events")
                .header("Content-Type", "text/plain")
                .POST(HttpRequest.BodyPublishers.ofString("{\"events\":[]}")));
        assertThat(answer.statusCode()).isEqualTo(415);
        assertThat(answer.body()).contains("application/json");
    }

    @ParameterizedTest
    @CsvSource({
        "/nothing/here, 404",
        "/api/runs/not-a-run, 400",
        "/api/players/00000000-0000-7000-8000-000000000000, 404",
        "/api/players/73953a09-15f6-364e-aa0e-65bfb91eb655/ledger, 400"
    })
    void whatIsNotThereIsAProblemAndNeverAFailure(String path, int status) {
        HttpResponse<String> answer = server.send(server.request(path));
        assertThat(answer.statusCode()).isEqualTo(status);
        assertThat(answer.headers().firstValue("Content-Type").orElse("")).startsWith("application/problem+json");
    }

    /** Not JSON: a person's browser asks for a page. */
    @Test
    void aPersonAtAnAddressThatDoesNotExistGetsThePageAndItsPolicy() {
        HttpResponse<String> answer = server.send(
                server.request("/nothing/here").header("Accept", "text/html,application/xhtml+xml,*/*;q=0.8"));
        assertThat(answer.statusCode()).isEqualTo(404);
        assertThat(answer.headers().firstValue("Content-Type").orElse("")).startsWith("text/html");
        HttpResponse<String> data = server.send(server.request("/api/nothing").header("Accept", "text/html"));
        assertThat(data.statusCode()).isEqualTo(404);
        assertThat(data.headers().firstValue("Content-Type").orElse("")).startsWith("application/problem+json");
    }

    @Test
    void noHeaderOpensTheDataToOtherSitesOrCaches() {
        HttpResponse<String> answer =
                server.send(server.request("/api/club").header("Origin", "http://elsewhere.example"));
        assertThat(answer.headers().map().keySet())
                .noneMatch(name -> name.toLowerCase(java.util.Locale.ROOT).startsWith("access-control"));
        assertThat(answer.headers().firstValue("Cache-Control")).contains("no-store");
    }

    @Test
    void itListensOnTheLoopbackAddressOnly() throws IOException {
        for (NetworkInterface network : Collections.list(NetworkInterface.getNetworkInterfaces())) {
            for (InetAddress address : Collections.list(network.getInetAddresses())) {
                if (!address.isLoopbackAddress()) {
                    Assertions.assertThatThrownBy(() -> new Socket(address, server.port()).close())
                            .isInstanceOf(IOException.class);
                }
            }
        }
    }

    private String raw(String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", server.port())) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
