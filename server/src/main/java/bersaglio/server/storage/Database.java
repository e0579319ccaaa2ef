package bersaglio.server.storage;

import bersaglio.server.Settings;
import bersaglio.server.backup.Upgrade;
import bersaglio.server.files.CannotStart;
import bersaglio.server.files.ClubFiles;
import bersaglio.server.files.DataFolder;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.locks.LockSupport;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.lookup.AbstractRoutingDataSource;
import org.springframework.stereotype.Component;

/** Everything that only this database understands. */
@Configuration
class Database {

    /** A shot takes some ten statements, which stay parsed. */
    private static final String KEEP_PARSED = ";QUERY_CACHE_SIZE=64";

    /**
     * Without a write delay a killed process loses no committed row; a short retention keeps the file from growing with
     * every commit.
     */
    private static final String OPTIONS = KEEP_PARSED + ";WRITE_DELAY=0;RETENTION_TIME=1000;DB_CLOSE_ON_EXIT=FALSE";

    private static final Logger LOG = LoggerFactory.getLogger(Database.class);
    private static final String READER = "reader";
    private static final int READERS = 8;
    private static final Duration PATIENCE = Duration.ofSeconds(3);
    private static final Duration TRIED_EVERY = Duration.ofMillis(20);

    /** Whose it is: the one connection that may write, to a club with the tables of today. */
    @Bean(destroyMethod = "")
    HikariDataSource ownerSource(DataFolder folder) throws IOException {
        ClubFiles club = folder.files();
        Upgrade upgrade = new Upgrade(club, LOG::info);
        if (!Files.exists(club.database())) {
            upgrade.begin();
        }
        HikariDataSource owner = opened(club);
        int tables = tables(owner, club);
        if (tables > Upgrade.newest()) {
            owner.close();
            throw new CannotStart(
                    "The club in " + club.folder() + " was kept by a later version of Bersaglio. Start that version.");
        }
        if (tables < Upgrade.newest()) {
            owner.close();
            upgrade.from(tables);
            owner = opened(club);
        }
        return owner;
    }

    /**
     * A command that only looks whether a server runs holds the file for a moment: that is waited for. It is asked for by
     * one connection, which is told at once; a pool would wait a second before it said so.
     */
    private static HikariDataSource opened(ClubFiles club) throws IOException {
        long until = System.nanoTime() + PATIENCE.toNanos();
        while (true) {
            try {
                Connection first = DriverManager.getConnection(club.url() + OPTIONS, ClubFiles.OWNER, club.key());
                try {
                    return ready(pool(club, ClubFiles.OWNER, OPTIONS, 1));
                } finally {
                    first.close();
                }
            } catch (SQLException | RuntimeException failure) {
                CannotStart why = doesNotOpen(club, failure);
                if (!why.isInUse() || System.nanoTime() > until) {
                    throw why;
                }
                LockSupport.parkNanos(TRIED_EVERY.toNanos());
            }
        }
    }

    private static HikariDataSource ready(HikariDataSource source) throws SQLException {
        try {
            source.getConnection().close();
            return source;
        } catch (SQLException | RuntimeException failure) {
            source.close();
            throw failure;
        }
    }

    private static CannotStart doesNotOpen(ClubFiles club, Exception failure) {
        return CannotStart.because(failure, club.folder(), "The database in " + club.folder() + " does not open.");
    }

    private static int tables(HikariDataSource owner, ClubFiles club) {
        try (Connection connection = owner.getConnection();
                Statement statement = connection.createStatement();
                ResultSet version = statement.executeQuery(
                        "select max(cast(\"version\" as int)) from \"flyway_schema_history\" where \"success\"")) {
            version.next();
            return version.getInt(1);
        } catch (SQLException | RuntimeException failure) {
            owner.close();
            throw doesNotOpen(club, failure);
        }
    }

    /** Everybody else reads, and the database itself holds them to it. */
    @Bean(destroyMethod = "")
    HikariDataSource readerSource(DataFolder folder, @Qualifier("ownerSource") HikariDataSource owner)
            throws IOException, SQLException {
        ClubFiles club = folder.files();
        try (Connection connection = owner.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("create user if not exists reader password '" + club.key() + "'");
            statement.execute("grant select on schema public to reader");
        }
        return pool(club, READER, KEEP_PARSED, READERS);
    }

    private static HikariDataSource pool(ClubFiles club, String user, String options, int most) throws IOException {
        HikariDataSource source = new HikariDataSource();
        source.setJdbcUrl(club.url() + options);
        source.setUsername(user);
        source.setPassword(club.key());
        source.setMaximumPoolSize(most);
        source.setPoolName(user);
        return source;
    }

    @Bean
    @Primary
    DataSource dataSource(
            @Qualifier("ownerSource") HikariDataSource owner, @Qualifier("readerSource") HikariDataSource reader) {
        AbstractRoutingDataSource source = new AbstractRoutingDataSource() {
            @Override
            protected Object determineCurrentLookupKey() {
                return WriterThread.isCurrent() ? ClubFiles.OWNER : READER;
            }
        };
        source.setTargetDataSources(Map.of(ClubFiles.OWNER, owner, READER, reader));
        return source;
    }

    /** Commits reach the disc, and survive a power cut, only through this. */
    @Component
    static class CheckpointSync implements Disc {

        private static final long MEGABYTE = 1024L * 1024;

        private final JdbcTemplate jdbc;
        private final List<HikariDataSource> pools;
        private final Path folder;
        private final long reserve;

        CheckpointSync(JdbcTemplate jdbc, List<HikariDataSource> pools, DataFolder folder, Settings settings) {
            this.jdbc = jdbc;
            this.pools = pools;
            this.folder = folder.files().folder();
            this.reserve = settings.reserveMegabytes() * MEGABYTE;
        }

        @Override
        public void force() {
            jdbc.execute("CHECKPOINT SYNC");
        }

        @Override
        public void openAgain() {
            pools.forEach(pool -> pool.getHikariPoolMXBean().softEvictConnections());
        }

        @Override
        public boolean hasRoom() {
            try {
                return Files.getFileStore(folder).getUsableSpace() >= reserve;
            } catch (IOException unknown) {
                return true;
            }
        }
    }

    @Component
    static class Closing implements AutoCloseable {

        private final Writer writer;
        private final HikariDataSource owner;
        private final HikariDataSource reader;
        private final ClubFiles club;

        Closing(
                DataFolder folder,
                Writer writer,
                @Qualifier("ownerSource") HikariDataSource owner,
                @Qualifier("readerSource") HikariDataSource reader) {
            this.club = folder.files();
            this.writer = writer;
            this.owner = owner;
            this.reader = reader;
        }

        /** The pools go first: none of their connections outlives the shutdown. */
        @Override
        public void close() throws IOException, SQLException {
            writer.close();
            reader.close();
            owner.close();
            try (Connection last =
                    DriverManager.getConnection(owner.getJdbcUrl(), owner.getUsername(), owner.getPassword())) {
                last.createStatement().execute("SHUTDOWN COMPACT");
            }
            club.closeToOthers();
        }
    }
}
