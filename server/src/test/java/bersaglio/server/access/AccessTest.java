package bersaglio.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.server.DemoServer;
import bersaglio.server.StartedServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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
