package bersaglio.server.backup;

import bersaglio.server.files.CannotStart;
import bersaglio.server.files.ClubFiles;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.zip.ZipFile;

/** A database that is open in this process, copied by itself while others go on writing to it. */
record OnlineSnapshot(ClubFiles club) implements Backup.Snapshot {

    @Override
    public void to(Path database) throws IOException {
        Path zipped = ClubFiles.privateFile(database.resolveSibling("snapshot.zip"));
        try (Connection connection = DriverManager.getConnection(club.url(), ClubFiles.OWNER, club.key());
                PreparedStatement backup = connection.prepareStatement("backup to ?")) {
            backup.setString(1, zipped.toString());
            backup.execute();
        } catch (SQLException failure) {
            throw CannotStart.opening(club.folder(), failure);
        }
        try (ZipFile zip = new ZipFile(zipped.toFile());
                InputStream in = zip.getInputStream(zip.getEntry(ClubFiles.DATABASE))) {
            Files.copy(in, database, StandardCopyOption.REPLACE_EXISTING);
        }
        Files.delete(zipped);
    }
}
