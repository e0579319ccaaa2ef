package bersaglio.server.backup;

import bersaglio.core.problem.Refused;
import bersaglio.server.files.ClubFiles;
import bersaglio.server.files.DataFolder;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Gives a backup of the club to who owns its folder. */
@RestController
@Hidden
class BackupController {

    static final String BEGUN = ".backup-";

    private final RunningServer running;
    private final ClubFiles club;

    BackupController(RunningServer running, DataFolder folder) {
        this.running = running;
        this.club = folder.files();
    }

    @GetMapping("/api/backup")
    void backup(
            @RequestHeader(name = RunningServer.HEADER, defaultValue = "") String token, HttpServletResponse response)
            throws IOException {
        if (!running.mayAsk(token)) {
            throw new Refused("foreign_page", RunningServer.HEADER, "another", "the one of this server");
        }
        Path made = club.folder().resolve(BEGUN + UUID.randomUUID() + ".zip");
        try {
            new Backup(club, text -> {}).make(made, new OnlineSnapshot(club));
            response.setContentType(MediaType.APPLICATION_OCTET_STREAM_VALUE);
            response.setContentLengthLong(Files.size(made));
            Files.copy(made, response.getOutputStream());
        } finally {
            Files.deleteIfExists(made);
        }
    }
}
