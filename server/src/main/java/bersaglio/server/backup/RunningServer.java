package bersaglio.server.backup;

import bersaglio.server.files.CannotStart;
import bersaglio.server.files.ClubFiles;
import bersaglio.server.files.DataFolder;
import java.io.IOException;
import java.io.InputStream;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.Properties;
import java.util.concurrent.TimeUnit;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** How a command finds the server that has a club open, and shows that it may ask: by a file that only the owner reads. */
@Component
public class RunningServer {

    static final String HEADER = "X-Bersaglio-Token";
    private static final String FILE = "server.properties";
    private static final int TOKEN_BYTES = 24;
    private static final int ASKED_EVERY = 200;
    private static final int TIMES_ASKED = 50;

    private final ClubFiles club;
    private final String token;

    RunningServer(DataFolder folder) throws IOException {
        this.club = folder.files();
        // What a server that was killed left behind: its address is not ours.
        Files.deleteIfExists(file(club));
        byte[] secret = new byte[TOKEN_BYTES];
        new SecureRandom().nextBytes(secret);
        this.token = HexFormat.of().formatHex(secret);
    }

    @EventListener
    @Order(Ordered.HIGHEST_PRECEDENCE)
    void started(WebServerInitializedEvent event) throws IOException {
        // What a server that was killed had begun.
        ClubFiles.deleteLeftOver(club.folder(), BackupController.BEGUN);
        Path whole = ClubFiles.privateFile(club.folder().resolve(FILE + ".new"));
        Files.writeString(whole, "port=" + event.getWebServer().getPort() + "\ntoken=" + token + "\n");
        Files.move(whole, file(club), StandardCopyOption.ATOMIC_MOVE);
    }

    @EventListener(ContextClosedEvent.class)
    void stopped() throws IOException {
        Files.deleteIfExists(file(club));
    }

    boolean mayAsk(String given) {
        return MessageDigest.isEqual(token.getBytes(StandardCharsets.UTF_8), given.getBytes(StandardCharsets.UTF_8));
    }

    /**
     * A server that is only starting is waited for.
     *
     * @throws CannotStart when the server that has the club open cannot be asked
     */
    static InputStream backupOf(ClubFiles club) throws InterruptedException {
        for (int tried = 0; tried < TIMES_ASKED; tried++) {
            try {
                HttpResponse<InputStream> answer = ask(club);
                if (answer.statusCode() == 200) {
                    return answer.body();
                }
                throw new CannotStart(
                        "The server could not make a backup; its own log says why. Try again, or stop it first.");
            } catch (NoSuchFileException | ConnectException starting) {
                TimeUnit.MILLISECONDS.sleep(ASKED_EVERY);
            } catch (IOException | IllegalArgumentException unreachable) {
                throw CannotStart.inUse(club.folder());
            }
        }
        throw CannotStart.inUse(club.folder());
    }

    private static HttpResponse<InputStream> ask(ClubFiles club) throws IOException, InterruptedException {
        Properties known = new Properties();
        try (InputStream in = Files.newInputStream(file(club))) {
            known.load(in);
        }
        URI address = URI.create("http://localhost:" + known.getProperty("port") + "/api/backup");
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(address)
                                .header(HEADER, known.getProperty("token", ""))
                                .build(),
                        HttpResponse.BodyHandlers.ofInputStream());
    }

    private static Path file(ClubFiles club) {
        return club.folder().resolve(FILE);
    }
}
