package bersaglio.server.backup;

import bersaglio.server.storage.CannotStart;
import bersaglio.server.storage.ClubFiles;
import bersaglio.server.storage.DataFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/**
 * Raises an older club to the tables of today: after a backup, step by step. Every step can be done again, since a start
 * can be killed between any two statements of it.
 */
@Component
class Migration implements FlywayMigrationStrategy {

    private static final Logger LOG = LoggerFactory.getLogger(Migration.class);

    private final ClubFiles club;

    Migration(DataFolder folder) {
        this.club = folder.files();
    }

    @Override
    public void migrate(Flyway flyway) {
        try {
            MigrationInfo present = flyway.info().current();
            if (present == null) {
                flyway.migrate();
                return;
            }
            int from = Integer.parseInt(present.getVersion().getVersion());
            int to = Schema.newest();
            if (from > to) {
                throw new CannotStart("The club in " + club.folder()
                        + " was kept by a later version of Bersaglio. Start that version.");
            }
            if (from < to) {
                raise(flyway, from, to);
            }
        } catch (FlywayException | IOException failure) {
            throw CannotStart.because(
                    failure, club.folder(), "The club's data in " + club.folder() + " cannot be brought up to date.");
        }
    }

    private void raise(Flyway flyway, int from, int to) throws IOException {
        Path kept = keepBackup(from);
        try {
            for (int step = from + 1; step <= to; step++) {
                LOG.info("Bringing the club's data up to date: step {} of {}.", step - from, to - from);
                Flyway.configure()
                        .configuration(flyway.getConfiguration())
                        .target(Integer.toString(step))
                        .load()
                        .migrate();
            }
        } catch (FlywayException failure) {
            throw new CannotStart(
                    "The club's data could not be brought up to date. It is kept as it was in " + kept
                            + "; the version of Bersaglio that you had before restores it.",
                    failure);
        }
        LOG.info("The club's data is up to date; as it was, it is kept in {}.", kept);
    }

    /** One that was begun and broken off has been kept before. */
    private Path keepBackup(int from) throws IOException {
        Path file = Files.createDirectories(club.folder().resolve("backups"))
                .resolve("before-tables-" + (from + 1) + ".zip");
        if (!Files.exists(file)) {
            LOG.info("Keeping a backup before the club's data is brought up to date.");
            new Backup(club, LOG::info).make(file, new OnlineSnapshot(club));
        }
        return file;
    }
}
