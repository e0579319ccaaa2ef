package bersaglio.server.backup;

import bersaglio.server.files.CannotStart;
import bersaglio.server.files.ClubFiles;
import bersaglio.server.files.DataFolder;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.Properties;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** How a command finds the server that has a club open, and shows that it may ask: by a file that only the owner reads. */
@Component
public class RunningServer {

    static final String HEADER = "X-Bersaglio-Token";
    private static final String FILE = "server.properties";
    private static final int TOKEN_BYTES = 24;

    private final ClubFiles club;
    private final String token;

    RunningServer(DataFolder folder) {
        this.club = folder.files();
        byte[] secret = new byte[TOKEN_BYTES];
        new SecureRandom().nextBytes(secret);
        this.token = HexFormat.of().formatHex(secret);
    }

    @EventListener
    void started(WebServerInitializedEvent event) throws IOException {
        // What a server that was killed had begun.
        ClubFiles.deleteLeftOver(club.folder(), BackupController.BEGUN);
        Path file = ClubFiles.privateFile(file(club));
        Files.writeString(file, "port=" + event.getWebServer().getPort() + "\ntoken=" + token + "\n");
    }

    @EventListener(ContextClosedEvent.class)
    void stopped() throws IOException {
        Files.deleteIfExists(file(club));
    }

    boolean mayAsk(String given) {
        return MessageDigest.isEqual(token.getBytes(StandardCharsets.UTF_8), given.getBytes(StandardCharsets.UTF_8));
    }

    /** @throws CannotStart when the server that has the club open cannot be asked */
    static InputStream backupOf(ClubFiles club) throws InterruptedException {
        Properties known = new Properties();
        try (InputStream in = Files.newInputStream(file(club))) {
            known.load(in);
            HttpResponse<InputStream> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(
                                            URI.create("http://localhost:" + known.getProperty("port") + "/api/backup"))
                                    .header(HEADER, known.getProperty("token", ""))
                                    .build(),
                            HttpResponse.BodyHandlers.ofInputStream());
            if (answer.statusCode() == 200) {
                return answer.body();
            }
        } catch (IOException | IllegalArgumentException unreachable) {
            throw CannotStart.inUse(club.folder());
        }
        throw new CannotStart("The server could not make a backup; its own log says why. Try again, or stop it first.");
    }

    private static Path file(ClubFiles club) {
        return club.folder().resolve(FILE);
    }
}
