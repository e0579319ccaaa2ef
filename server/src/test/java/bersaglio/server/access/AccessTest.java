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
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

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

    /** None of the slow ones is given up while this lasts: so nobody waited for that. */
    @Test
    void whoSendsSlowlyKeepsNobodyElseWaiting(@TempDir Path folder) throws Exception {
        List<Socket> slow = new ArrayList<>();
        try (StartedServer patient = StartedServer.on(folder.resolve("club"), "--bersaglio.body-deadline=1h")) {
            for (int i = 0; i < 600; i++) {
                slow.add(begun(patient.port()));
            }
            for (int i = 0; i < 20; i++) {
                assertThat(inTwo(
                                patient.port(),
                                "PUT /api/players/" + Device.newId(),
                                "{\"name\":\"Quick\",\"hand\":\"LEFT\"}",
                                0,
                                () -> {}))
                        .startsWith("HTTP/1.1 201");
            }
            List<Socket> refused = new ArrayList<>();
            while (refused.size() < 100) {
                for (Socket one : slow) {
                    if (one.getInputStream().available() > 0) {
                        assertThat(status(one)).isEqualTo("HTTP/1.1 429");
                        refused.add(one);
                    }
                }
                slow.removeAll(refused);
            }
            assertThat(slow).hasSize(500);
            for (Socket one : refused) {
                one.close();
            }
        } finally {
            for (Socket one : slow) {
                one.close();
            }
        }
    }

    @Test
    void aBodyThatDoesNotComeIsNotWaitedForForEver() throws IOException {
        try (Socket slow = begun(server.port())) {
            assertThat(status(slow)).isEqualTo("HTTP/1.1 408");
        }
    }

    /** A request of which no more comes than the first sign of its body. */
    private static Socket begun(int port) throws IOException {
        Socket one = new Socket(InetAddress.getLoopbackAddress(), port);
        one.getOutputStream()
                .write(("POST /api/events HTTP/1.1\r\nHost: localhost:" + port
                                + "\r\nContent-Type: application/json\r\nContent-Length: 5000\r\n\r\n{")
                        .getBytes(StandardCharsets.US_ASCII));
        return one;
    }

    private static String status(Socket answered) throws IOException {
        return new String(answered.getInputStream().readNBytes(12), StandardCharsets.US_ASCII);
    }

    @Test
    void aBodyThatIsCutIntoPiecesWronglyIsAProblemAndNoFailure() throws IOException {
        for (String pieces : List.of("ZZ\r\n{}\r\n0\r\n\r\n", "2\r\n{}and more\r\n0\r\n\r\n", "-5\r\n{}\r\n")) {
            String answer = raw("POST /api/events HTTP/1.1\r\nHost: localhost:" + server.port()
                    + "\r\nConnection: close\r\nContent-Type: application/json\r\nTransfer-Encoding: chunked\r\n\r\n"
                    + pieces);
            assertThat(answer).as(pieces).startsWith("HTTP/1.1 400").contains("\"code\"");
        }
    }

    @ParameterizedTest
    @MethodSource("questionsWithOneValueEach")
    void aParameterThatIsGivenTwiceIsNamed(String path, String name) {
        HttpResponse<String> answer = server.send(server.request(path + "?" + name + "=7&" + name + "=8"));
        assertThat(answer.statusCode()).isBetween(400, 404);
        assertThat(answer.body()).doesNotContain("[L", "@");
    }

    /** Every parameter of the contract that is not a list. */
    static Stream<Arguments> questionsWithOneValueEach() throws IOException {
        List<Arguments> questions = new ArrayList<>();
        JsonNode paths = StartedServer.JSON
                .readTree(Files.readString(Path.of("openapi.json")))
                .get("paths");
        for (String path : paths.propertyNames()) {
            for (JsonNode parameter : paths.get(path).path("get").path("parameters")) {
                if (parameter.get("in").asString().equals("query")
                        && !parameter.at("/schema/type").asString().equals("array")) {
                    questions.add(Arguments.of(
                            path.replaceAll("\\{\\w+}", "73953a09-15f6-364e-aa0e-65bfb91eb655"),
                            parameter.get("name").asString()));
                }
            }
        }
        return questions.stream();
    }

    @Test
    void theContractIsDataTooAndRunsNothing() {
        HttpResponse<String> answer = server.send(server.request("/v3/api-docs"));
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.headers().firstValue("Content-Security-Policy")).contains("default-src 'none'");
    }

    /** Its body in a packet of its own, as many a device sends it; from another address. */
    private String inTwo(String what, String body, int first, Runnable meanwhile) throws IOException {
        return inTwo(server.port(), what, body, first, meanwhile);
    }

    private static String inTwo(int port, String what, String body, int first, Runnable meanwhile) throws IOException {
        try (Socket socket =
                new Socket(InetAddress.getLoopbackAddress(), port, InetAddress.getByName("127.0.0.2"), 0)) {
            socket.setTcpNoDelay(true);
            socket.getOutputStream()
                    .write((what + " HTTP/1.1\r\nHost: localhost:" + port
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
