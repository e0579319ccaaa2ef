package bersaglio.server.storage;

import bersaglio.server.Settings;
import java.io.IOException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.SecureRandom;
import java.util.HexFormat;
import org.springframework.stereotype.Component;

/** The club's folder, readable by its owner only, with the password of its database in it. */
@Component
public class DataFolder {

    private static final boolean POSIX =
            FileSystems.getDefault().supportedFileAttributeViews().contains("posix");

    private final Path folder;

    DataFolder(Settings settings) throws IOException {
        folder = settings.data().toAbsolutePath().normalize();
        Files.createDirectories(folder);
        ownerOnly(folder, "rwx------");
    }

    Path path() {
        return folder;
    }

    String databaseUrl() {
        return "jdbc:h2:file:" + folder.resolve("club");
    }

    String password() throws IOException {
        Path file = folder.resolve("database.key");
        if (!Files.exists(file)) {
            byte[] secret = new byte[24];
            new SecureRandom().nextBytes(secret);
            Files.writeString(file, HexFormat.of().formatHex(secret));
            ownerOnly(file, "rw-------");
        }
        return Files.readString(file).strip();
    }

    private static void ownerOnly(Path path, String permissions) throws IOException {
        if (POSIX) {
            Files.setPosixFilePermissions(path, PosixFilePermissions.fromString(permissions));
        }
    }
}
