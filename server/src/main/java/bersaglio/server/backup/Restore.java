package bersaglio.server.backup;

import bersaglio.server.files.CannotStart;
import bersaglio.server.files.ClubFiles;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * Puts a backup back. Everything is checked before anything is touched; the restored database is given the key of the
 * folder that it comes into, so that one rename puts it in place. What was there is kept beside.
 */
public final class Restore {

    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss");

    /** What was put back, and where that is kept which was there before. */
    public record Restored(Holdings holds, Optional<Path> before) {}

    private final ClubFiles club;
    private final int knownSchema;
    private final Consumer<String> tell;

    public Restore(ClubFiles club, int knownSchema, Consumer<String> tell) {
        this.club = club;
        this.knownSchema = knownSchema;
        this.tell = tell;
    }

    /** @throws CannotStart when it cannot be done; then nothing has changed */
    public Restored from(Path file) throws IOException {
        club.create();
        if (!Files.exists(club.database())) {
            return new Restored(swap(file), Optional.empty());
        }
        try (FileChannel held = club.hold()) {
            Path before = club.folder()
                    .resolveSibling(club.folder().getFileName() + ".before-"
                            + LocalDateTime.now().format(NAME));
            Holdings holds = swap(file, () -> keepBeside(held, before));
            return new Restored(holds, Optional.of(before));
        }
    }

    private interface First {
        void run() throws IOException;
    }

    private Holdings swap(Path file) throws IOException {
        return swap(file, () -> {});
    }

    private Holdings swap(Path file, First first) throws IOException {
        Path aside = ClubFiles.privateFolder(club.folder().resolve(".restoring"));
        try {
            ClubFiles unpacked = new ClubFiles(aside);
            Holdings holds = Unpacked.into(unpacked, file.toAbsolutePath().normalize(), knownSchema, tell);
            changeKey(unpacked, club.key());
            first.run();
            Files.move(unpacked.database(), club.database(), StandardCopyOption.ATOMIC_MOVE);
            return holds;
        } finally {
            ClubFiles.deleteFolder(aside);
        }
    }

    private static void changeKey(ClubFiles unpacked, String key) throws IOException {
        try (Connection connection = DriverManager.getConnection(unpacked.url(), ClubFiles.OWNER, unpacked.key());
                Statement statement = connection.createStatement()) {
            statement.execute("create user if not exists reader password '" + key + "'");
            statement.execute("alter user reader set password '" + key + "'");
            statement.execute("alter user club set password '" + key + "'");
            statement.execute("shutdown");
        } catch (SQLException failure) {
            throw CannotStart.opening(unpacked.folder(), failure);
        }
    }

    /** The very file: what is renamed over it leaves this other name of it alone. */
    private void keepBeside(FileChannel held, Path before) throws IOException {
        ClubFiles kept = new ClubFiles(ClubFiles.privateFolder(before));
        try {
            Files.createLink(kept.database(), club.database());
        } catch (UnsupportedOperationException noLinks) {
            Copying.all(held, kept.database(), tell);
        }
        Files.copy(club.keyFile(), kept.keyFile());
    }
}
