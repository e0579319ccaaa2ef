package bersaglio.server.backup;

import bersaglio.server.files.CannotStart;
import bersaglio.server.files.ClubFiles;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.function.Consumer;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;

/**
 * Makes the tables of a new club, and raises those of an older one. The database itself leaves a table half-way when it is
 * killed while it changes one, so all of it happens to a copy, which then takes the place of the club by one rename.
 */
public final class Upgrade {

    private static final String ASIDE = ".raising";

    private final ClubFiles club;
    private final Consumer<String> tell;

    public Upgrade(ClubFiles club, Consumer<String> tell) {
        this.club = club;
        this.tell = tell;
    }

    /** The newest version of the tables that this application knows. */
    public static int newest() {
        try {
            return Schema.newest();
        } catch (IOException unreadable) {
            throw new CannotStart("This installation of Bersaglio is not whole. Build it again.", unreadable);
        }
    }

    /** A club that has no tables yet. */
    public void begin() {
        replacing(() -> raised(1, newest(), raised -> {}));
    }

    /**
     * A club that nobody has open, after a backup of it.
     *
     * @throws CannotStart when it cannot be raised; then it is as it was
     */
    public void from(int version) {
        replacing(() -> {
            Path kept = keepBackup(version);
            try (FileChannel held = club.hold()) {
                raised(version + 1, newest(), raised -> Copying.all(held, raised.database(), tell));
            } catch (FlywayException failure) {
                throw new CannotStart(
                        "The club's data could not be brought up to date, and is as it was; a backup of it is in "
                                + kept + ". Go on with the version of Bersaglio that you had before.",
                        failure);
            }
            tell.accept("The club's data is up to date. As it was, it is kept in " + kept + ".");
        });
    }

    private interface Doing {
        void run() throws IOException;
    }

    private interface Beginning {
        void in(ClubFiles raised) throws IOException;
    }

    private void replacing(Doing doing) {
        try {
            doing.run();
        } catch (IOException failure) {
            throw new CannotStart(
                    "The club's data could not be brought up to date (" + CannotStart.reason(failure)
                            + "), and is as it was. Look whether the disc has room.",
                    failure);
        } finally {
            ClubFiles.deleteFolder(club.folder().resolve(ASIDE));
        }
    }

    private void raised(int first, int last, Beginning beginning) throws IOException {
        ClubFiles raised = new ClubFiles(ClubFiles.privateFolder(club.folder().resolve(ASIDE)));
        ClubFiles.privateFile(raised.database());
        beginning.in(raised);
        for (int step = first; step <= last; step++) {
            if (first > 1) {
                tell.accept("Bringing the club's data up to date: step " + (step - first + 1) + " of "
                        + (last - first + 1) + ".");
            }
            Flyway.configure()
                    .dataSource(raised.url(), ClubFiles.OWNER, club.key())
                    .validateOnMigrate(false)
                    .target(Integer.toString(step))
                    .load()
                    .migrate();
        }
        settle(raised);
        Files.move(raised.database(), club.database(), StandardCopyOption.ATOMIC_MOVE);
    }

    /** On disc, before it takes the place of what is there. */
    private void settle(ClubFiles raised) throws IOException {
        try (Connection connection = DriverManager.getConnection(raised.url(), ClubFiles.OWNER, club.key());
                Statement statement = connection.createStatement()) {
            statement.execute("shutdown");
        } catch (SQLException failure) {
            throw CannotStart.opening(club.folder(), failure);
        }
        try (FileChannel channel = FileChannel.open(raised.database(), StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }

    /** An upgrade that was broken off has kept it before. */
    private Path keepBackup(int version) throws IOException {
        Path folder = Files.createDirectories(club.folder().resolve("backups"));
        Path file = folder.resolve("before-tables-" + (version + 1) + ".zip");
        if (!Files.exists(file)) {
            tell.accept("Keeping a backup before the club's data is brought up to date.");
            new Backup(club, tell).make(file);
        }
        return file;
    }
}
